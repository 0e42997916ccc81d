<?php

declare(strict_types=1);

namespace Pensilis\Layout;

use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Finding\Mend;
use Pensilis\Layering\Diagnosis;
use Pensilis\Layering\Layers;
use Pensilis\Layering\LayerSearch;
use Pensilis\Layering\Obstacle;
use Pensilis\Layering\Pin;
use Pensilis\Layering\Wish;
use Pensilis\Material\Hold;
use Pensilis\Plan\Plan;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\Number;

/** Pours and places before any heat: those the plan gives, else the fewest that hold every object; or why not. */
final readonly class Draft
{
    /** A plan file holds no more. */
    private const MOST_POURS = 40;

    /** @param list<Finding> $reasons why there is no layout */
    private function __construct(public ?Layout $layout, public array $reasons) {}

    public static function of(Plan $plan): self
    {
        if ($plan->pours !== []) {
            return new self(Layout::given($plan), []);
        }
        [$first, $best] = [null, null];
        foreach (array_keys($plan->resins) as $id) {
            $way = $plan->pouredWith((string) $id);
            $draft = self::found($way);
            $first ??= $draft;
            $draft = $draft->layout === null ? self::found($way->pressedDown()) : $draft;
            if ($draft->layout !== null && ($best === null || count($draft->layout->pours) < count($best->layout->pours ?? []))) {
                $best = $draft;
            }
        }

        return $best ?? $first;
    }

    /** Whether there are any layers, of one of its resins. */
    public static function holds(Plan $plan): bool
    {
        foreach (array_keys($plan->resins) as $id) {
            $way = $plan->pouredWith((string) $id);
            if (self::within($way, INF) !== null || self::within($way->pressedDown(), INF) !== null) {
                return true;
            }
        }

        return false;
    }

    /** Pours that are searched for with one resin, whatever the plan gives. */
    public static function found(Plan $plan): self
    {
        $least = $plan->resin()->sheet->leastPour;
        $greatest = max($least, $plan->greatestPour());
        $fill = $plan->vessel->fill;
        if ($fill > self::MOST_POURS * $greatest) {
            return self::tooMany($plan, $greatest);
        }
        $layers = self::search($plan, $least, $greatest, $plan->pins);
        if ($layers !== null) {
            return $layers->count() > self::MOST_POURS ? self::tooMany($plan, $greatest) : new self(Layout::found($plan, $layers), []);
        }
        if ($plan->pins !== [] && self::search($plan, $least, $greatest, []) !== null) {
            return new self(null, [Finding::of(Code::PinsLeaveNoRoom, '/layering/pinned', [
                'least' => Length::metres($least), 'greatest' => Length::metres($greatest),
            ])]);
        }
        $diagnosis = new Diagnosis($fill, $least, $greatest, $plan->resin()->density, $plan->wishes());

        return new self(null, array_map(fn(Obstacle $one): Finding => self::finding($plan, $one), $diagnosis->obstacles()));
    }

    /**
     * Pours of one resin none of which is deeper than that, without a word why there are none.
     *
     * @param bool $truest with all objects as near to where they are wanted as can be, in however many
     */
    public static function within(Plan $plan, float $deepest, bool $truest = false): ?Layout
    {
        $least = $plan->resin()->sheet->leastPour;
        $greatest = max($least, min($plan->greatestPour(), $deepest));
        $layers = $plan->vessel->fill > self::MOST_POURS * $greatest
            ? null : self::search($plan, $least, $greatest, $plan->pins, $truest);

        return $layers === null || $layers->count() > self::MOST_POURS ? null : Layout::found($plan, $layers);
    }

    /** @param list<Pin> $pins */
    private static function search(Plan $plan, float $least, float $greatest, array $pins, bool $truest = false): ?Layers
    {
        return (new LayerSearch(
            Wish::micrometres($plan->vessel->fill),
            Wish::micrometres($least),
            Wish::micrometres($greatest),
            $plan->wishes(),
            $pins,
            $truest,
        ))->find();
    }

    private static function tooMany(Plan $plan, float $greatest): self
    {
        return new self(null, [Finding::of(Code::TooManyPours, '/vessel', [
            'fill'     => Length::metres($plan->vessel->fill),
            'most'     => Number::count(self::MOST_POURS),
            'greatest' => Length::metres($greatest),
        ])]);
    }

    private static function finding(Plan $plan, Obstacle $obstacle): Finding
    {
        $pointer = $obstacle->objects === [] ? '/vessel' : $plan->pointerTo($obstacle->objects[0]);
        [$quantities, $mend] = [$obstacle->quantities, null];
        if ($obstacle->betterTarget !== null) {
            $quantities['better'] = Length::metres($obstacle->betterTarget);
            $mend = new Mend("{$pointer}/target_bottom_mm", round(1e3 * $obstacle->betterTarget, 3));
        } elseif ($obstacle->code === Code::FloatsOffAnyPour) {
            $mend = new Mend("{$pointer}/hold", Hold::Hang->value);
        }

        return Finding::of($obstacle->code, $pointer, $quantities, [
            'object' => $obstacle->objects[0] ?? '', 'other' => $obstacle->objects[1] ?? '', 'objects' => $obstacle->objects,
        ], $mend);
    }
}
