<?php

declare(strict_types=1);

namespace Pensilis\Numerics;

use InvalidArgumentException;

/**
 * Monotone piecewise cubic interpolation: never leaves the range of two neighbours, slope continuous.
 *
 * Slopes by the weighted harmonic mean of the neighbouring secants, nought where they change sign; three-point
 * end slopes, limited to keep the shape [1, 2].
 *
 * [1] F. N. Fritsch, R. E. Carlson, SIAM J. Numer. Anal. 17 (1980) 238.  [2] F. N. Fritsch, J. Butland, SIAM J. Sci. Stat.
 * Comput. 5 (1984) 300.
 *
 * Invariant: at least two points; abscissae strictly increase. Held beyond its ends.
 */
final readonly class Pchip
{
    /**
     * @param non-empty-list<float> $x
     * @param non-empty-list<float> $y
     * @param list<float>           $slope
     */
    private function __construct(private array $x, private array $y, private array $slope) {}

    /** @param list<array{float, float}> $points */
    public static function through(array $points): self
    {
        [$x, $y] = [array_column($points, 0), array_column($points, 1)];
        $n = count($x);
        if ($n < 2 || $x === [] || $y === []) {
            throw new InvalidArgumentException('A curve needs at least two points.');
        }
        [$width, $secant] = [[], []];
        for ($i = 0; $i < $n - 1; $i++) {
            $width[] = $x[$i + 1] - $x[$i] > 0.0
                ? $x[$i + 1] - $x[$i]
                : throw new InvalidArgumentException("Point {$i} does not lie before the next.");
            $secant[] = ($y[$i + 1] - $y[$i]) / $width[$i];
        }
        if ($n === 2) {
            return new self($x, $y, [$secant[0], $secant[0]]);
        }
        $slope = [self::endSlope($width[0], $width[1], $secant[0], $secant[1])];
        for ($i = 1; $i < $n - 1; $i++) {
            [$before, $after] = [2.0 * $width[$i] + $width[$i - 1], $width[$i] + 2.0 * $width[$i - 1]];
            $slope[] = $secant[$i - 1] * $secant[$i] <= 0.0 ? 0.0
                : ($before + $after) / ($before / $secant[$i - 1] + $after / $secant[$i]);
        }
        $slope[] = self::endSlope($width[$n - 2], $width[$n - 3], $secant[$n - 2], $secant[$n - 3]);

        return new self($x, $y, $slope);
    }

    public function at(float $x): float
    {
        [$i, $h, $t] = $this->place($x);
        [$s, $u] = [1.0 - $t, $t];

        return $this->y[$i] * (1.0 + 2.0 * $u) * $s * $s + $this->y[$i + 1] * (1.0 + 2.0 * $s) * $u * $u
            + $h * ($this->slope[$i] * $u * $s * $s - $this->slope[$i + 1] * $s * $u * $u);
    }

    public function slopeAt(float $x): float
    {
        [$i, $h, $t] = $this->place($x);

        return 6.0 * $t * (1.0 - $t) * ($this->y[$i + 1] - $this->y[$i]) / $h
            + $this->slope[$i] * (1.0 - $t) * (1.0 - 3.0 * $t) + $this->slope[$i + 1] * $t * (3.0 * $t - 2.0);
    }

    /** @return array{int, float, float} interval, its width, place in it from 0 to 1 */
    private function place(float $x): array
    {
        $last = count($this->x) - 2;
        $i = 0;
        while ($i < $last && $x > $this->x[$i + 1]) {
            $i++;
        }
        $width = $this->x[$i + 1] - $this->x[$i];

        return [$i, $width, min(1.0, max(0.0, ($x - $this->x[$i]) / $width))];
    }

    private static function endSlope(float $near, float $far, float $nearSecant, float $farSecant): float
    {
        $slope = ((2.0 * $near + $far) * $nearSecant - $near * $farSecant) / ($near + $far);
        if ($slope * $nearSecant <= 0.0) {
            return 0.0;
        }

        return $nearSecant * $farSecant <= 0.0 && abs($slope) > 3.0 * abs($nearSecant) ? 3.0 * $nearSecant : $slope;
    }
}
