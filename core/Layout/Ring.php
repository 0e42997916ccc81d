<?php

declare(strict_types=1);

namespace Pensilis\Layout;

use Pensilis\Numerics\Intervals;

/**
 * Where the middles of things of one width go on a circle round the middle of a vessel, from a stated start and with equal gaps: so many
 * of them, or as many as there is room for beside what lies there already. Metres; angles in radians, from the right over the back.
 */
final readonly class Ring
{
    /** Radians by which a count that is whole but for rounding may fall short. */
    private const ROUNDING = 1e-9;

    /** @param float $first angle of the first of them */
    public function __construct(private float $radius, private float $first) {}

    /** The radius on which so many lie with a gap between neighbours: the circle about a regular polygon whose side is width and gap. */
    public static function radiusFor(int $count, float $wide, float $gap): float
    {
        return $count < 2 ? 0.0 : 0.5 * ($wide + $gap) / sin(M_PI / $count);
    }

    /** @return list<array{float, float}> all as far apart */
    public function even(int $count): array
    {
        return $this->places(array_map(fn(int $n): float => 2.0 * M_PI * $n / $count, range(0, max(1, $count) - 1)));
    }

    /**
     * As many as fit with a gap of at least so much to their neighbours and to all others; gaps between two others are equal.
     *
     * @param list<array{float, float, float}> $others right of and behind the middle, and how far each reaches
     *
     * @return list<array{float, float}> none where there is no room
     */
    public function filled(float $wide, float $gap, array $others): array
    {
        $half = 0.5 * ($wide + $gap) / $this->radius;
        if ($half >= 1.0) {
            return [];
        }
        $step = 2.0 * asin($half);
        $turn = Intervals::between(0.0, 2.0 * M_PI);
        $free = $turn->without($this->taken($others, 0.5 * $wide + $gap));
        if ($free->spans === $turn->spans) {
            return $this->even(max(1, (int) floor(2.0 * M_PI / $step + self::ROUNDING)));
        }
        $angles = [];
        foreach (self::joined($free->spans) as [$from, $to]) {
            $more = (int) floor(($to - $from) / $step + self::ROUNDING);
            for ($n = 0; $n <= $more; $n++) {
                $angles[] = $more === 0 ? 0.5 * ($from + $to) : $from + $n * ($to - $from) / $more;
            }
        }

        return $this->places($angles);
    }

    /**
     * The angles at which a middle would come too near to one of them, from the first on.
     *
     * @param list<array{float, float, float}> $others
     */
    private function taken(array $others, float $apart): Intervals
    {
        $taken = Intervals::none();
        foreach ($others as [$x, $y, $reach]) {
            [$far, $near] = [hypot($x, $y), $reach + $apart];
            if (abs($far - $this->radius) >= $near) {
                continue;
            }
            // Law of cosines in the triangle of the two middles and that of the vessel.
            $cos = $far > 0.0 ? ($this->radius ** 2 + $far ** 2 - $near ** 2) / (2.0 * $this->radius * $far) : -1.0;
            $wide = acos(max(-1.0, min(1.0, $cos)));
            $at = fmod(fmod(atan2($y, $x) - $this->first, 2.0 * M_PI) + 2.0 * M_PI, 2.0 * M_PI);
            foreach ([-2.0 * M_PI, 0.0, 2.0 * M_PI] as $round) {
                $taken = $taken->or(Intervals::between($at + $round - $wide, $at + $round + $wide));
            }
        }

        return $taken;
    }

    /**
     * What ends where the turn ends goes on where it begins.
     *
     * @param list<array{float, float}> $spans
     *
     * @return list<array{float, float}>
     */
    private static function joined(array $spans): array
    {
        $last = count($spans) - 1;
        if ($last > 0 && $spans[0][0] <= 0.0 && $spans[$last][1] >= 2.0 * M_PI) {
            $spans[0][0] = $spans[$last][0] - 2.0 * M_PI;
            array_pop($spans);
        }

        return $spans;
    }

    /**
     * @param list<float> $angles from the first
     *
     * @return list<array{float, float}>
     */
    private function places(array $angles): array
    {
        return array_map(
            fn(float $angle): array => [$this->radius * cos($this->first + $angle), $this->radius * sin($this->first + $angle)],
            $angles,
        );
    }
}
