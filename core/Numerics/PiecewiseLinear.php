<?php

declare(strict_types=1);

namespace Pensilis\Numerics;

use function count;

use function intdiv;

use InvalidArgumentException;

use function max;

/**
 * A function given by points, straight between them, held beyond its ends.
 *
 * Invariant: at least one point; abscissae strictly increase.
 */
final readonly class PiecewiseLinear
{
    /**
     * @param non-empty-list<float> $x
     * @param non-empty-list<float> $y
     */
    private function __construct(private array $x, private array $y) {}

    /** @param list<array{float, float}> $points */
    public static function through(array $points): self
    {
        $x = array_column($points, 0);
        $y = array_column($points, 1);
        if ($x === [] || $y === []) {
            throw new InvalidArgumentException('A curve needs at least one point.');
        }
        for ($i = 1; $i < count($x); $i++) {
            if ($x[$i] <= $x[$i - 1]) {
                throw new InvalidArgumentException("Point {$i} does not lie after the one before it.");
            }
        }

        return new self($x, $y);
    }

    public function at(float $x): float
    {
        $last = count($this->x) - 1;
        if ($x <= $this->x[0]) {
            return $this->y[0];
        }
        if ($x >= $this->x[$last]) {
            return $this->y[$last];
        }
        [$low, $high] = [0, $last];
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            if ($this->x[$middle] <= $x) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }
        $share = ($x - $this->x[$low]) / ($this->x[$high] - $this->x[$low]);

        return $this->y[$low] + $share * ($this->y[$high] - $this->y[$low]);
    }

    /** The greatest between two places: at one of them, or at a point between. */
    public function greatest(float $from, float $to): float
    {
        $between = array_filter($this->y, fn(int $n): bool => $this->x[$n] > $from && $this->x[$n] < $to, ARRAY_FILTER_USE_KEY);

        return max($this->at($from), $this->at($to), ...array_values($between));
    }
}
