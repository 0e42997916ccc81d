<?php

declare(strict_types=1);

namespace Pensilis\Thermal;

use Pensilis\Numerics\Brent;
use Pensilis\Numerics\RadialMode;
use Pensilis\Vessel\Convection;
use Pensilis\Vessel\Sheet;

/**
 * The section that cools as a true one does and varies only with the distance from its middle: its radius, and the power j of that distance
 * by which its rings grow (1 of a circle, towards 0 of a bar that is long), as shape factors do in the theory of thermal explosion [2].
 *
 * In the middle of both an even excess over the air falls to LATE and to EARLY after the same times, under the same surface conductance U:
 * in a rectangle by the product of its walls [1, section 5.6], in the other by the fundamental term, neither above 1:
 *     Σ Cn e^(−ζn²αt/a²) · Σ Cn e^(−ζn²αt/b²) = C e^(−ζ²αt/R²),  ζn tan ζn = U a/k,  −ζ φ'(ζ)/φ(ζ) = U R/k,  a and b the half sides.
 * Eigenvalues alone make a box too cold, as its ends are felt in its middle later than a rim is; a circle makes a long one too cold near a
 * runaway, as a rim holds more. LATE and EARLY are those that came nearest to the peaks of 19 boxes in three dimensions (docs/model.md).
 * Density, heat capacity and heat of cure stay as they are.
 *
 * [1] F. P. Incropera, D. P. DeWitt, Fundamentals of Heat and Mass Transfer, chapter 5.
 * [2] T. Boddington, P. Gray, D. I. Harvey, Phil. Trans. R. Soc. A 270 (1971) 467.
 */
final readonly class EquivalentSection
{
    private const LATE = 0.17;

    private const EARLY = 0.6;

    private const GREATEST_POWER = 1.4;

    /** Terms of a wall. */
    private const TERMS = 8;

    /** @param float $radius m */
    private function __construct(public float $radius, public float $power, public ?Corner $corner) {}

    public static function circle(float $radius): self
    {
        return new self($radius, 1.0, null);
    }

    /**
     * @param float      $a     half side, m
     * @param float      $b     half side, m
     * @param float      $toAir U, W/(m²·K)
     * @param float      $k     W/(m·K)
     * @param float|null $power j, where it is not to be found
     */
    public static function ofRectangle(float $a, float $b, float $toAir, float $k, ?float $power = null): self
    {
        $biot = $toAir / $k;
        $walls = [self::wall($biot, $a), self::wall($biot, $b)];
        $late = self::whenLeft(self::LATE, ...$walls);
        $radius = fn(float $power): float => Brent::root(
            fn(float $radius): float => self::left($power, $radius, $biot, $late) - log(self::LATE),
            0.25 * min($a, $b),
            8.0 * max($a, $b),
            1e-9,
        );
        $power ??= self::power($radius, self::whenLeft(self::EARLY, ...$walls), $biot);
        $found = $radius($power);
        $rim = 1.0 / (1.0 + 0.5 * $biot * $found);
        $corner = log(self::inCorner(...$walls) / $rim) / log($rim);

        return new self($found, $power, Corner::of($corner, $a * $b / ($a + $b)));
    }

    /**
     * Any other section, through the rectangle of its area and perimeter; one that is rounder than a square lies
     * between the square and the circle by its roundness 4πA/P².
     */
    public static function ofOutline(float $area, float $perimeter, float $toAir, float $k, ?float $power = null): self
    {
        $roundness = min(1.0, 4.0 * M_PI * $area / $perimeter ** 2);
        $square = 0.25 * M_PI;
        if ($roundness <= $square) {
            $sum = 0.25 * $perimeter;
            $spread = sqrt(max(0.0, $sum * $sum - $area));

            return self::ofRectangle(0.5 * ($sum + $spread), 0.5 * ($sum - $spread), $toAir, $k, $power);
        }
        $side = 0.5 * sqrt($area);
        $angular = (1.0 - $roundness) / (1.0 - $square);
        $one = self::ofRectangle($side, $side, $toAir, $k, $power);

        return new self(
            $angular * $one->radius + (1.0 - $angular) * sqrt($area / M_PI),
            $angular * $one->power + (1.0 - $angular),
            $one->corner?->times($angular),
        );
    }

    /** Air and wall in series, W/(m²·K). */
    public static function conductance(?Sheet $wall): float
    {
        $through = $wall === null ? 0.0 : $wall->thickness / $wall->stuff->conductivity;

        return 1.0 / (1.0 / Convection::COEFFICIENT + $through);
    }

    /**
     * The power at which what is left early is right too, or the nearest to it.
     *
     * @param callable(float): float $radius m, by the power
     * @param float                  $early  αt, m²
     */
    private static function power(callable $radius, float $early, float $biot): float
    {
        $miss = fn(float $power): float => self::left($power, $radius($power), $biot, $early) - log(self::EARLY);
        [$long, $round] = [$miss(0.0), $miss(self::GREATEST_POWER)];
        if ($long * $round > 0.0) {
            return abs($long) < abs($round) ? 0.0 : self::GREATEST_POWER;
        }

        return Brent::root($miss, 0.0, self::GREATEST_POWER, 1e-4);
    }

    /**
     * Excess in a corner, where that of the middle is 1, of a rectangle that is warmed evenly: by what is left there of the heat of every
     * moment before, Σ Σ Cn Cm cos ζn cos ζm / (ζn²/a² + ζm²/b²); that of a section warmed so falls to 1/(1 + ½ U R/k) at its rim.
     *
     * @param non-empty-list<array{float, float, float}> $one   of its walls
     * @param non-empty-list<array{float, float, float}> $other
     */
    private static function inCorner(array $one, array $other): float
    {
        [$middle, $corner] = [0.0, 0.0];
        foreach ($one as [$here, $rate, $fall]) {
            foreach ($other as [$there, $its, $falls]) {
                $middle += $here * $there / ($rate + $its);
                $corner += $here * $there * $fall * $falls / ($rate + $its);
            }
        }

        return $corner / $middle;
    }

    /** Logarithm of what is left in the middle after αt, m², by the fundamental term. */
    private static function left(float $power, float $radius, float $biot, float $time): float
    {
        $zeta = RadialMode::eigenvalue($power, $biot * $radius);

        return min(0.0, log(RadialMode::share($power, $zeta)) - ($zeta / $radius) ** 2 * $time);
    }

    /**
     * αt in m² at which so much is left in the middle of a rectangle.
     *
     * @param non-empty-list<array{float, float, float}> $one   of its walls
     * @param non-empty-list<array{float, float, float}> $other
     */
    private static function whenLeft(float $left, array $one, array $other): float
    {
        $over = fn(float $time): float => log(self::leftOf($one, $time) * self::leftOf($other, $time)) - log($left);
        // The fundamental terms alone are met later than this by neither.
        $latest = (log($one[0][0] * $other[0][0]) - log($left)) / min($one[0][1], $other[0][1]);

        return Brent::root($over, 0.0, $latest, 1e-12);
    }

    /** @return non-empty-list<array{float, float, float}> Cn, ζn²/L², 1/m², and cos ζn of a wall of half thickness L */
    private static function wall(float $biot, float $half): array
    {
        return array_map(function (int $n) use ($biot, $half): array {
            $zeta = Brent::root(fn(float $z): float => $z * sin($z) - $biot * $half * cos($z), $n * M_PI, ($n + 0.5) * M_PI, 1e-12);

            return [4.0 * sin($zeta) / (2.0 * $zeta + sin(2.0 * $zeta)), ($zeta / $half) ** 2, cos($zeta)];
        }, range(0, self::TERMS - 1));
    }

    /** @param non-empty-list<array{float, float, float}> $wall */
    private static function leftOf(array $wall, float $time): float
    {
        return array_sum(array_map(fn(array $term): float => $term[0] * exp(-$term[1] * $time), $wall));
    }
}
