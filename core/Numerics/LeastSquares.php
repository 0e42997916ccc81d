<?php

declare(strict_types=1);

namespace Pensilis\Numerics;

/**
 * The point at which the squares of what is missed add up to the least: Gauss–Newton steps, damped while they make it worse [1, 2], on
 * slopes by differences. For a few values of about one.
 *
 * How far each may be off comes from the curvature at the end, with the scatter that is left where that is more than one.
 *
 * [1] K. Levenberg, Q. Appl. Math. 2 (1944) 164.  [2] D. W. Marquardt, J. SIAM 11 (1963) 431.
 */
final readonly class LeastSquares
{
    private const ROUNDS = 12;

    /** By which a value is moved to see what that changes. */
    private const STEP = 0.01;

    /**
     * @param list<float>       $point
     * @param list<float>       $left   what is still missed
     * @param list<list<float>> $slopes
     */
    private function __construct(public array $point, private array $left, private array $slopes) {}

    /**
     * @param callable(list<float>): non-empty-list<float> $misses at a point, each in units of how well it is known
     * @param list<float>                                  $point  to begin at
     */
    public static function of(callable $misses, array $point): self
    {
        [$left, $damping] = [$misses($point), 1e-3];
        $slopes = self::slopes($misses, $point, $left);
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $step = Linear::solve(self::normal($slopes, $damping), Linear::times($slopes, $left));
            $next = array_map(fn(float $here, float $more): float => $here + min(max(-$more, -1.0), 1.0), $point, $step);
            $then = $misses($next);
            if (self::square($then) >= self::square($left)) {
                $damping *= 10.0;
                if ($damping > 1e6) {
                    break;
                }
                continue;
            }
            $gained = self::square($left) - self::square($then);
            [$point, $left, $damping] = [$next, $then, 0.2 * $damping];
            $slopes = self::slopes($misses, $point, $left);
            if ($gained < 1e-6 * (1e-6 + self::square($left))) {
                break;
            }
        }

        return new self($point, $left, $slopes);
    }

    /** Root mean square of what is still missed. */
    public function residual(): float
    {
        return sqrt(self::square($this->left) / count($this->left));
    }

    /** One standard deviation of a value. */
    public function spread(int $n): float
    {
        $scatter = max(1.0, self::square($this->left) / max(1, count($this->left) - count($this->point)));
        $unit = array_map(fn(int $other): float => $other === $n ? 1.0 : 0.0, array_keys($this->point));

        return sqrt($scatter * max(0.0, Linear::solve(self::normal($this->slopes, 0.0), $unit)[$n]));
    }

    /**
     * @param callable(list<float>): list<float> $misses at a point
     * @param list<float>                        $point
     * @param list<float>                        $left
     *
     * @return list<list<float>> how the misses change with each value
     */
    private static function slopes(callable $misses, array $point, array $left): array
    {
        $slopes = [];
        foreach (array_keys($point) as $n) {
            $moved = array_map(fn(int $other): float => $point[$other] + ($other === $n ? self::STEP : 0.0), array_keys($point));
            $slopes[] = array_map(fn(float $after, float $before): float => ($after - $before) / self::STEP, $misses($moved), $left);
        }

        return $slopes;
    }

    /**
     * @param list<list<float>> $slopes
     *
     * @return list<list<float>>
     */
    private static function normal(array $slopes, float $damping): array
    {
        $rows = [];
        foreach ($slopes as $i => $one) {
            $rows[] = array_map(
                fn(array $other, int $k): float => Linear::product($one, $other) * ($k === $i ? 1.0 + $damping : 1.0)
                    + ($k === $i ? 1e-9 : 0.0),
                $slopes,
                array_keys($slopes),
            );
        }

        return $rows;
    }

    /** @param list<float> $one */
    private static function square(array $one): float
    {
        return Linear::product($one, $one);
    }
}
