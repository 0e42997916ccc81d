<?php

declare(strict_types=1);

namespace Pensilis\Numerics;

/**
 * Definite integral by adaptive Simpson's rule with Richardson's correction: each panel is halved until
 * the two estimates agree, so the error is about the tolerance asked for on piecewise smooth functions.
 *
 * [1] J. N. Lyness, Notes on the adaptive Simpson quadrature routine, J. ACM 16 (1969) 483.
 */
final class Quadrature
{
    private const MOST_HALVINGS = 40;

    /** @param callable(float): float $f */
    public static function integrate(callable $f, float $from, float $to, float $tolerance = 1e-10): float
    {
        if ($from === $to) {
            return 0.0;
        }
        [$fa, $fm, $fb] = [$f($from), $f(0.5 * ($from + $to)), $f($to)];
        $whole = ($to - $from) / 6.0 * ($fa + 4.0 * $fm + $fb);

        return self::panel($f, $from, $to, $fa, $fm, $fb, $whole, $tolerance, self::MOST_HALVINGS);
    }

    /** @param callable(float): float $f */
    private static function panel(
        callable $f,
        float $a,
        float $b,
        float $fa,
        float $fm,
        float $fb,
        float $whole,
        float $tolerance,
        int $left,
    ): float {
        $m = 0.5 * ($a + $b);
        [$fl, $fr] = [$f(0.5 * ($a + $m)), $f(0.5 * ($m + $b))];
        $lower = ($m - $a) / 6.0 * ($fa + 4.0 * $fl + $fm);
        $upper = ($b - $m) / 6.0 * ($fm + 4.0 * $fr + $fb);
        $change = $lower + $upper - $whole;
        if ($left === 0 || abs($change) <= 15.0 * $tolerance) {
            return $lower + $upper + $change / 15.0;
        }

        return self::panel($f, $a, $m, $fa, $fl, $fm, $lower, 0.5 * $tolerance, $left - 1)
            + self::panel($f, $m, $b, $fm, $fr, $fb, $upper, 0.5 * $tolerance, $left - 1);
    }
}
