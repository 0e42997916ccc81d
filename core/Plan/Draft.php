<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Layering\Diagnosis;
use Pensilis\Layering\LayerSearch;
use Pensilis\Layering\Obstacle;
use Pensilis\Layering\Wish;
use Pensilis\Quantity\Figure;

/** Pours and places before any heat: those the plan gives, else the fewest that hold every object; or why not. */
final readonly class Draft
{
    /** A plan file holds no more. */
    private const MOST_POURS = 40;

    /** @param list<Notice> $reasons why there is no layout */
    private function __construct(public ?Layout $layout, public array $reasons) {}

    /** @param float|null $deepest m, a greatest depth below the plan's own */
    public static function of(Plan $plan, ?float $deepest = null): self
    {
        return $plan->pours === [] ? self::found($plan, $deepest) : new self(Layout::given($plan), []);
    }

    /** Pours that are searched for, whatever the plan gives. */
    public static function found(Plan $plan, ?float $deepest = null): self
    {
        $wishes = $plan->wishes();
        $least = $plan->resin()->sheet->leastPour;
        $greatest = max($least, min($plan->greatestPour(), $deepest ?? INF));
        $fill = $plan->vessel->fill;
        if ($fill > self::MOST_POURS * $greatest) {
            return self::tooMany($plan, $greatest);
        }
        $layers = (new LayerSearch(
            Wish::micrometres($fill),
            Wish::micrometres($least),
            Wish::micrometres($greatest),
            $wishes,
        ))->find();
        if ($layers !== null) {
            return $layers->count() > self::MOST_POURS ? self::tooMany($plan, $greatest) : new self(Layout::found($plan, $layers), []);
        }
        $diagnosis = new Diagnosis($fill, $least, $greatest, $plan->resin()->density, $wishes);

        return new self(null, array_map(fn(Obstacle $one): Notice => self::notice($plan, $one), $diagnosis->obstacles()));
    }

    /** @return list<Notice> what is wrong before any heat */
    public function notices(Plan $plan): array
    {
        return $this->layout === null ? $this->reasons : [...(new LayoutJudge($plan, $this->layout))->notices(), ...(new SetupJudge($plan, $this->layout))->notices(), ...(new ColourJudge($plan, $this->layout))->notices()];
    }

    private static function tooMany(Plan $plan, float $greatest): self
    {
        return new self(null, [new Notice('too-many-pours', sprintf(
            'Filling %s mm takes more than %d pours of at most %s mm; use a resin that may be poured deeper, or check the height.',
            Figure::short(1e3 * $plan->vessel->fill, 1),
            self::MOST_POURS,
            Figure::short(1e3 * $greatest, 1),
        ), '/vessel')]);
    }

    private static function notice(Plan $plan, Obstacle $obstacle): Notice
    {
        $pointer = $obstacle->objects === [] ? '/vessel' : $plan->pointerTo($obstacle->objects[0]);
        $mend = null;
        if ($obstacle->betterTarget !== null) {
            $mm = round(1e3 * $obstacle->betterTarget, 3);
            $mend = new Mend(
                sprintf('Set “%s” at %s mm', $obstacle->objects[0], Figure::short($mm, 1)),
                "{$pointer}/target_bottom_mm",
                $mm,
            );
        } elseif ($obstacle->code === 'floats-off') {
            $mend = new Mend('Hang it from a thread', "{$pointer}/hold", 'hang');
        }

        return new Notice($obstacle->code, $obstacle->message, $pointer, $mend);
    }
}
