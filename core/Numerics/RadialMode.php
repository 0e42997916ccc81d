<?php

declare(strict_types=1);

namespace Pensilis\Numerics;

/**
 * What x^j weighs: the solution of (x^j φ')' + x^j φ = 0 with φ(0) = 1, for real argument by its power series.
 *
 * φ(x) = ₀F₁(; ½(j + 1); −x²/4) = Σ (−x²/4)^k / (k! (½(j + 1))_k) [1, 9.1.69]: cos x of a wall (j = 0), J0(x) of a cylinder (1), sin x/x
 * of a sphere (2). With arguments up to 12 the largest term is below 1e5, so the sum keeps about ten digits; larger arguments do not occur
 * here (first eigenvalues stay below π).
 *
 * [1] Abramowitz & Stegun, Handbook of Mathematical Functions, 1964.
 */
final class RadialMode
{
    /** @return array{float, float} φ and φ' */
    public static function at(float $power, float $x): array
    {
        [$term, $value, $slope, $square] = [1.0, 1.0, 0.0, -0.25 * $x * $x];
        for ($k = 1; $k < 60 && abs($term) > 1e-17 * abs($value); $k++) {
            $term *= $square / ($k * (0.5 * ($power - 1.0) + $k));
            $value += $term;
            $slope += $term * 2 * $k;
        }

        return [$value, $x > 0.0 ? $slope / $x : 0.0];
    }

    /** First root of −ζ φ'(ζ) = Bi φ(ζ), j from 0 to 2. */
    public static function eigenvalue(float $power, float $biot): float
    {
        $left = function (float $x) use ($power, $biot): float {
            [$value, $slope] = self::at($power, $x);

            return -$x * $slope - $biot * $value;
        };

        // A little beyond the first zero of φ: π/2, 2.405 and π.
        return Brent::root($left, 0.0, 0.5 * M_PI + 0.85 * $power + 0.05, 1e-12);
    }

    /**
     * What an even excess has of the first mode in the middle: ∫φ x^j dx / ∫φ² x^j dx up to its eigenvalue.
     *
     * By parts: ∫φ x^j = −ζ^j φ', ∫φ² x^j = ½ ζ^(j+1) (φ'² + φ² + (j − 1) φ φ'/ζ).
     */
    public static function share(float $power, float $zeta): float
    {
        [$value, $slope] = self::at($power, $zeta);

        return -2.0 * $slope / ($zeta * ($slope * $slope + $value * $value) + ($power - 1.0) * $value * $slope);
    }
}
