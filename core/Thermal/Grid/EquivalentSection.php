<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Grid;

use Pensilis\Geometry\Section;
use Pensilis\Numerics\Brent;
use Pensilis\Numerics\RadialMode;

/**
 * The section that cools as a true one does and varies only with the distance from its middle: its radius, and the power j of that
 * distance by which its rings grow (1 of a circle, towards 0 of a bar that is long), as shape factors do in the theory of thermal
 * explosion [1].
 *
 * In the middle of both an even excess over the air falls to Decay's late and early share after the same times, each within its jacket;
 * here by the fundamental term, never above 1: C e^(−ζ²αt/R²), −ζ φ'(ζ)/φ(ζ) = U R/k.
 * Eigenvalues alone make a box too cold, as its ends are felt in its middle later than a rim is; a circle makes a long one too cold near a
 * runaway, as a rim holds more. Density, heat capacity and heat of cure stay as they are.
 *
 * [1] T. Boddington, P. Gray, D. I. Harvey, Phil. Trans. R. Soc. A 270 (1971) 467.
 */
final readonly class EquivalentSection
{
    private const GREATEST_POWER = 1.4;

    /** What is less round than that, 4πA/P², is a strip, straight or bent, and cools as a rectangle does; polynomials follow it badly. */
    private const SLENDER = 0.3;

    /** Of the radius of equal area, between which that of what stands for it lies: of a sliver, and of what is well insulated. */
    private const LEAST = 1e-3;

    private const MOST = 20.0;

    /** @param float $radius m */
    private function __construct(public float $radius, public float $power, public ?Corner $corner) {}

    public static function circle(float $radius): self
    {
        return new self($radius, 1.0, null);
    }

    /**
     * @param float      $k     W/(m·K)
     * @param float|null $power j, where it is not to be found
     */
    public static function of(Section $section, Jacket $jacket, float $k, ?float $power = null): self
    {
        [$area, $perimeter] = [$section->area(), $section->perimeter()];
        if ($section->isCircle()) {
            return self::circle(sqrt($area / M_PI));
        }
        // Of the rectangle of that area and perimeter, or a square.
        $spread = sqrt(max(0.0, $perimeter ** 2 - 16.0 * $area));
        [$half, $long, $roundness] = [0.125 * ($perimeter - $spread), 0.125 * ($perimeter + $spread), 4.0 * M_PI * $area / $perimeter ** 2];
        $isRectangle = $section->isRectangle() || (!$section->round && $roundness < self::SLENDER);
        $decay = $isRectangle
            ? Decay::ofRectangle($half, $long, $jacket, $k)
            : SectionModes::decay($section, $jacket, $k);
        $equal = sqrt($area / M_PI);
        $radius = fn(float $power): float => Brent::root(
            fn(float $radius): float => self::left($power, $radius, $jacket, $k, $decay->late) - log(Decay::LATE),
            self::LEAST * $equal,
            self::MOST * $equal,
            1e-9,
        );
        $power ??= self::power(fn(float $power): float => self::left($power, $radius($power), $jacket, $k, $decay->early));
        $found = $radius($power);
        // What is warmed evenly falls so far to its rim.
        $rim = 1.0 / (1.0 + 0.5 * $jacket->around($found, $power) / $k * $found);

        // What is rounder than a square has less of a corner.
        $angular = min(1.0, (1.0 - $roundness) / (1.0 - M_PI_4));

        return new self($found, $power, Corner::of(log($decay->corner / $rim) / log($rim), $angular * $half));
    }

    /**
     * The power at which what is left early is right too, or the nearest to it.
     *
     * @param callable(float): float $left early, by the power; its logarithm
     */
    private static function power(callable $left): float
    {
        $miss = fn(float $power): float => $left($power) - log(Decay::EARLY);
        [$long, $round] = [$miss(0.0), $miss(self::GREATEST_POWER)];
        if ($long * $round > 0.0) {
            return abs($long) < abs($round) ? 0.0 : self::GREATEST_POWER;
        }

        return Brent::root($miss, 0.0, self::GREATEST_POWER, 1e-4);
    }

    /** Logarithm of what is left in the middle after αt, m², by the fundamental term. */
    private static function left(float $power, float $radius, Jacket $jacket, float $k, float $time): float
    {
        $zeta = RadialMode::eigenvalue($power, $jacket->around($radius, $power) / $k * $radius);

        return min(0.0, log(RadialMode::share($power, $zeta)) - ($zeta / $radius) ** 2 * $time);
    }
}
