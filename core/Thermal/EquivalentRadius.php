<?php

declare(strict_types=1);

namespace Pensilis\Thermal;

use Pensilis\Numerics\Bessel;
use Pensilis\Numerics\Brent;
use Pensilis\Vessel\Convection;
use Pensilis\Vessel\Sheet;

/**
 * The radius of the round block that cools as slowly as a rectangular one.
 *
 * In the middle of both a tenth of an even excess over the air is left after the same time, under the same surface conductance U, by the
 * fundamental terms of the product solution [1, tables 5.1 and section 5.8], none of which is above 1:
 *     Ca e^(−ζa²αt/a²) · Cb e^(−ζb²αt/b²) = CR e^(−ζR²αt/R²),  ζ tan ζ = U a/k,  ζ J1(ζ)/J0(ζ) = U R/k,  a and b the half sides,
 *     C = 4 sin ζ/(2ζ + sin 2ζ) of a wall, 2 J1(ζ)/(ζ (J0² + J1²)) of a cylinder.
 * Equal eigenvalues alone make a box too cold, as its ends are felt in its middle later than a rim is. Density, heat capacity and heat of
 * cure stay as they are.
 *
 * [1] F. P. Incropera, D. P. DeWitt, Fundamentals of Heat and Mass Transfer, chapter 5.
 */
final class EquivalentRadius
{
    private const LEFT = 0.1;

    /** Air and wall in series, W/(m²·K). */
    public static function conductance(?Sheet $wall): float
    {
        $through = $wall === null ? 0.0 : $wall->thickness / $wall->stuff->conductivity;

        return 1.0 / (1.0 / Convection::COEFFICIENT + $through);
    }

    /**
     * @param float $a half side, m
     * @param float $b half side, m
     */
    public static function ofRectangle(float $a, float $b, float $conductance, float $conductivity): float
    {
        $biot = $conductance / $conductivity;
        [[$rateA, $fromA], [$rateB, $fromB], $left] = [self::wall($biot, $a), self::wall($biot, $b), log(self::LEFT)];
        // Both fall from a moment on; αt in m².
        $fallen = fn(float $time): float => min(0.0, $fromA - $rateA * $time) + min(0.0, $fromB - $rateB * $time) - $left;
        $time = Brent::root($fallen, 0.0, ($fromA + $fromB - $left) / min($rateA, $rateB), 1e-12);
        $excess = function (float $radius) use ($biot, $time, $left): float {
            $zeta = self::round($biot * $radius);
            [$j0, $j1] = [Bessel::j0($zeta), Bessel::j1($zeta)];

            return log(2.0 * $j1 / ($zeta * ($j0 * $j0 + $j1 * $j1))) - ($zeta / $radius) ** 2 * $time - $left;
        };

        return Brent::root($excess, 0.25 * min($a, $b), 8.0 * max($a, $b), 1e-9);
    }

    /** @return array{float, float} how fast the logarithm of the excess in the middle of a wall falls, 1/m² of αt, and where it begins */
    private static function wall(float $biot, float $half): array
    {
        $zeta = self::plane($biot * $half);

        return [($zeta / $half) ** 2, log(4.0 * sin($zeta) / (2.0 * $zeta + sin(2.0 * $zeta)))];
    }

    /**
     * How much more the excess over the air falls from the middle to a corner of the rectangle than to the rim of that round block, as a
     * power of the latter: by the product solution it falls to cos ζa cos ζb where that falls to J0(ζR) [1]. Both logarithms go with the
     * square of ζ while the fall is slight, so that the power holds for flatter profiles than the fundamental one too.
     *
     * @param float $a half side, m
     * @param float $b half side, m
     */
    public static function corner(float $a, float $b, float $conductance, float $conductivity): float
    {
        $biot = $conductance / $conductivity;
        $rim = Bessel::j0(self::round($biot * self::ofRectangle($a, $b, $conductance, $conductivity)));

        return log(cos(self::plane($biot * $a)) * cos(self::plane($biot * $b)) / $rim) / log($rim);
    }

    /**
     * Any other section, through the rectangle of its area and perimeter; one that is rounder than a square lies
     * between the square and the circle by its roundness 4πA/P².
     */
    public static function ofOutline(float $area, float $perimeter, float $conductance, float $conductivity): float
    {
        $roundness = 4.0 * M_PI * $area / $perimeter ** 2;
        $square = 0.25 * M_PI;
        if ($roundness <= $square) {
            $sum = 0.25 * $perimeter;
            $spread = sqrt(max(0.0, $sum * $sum - $area));

            return self::ofRectangle(0.5 * ($sum + $spread), 0.5 * ($sum - $spread), $conductance, $conductivity);
        }
        $side = 0.5 * sqrt($area);
        $share = ($roundness - $square) / (1.0 - $square);

        return (1.0 - $share) * self::ofRectangle($side, $side, $conductance, $conductivity) + $share * sqrt($area / M_PI);
    }

    /** First root of ζ tan ζ = Bi. */
    public static function plane(float $biot): float
    {
        return Brent::root(fn(float $z): float => $z * sin($z) - $biot * cos($z), 0.0, 0.5 * M_PI, 1e-12);
    }

    /** First root of ζ J1(ζ) = Bi J0(ζ). */
    public static function round(float $biot): float
    {
        return Brent::root(
            fn(float $z): float => $z * Bessel::j1($z) - $biot * Bessel::j0($z),
            0.0,
            Bessel::FIRST_ZERO_J0,
            1e-12,
        );
    }
}
