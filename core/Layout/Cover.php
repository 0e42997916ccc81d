<?php

declare(strict_types=1);

namespace Pensilis\Layout;

use Pensilis\Geometry\Scatter;
use Pensilis\Geometry\Section;
use Pensilis\Numerics\Intervals;
use Pensilis\Plan\Plan;

/**
 * How much of the plan its objects cover, and how large the largest spot without any is. The share is summed over lines across the plan,
 * exact along each; the spot is the largest circle found about places of a lattice, each object taken as far as it reaches.
 */
final readonly class Cover
{
    private const LINES = 200;

    private const LATTICE = 32;

    private const COARSE = 12;

    private const MOST_WORK = 3200;

    private const HALVINGS = 10;

    /** A spot that is larger by less is as large to any eye, m. */
    private const WORTH = 1e-4;

    private Section $room;

    public function __construct(private Plan $plan)
    {
        $this->room = $plan->vessel->shape->sectionAt($plan->vessel->fill);
    }

    /** 0 to 1 */
    public function share(): float
    {
        [$covered, $all] = [0.0, 0.0];
        for ($n = 0; $n < self::LINES; $n++) {
            $y = $this->room->halfY * ((2.0 * $n + 1.0) / self::LINES - 1.0);
            $inside = $this->room->along(0.0, $y, 1.0, 0.0);
            $under = Intervals::none();
            foreach ($this->plan->inclusions as $one) {
                $foot = $one->solid->footprint();
                foreach ($one->places() as [$px, $py]) {
                    $under = abs($y - $py) < Scatter::reach($foot)
                        ? $under->or(self::moved($foot->along(0.0, $y - $py, 1.0, 0.0), $px))
                        : $under;
                }
            }
            $covered += $inside->and($under)->length();
            $all += $inside->length();
        }

        return $all > 0.0 ? $covered / $all : 0.0;
    }

    /** Across the largest bare spot, m. */
    public function bare(): float
    {
        $best = 0.0;
        // Among very many, spots are small wherever they are.
        $fine = (int) max(self::COARSE, min(self::LATTICE, self::MOST_WORK / max(1, count($this->plan->inclusions))));
        for ($i = 0; $i <= $fine; $i++) {
            for ($j = 0; $j <= $fine; $j++) {
                [$x, $y] = [$this->room->halfX * (2.0 * $i / $fine - 1.0), $this->room->halfY * (2.0 * $j / $fine - 1.0)];
                $free = $this->clearOf($x, $y);
                $best = $free > $best ? max($best, $this->within($x, $y, $best, $free)) : $best;
            }
        }

        return 2.0 * $best;
    }

    /** How far a place is from whatever object is nearest. */
    private function clearOf(float $x, float $y): float
    {
        $free = max($this->room->halfX, $this->room->halfY);
        foreach ($this->plan->inclusions as $one) {
            $reach = Scatter::reach($one->solid->footprint());
            foreach ($one->places() as [$px, $py]) {
                $free = min($free, hypot($x - $px, $y - $py) - $reach);
            }
        }

        return $free;
    }

    /** The largest circle about a place that stays inside the walls, between two radii; the least of them where none does. */
    private function within(float $x, float $y, float $least, float $most): float
    {
        $fits = fn(float $r): bool => $this->room->holds(Section::ellipse($r, $r), $x, $y);
        // Most places are no better than the best so far.
        if (!$fits($least + self::WORTH)) {
            return $least;
        }
        if ($fits($most)) {
            return $most;
        }
        [$low, $high] = [$least, $most];
        for ($n = 0; $n < self::HALVINGS; $n++) {
            $middle = 0.5 * ($low + $high);
            [$low, $high] = $fits($middle) ? [$middle, $high] : [$low, $middle];
        }

        return $low;
    }

    private static function moved(Intervals $some, float $by): Intervals
    {
        return array_reduce(
            $some->spans,
            fn(Intervals $all, array $span): Intervals => $all->or(Intervals::between($span[0] + $by, $span[1] + $by)),
            Intervals::none(),
        );
    }
}
