<?php

declare(strict_types=1);

namespace Pensilis\Numerics;

/**
 * Bessel functions of the first kind, orders 0 and 1, for real argument by their power series.
 *
 * J_n(x) = Σ (−1)^k (x/2)^{2k+n} / (k! (k+n)!). With arguments up to 12 the largest term is below 1e5, so
 * the sum keeps about ten digits; larger arguments do not occur here (first eigenvalues stay below 2.405).
 *
 * [1] Abramowitz & Stegun, Handbook of Mathematical Functions, 1964, 9.1.10.
 */
final class Bessel
{
    public const FIRST_ZERO_J0 = 2.404825557695773;

    public static function j0(float $x): float
    {
        return self::series($x, 0);
    }

    public static function j1(float $x): float
    {
        return self::series($x, 1);
    }

    private static function series(float $x, int $order): float
    {
        $term = $order === 0 ? 1.0 : 0.5 * $x;
        $sum = $term;
        $square = -0.25 * $x * $x;
        for ($k = 1; $k < 60 && abs($term) > 1e-17 * abs($sum); $k++) {
            $term *= $square / ($k * ($k + $order));
            $sum += $term;
        }

        return $sum;
    }
}
