<?php

declare(strict_types=1);

namespace Pensilis\Numerics;

use Pensilis\Exception\NotBracketed;

/**
 * Bracketed root of a continuous function.
 *
 * Inverse quadratic interpolation and secant steps, with bisection as the safeguard: superlinear on
 * smooth functions, never worse than bisection by more than a constant factor.
 *
 * [1] R. P. Brent, Algorithms for Minimization without Derivatives, 1973, chapter 4.
 */
final class Brent
{
    private const MOST_STEPS = 200;

    /**
     * @param callable(float): float $f
     * @param float                  $tolerance absolute, in the unit of the argument
     *
     * @throws NotBracketed when f has the same sign at both ends
     */
    public static function root(callable $f, float $low, float $high, float $tolerance = 1e-12): float
    {
        [$a, $b] = [$low, $high];
        [$fa, $fb] = [$f($a), $f($b)];
        if ($fa * $fb > 0.0 || is_nan($fa * $fb)) {
            throw NotBracketed::between($low, $high);
        }
        [$c, $fc] = [$a, $fa];
        $step = $previous = $b - $a;
        for ($n = 0; $n < self::MOST_STEPS; $n++) {
            if (abs($fc) < abs($fb)) {
                [$a, $b, $c] = [$b, $c, $b];
                [$fa, $fb, $fc] = [$fb, $fc, $fb];
            }
            $within = 2.0 * PHP_FLOAT_EPSILON * abs($b) + 0.5 * $tolerance;
            $half = 0.5 * ($c - $b);
            if (abs($half) <= $within || $fb === 0.0) {
                return $b;
            }
            [$step, $previous] = self::next($a, $b, $c, $fa, $fb, $fc, $half, $within, $step, $previous);
            [$a, $fa] = [$b, $fb];
            $b += abs($step) > $within ? $step : ($half > 0.0 ? $within : -$within);
            $fb = $f($b);
            if (($fb > 0.0) === ($fc > 0.0)) {
                [$c, $fc] = [$a, $fa];
                $step = $previous = $b - $a;
            }
        }

        return $b;
    }

    /** @return array{float, float} the step to take and the one before it */
    private static function next(
        float $a,
        float $b,
        float $c,
        float $fa,
        float $fb,
        float $fc,
        float $half,
        float $within,
        float $step,
        float $previous,
    ): array {
        if (abs($previous) < $within || abs($fa) <= abs($fb)) {
            return [$half, $half];
        }
        $s = $fb / $fa;
        if ($a === $c) {
            [$p, $q] = [2.0 * $half * $s, 1.0 - $s];
        } else {
            [$u, $v] = [$fa / $fc, $fb / $fc];
            $p = $s * (2.0 * $half * $u * ($u - $v) - ($b - $a) * ($v - 1.0));
            $q = ($u - 1.0) * ($v - 1.0) * ($s - 1.0);
        }
        $q = $p > 0.0 ? -$q : $q;
        $p = abs($p);
        $accept = 2.0 * $p < min(3.0 * $half * $q - abs($within * $q), abs($previous * $q));

        return $accept ? [$p / $q, $step] : [$half, $half];
    }
}
