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

    /** Of the whole: no sum of floats is finer, and panels that tried to be would be halved to the last. */
    private const ROUNDING = 1e-12;

    /** @param callable(float): float $f */
    public static function integrate(callable $f, float $from, float $to, float $tolerance = 1e-10): float
    {
        if ($from === $to) {
            return 0.0;
        }
        [$fa, $fm, $fb] = [$f($from), $f(0.5 * ($from + $to)), $f($to)];
        $sum = 0.0;
        // Ends, values at both and in the middle, what Simpson's rule gives, tolerance and halvings left; the panel on the left comes
        // first.
        $whole = ($to - $from) / 6.0 * ($fa + 4.0 * $fm + $fb);
        $panels = [[$from, $to, $fa, $fm, $fb, $whole, max($tolerance, self::ROUNDING * abs($whole)), self::MOST_HALVINGS]];
        while ($panels !== []) {
            [$a, $b, $fa, $fm, $fb, $whole, $within, $left] = array_pop($panels);
            $m = 0.5 * ($a + $b);
            [$fl, $fr] = [$f(0.5 * ($a + $m)), $f(0.5 * ($m + $b))];
            $lower = ($m - $a) / 6.0 * ($fa + 4.0 * $fl + $fm);
            $upper = ($b - $m) / 6.0 * ($fm + 4.0 * $fr + $fb);
            $change = $lower + $upper - $whole;
            if ($left === 0 || abs($change) <= 15.0 * $within) {
                $sum += $lower + $upper + $change / 15.0;
                continue;
            }
            $panels[] = [$m, $b, $fm, $fr, $fb, $upper, 0.5 * $within, $left - 1];
            $panels[] = [$a, $m, $fa, $fl, $fm, $lower, 0.5 * $within, $left - 1];
        }

        return $sum;
    }
}
