<?php

declare(strict_types=1);

namespace Pensilis\Layout;

use Generator;
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
use Pensilis\Plan\PinnedPour;
use Pensilis\Plan\Plan;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\Number;
use Pensilis\Resin\Resin;

/**
 * Pours and places before any heat: those the plan gives, else the fewest that hold every object, of the resin of which they are fewest or
 * of several; or why there are none. It takes milliseconds, so that a drawing follows the hand; heat may ask for thinner ones later.
 */
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
        $fewest = self::fewest($plan);

        return $fewest === null ? self::found($plan->pouredWith((string) array_key_first($plan->resins))) : new self($fewest, []);
    }

    /** The fewest pours of any of its resins or of several, without a word why there are none; whatever the plan gives. */
    public static function fewest(Plan $plan): ?Layout
    {
        $best = null;
        foreach (self::each($plan) as $layout) {
            $best = $best === null || count($layout->pours) < count($best->pours) ? $layout : $best;
        }

        return $best;
    }

    /** Whether there are any. */
    public static function holds(Plan $plan): bool
    {
        return self::each($plan)->valid();
    }

    /** @return Generator<int, Layout> of each resin, with what floats pressed down where it must be, then of several */
    private static function each(Plan $plan): Generator
    {
        foreach (array_keys($plan->resins) as $id) {
            $way = $plan->pouredWith((string) $id);
            $layout = self::within($way, INF) ?? self::within($way->pressedDown(), INF);
            if ($layout !== null) {
                yield $layout;
            }
        }
        $any = $plan->pouredWithAny();
        $layout = $any->mixesResins() ? self::within($any, INF) : null;
        if ($layout !== null) {
            yield $layout;
        }
    }

    /** Pours that are searched for with one resin, or without a word why there are none with each of another; whatever the plan gives. */
    public static function found(Plan $plan): self
    {
        if ($plan->mixesResins()) {
            return new self(self::within($plan, INF), []);
        }
        $layers = self::layers($plan, INF);
        $depths = self::depths($plan, INF);
        [[$least, $greatest], $fill] = [$depths[0], $plan->vessel->fill];
        if ($fill > self::MOST_POURS * $greatest || $layers?->count() > self::MOST_POURS) {
            return self::tooMany($plan, $greatest);
        }
        if ($layers !== null) {
            return new self(Layout::found($plan, $layers), []);
        }
        if ($plan->pins !== [] && self::search($plan, $depths, []) !== null) {
            return new self(null, [Finding::of(Code::PinsLeaveNoRoom, '/layering/pinned', [
                'least' => Length::metres($least), 'greatest' => Length::metres($greatest),
            ])]);
        }
        $diagnosis = new Diagnosis($fill, $least, $greatest, $plan->resin()->density, $plan->wishes());

        return new self(null, array_map(fn(Obstacle $one): Finding => self::finding($plan, $one), $diagnosis->obstacles()));
    }

    /**
     * Pours none of which is deeper than that, without a word why there are none.
     *
     * @param bool $truest with all objects as near to where they are wanted as can be, in however many
     */
    public static function within(Plan $plan, float $deepest, bool $truest = false): ?Layout
    {
        $layers = self::layers($plan, $deepest, $truest);

        return $layers === null || $layers->count() > self::MOST_POURS ? null : Layout::found($plan, $layers);
    }

    /** So many pours there are at the least, of whatever resin, before any heat; null where there are none. */
    public static function bound(Plan $plan): ?int
    {
        $bounds = [];
        foreach ([...array_map(strval(...), array_keys($plan->resins)), null] as $id) {
            $way = $id === null ? $plan->pouredWithAny() : $plan->pouredWith($id);
            $bounds[] = (self::layers($way, INF) ?? self::layers($way->pressedDown(), INF))?->bound;
        }
        $bounds = array_filter($bounds, is_int(...));

        return $bounds === [] ? null : min($bounds);
    }

    private static function layers(Plan $plan, float $deepest, bool $truest = false): ?Layers
    {
        $depths = self::depths($plan, $deepest);

        return $plan->vessel->fill > self::MOST_POURS * max(array_column($depths, 1))
            ? null : self::search($plan, $depths, array_map(fn(PinnedPour $one): Pin => $one->pin, $plan->pins), $truest);
    }

    /** @return non-empty-list<array{float, float}> least and greatest of each resin that may be poured, m */
    private static function depths(Plan $plan, float $deepest): array
    {
        return array_map(
            fn(Resin $one): array => [$one->sheet->leastPour, max($one->sheet->leastPour, min($plan->greatestPour($one), $deepest))],
            $plan->pourable(),
        );
    }

    /**
     * @param non-empty-list<array{float, float}> $depths least and greatest of each resin, m
     * @param list<Pin>                           $pins
     */
    private static function search(Plan $plan, array $depths, array $pins, bool $truest = false): ?Layers
    {
        $depths = array_map(fn(array $one): array => [Wish::micrometres($one[0]), Wish::micrometres($one[1])], $depths);

        return (new LayerSearch(
            Wish::micrometres($plan->vessel->fill),
            $depths[0][0],
            $depths[0][1],
            $plan->wishes(),
            $pins,
            $truest,
            array_slice($depths, 1),
            $plan->wholeCoats(),
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
