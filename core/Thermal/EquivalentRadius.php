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
 * Equal fundamental eigenvalues under the same surface conductance U [1, tables 5.1]:
 *     (ζa/a)² + (ζb/b)² = (ζR/R)²,  ζ tan ζ = U a/k,  ζ J1(ζ)/J0(ζ) = U R/k,  a and b the half sides.
 * Density, heat capacity and heat of cure stay as they are.
 *
 * [1] F. P. Incropera, D. P. DeWitt, Fundamentals of Heat and Mass Transfer, chapter 5.
 */
final class EquivalentRadius
{
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
        $wanted = (self::plane($biot * $a) / $a) ** 2 + (self::plane($biot * $b) / $b) ** 2;
        $excess = fn(float $radius): float => (self::round($biot * $radius) / $radius) ** 2 - $wanted;

        return Brent::root($excess, 0.25 * min($a, $b), 8.0 * max($a, $b), 1e-9);
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
