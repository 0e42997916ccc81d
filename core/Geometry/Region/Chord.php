<?php

declare(strict_types=1);

namespace Pensilis\Geometry\Region;

use Pensilis\Numerics\Intervals;

/**
 * Where a straight line runs inside plain figures, closed form. Lines go through (x, y) with a direction of length 1; metres along them.
 */
final readonly class Chord
{
    public static function ofDisc(float $middleX, float $middleY, float $radius, float $x, float $y, float $dx, float $dy): Intervals
    {
        [$fromX, $fromY] = [$x - $middleX, $y - $middleY];
        $nearest = -($fromX * $dx + $fromY * $dy);
        $square = $radius * $radius - ($fromX * $dy - $fromY * $dx) ** 2;

        return $square <= 0.0 ? Intervals::none() : Intervals::between($nearest - sqrt($square), $nearest + sqrt($square));
    }

    /**
     * Between two parallel lines.
     *
     * @param float $here where (x, y) lies across them
     * @param float $rate how fast the line goes across them, −1 to 1
     */
    public static function ofStrip(float $here, float $rate, float $from, float $to): Intervals
    {
        if (abs($rate) < 1e-12) {
            return $here >= $from && $here <= $to ? Intervals::between(-Band::FAR, Band::FAR) : Intervals::none();
        }
        $ends = [($from - $here) / $rate, ($to - $here) / $rate];

        return Intervals::between(min($ends), max($ends));
    }
}
