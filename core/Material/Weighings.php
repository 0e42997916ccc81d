<?php

declare(strict_types=1);

namespace Pensilis\Material;

use Pensilis\Exception\ImpossibleValue;

/**
 * What an object weighed while it dried, in order: how much water has gone, how much is left, and whether its weight is constant, which
 * proves that it is dry (common practice).
 */
final readonly class Weighings
{
    /** Two weighings that differ by less of the later one are the same, percent (memory). */
    private const CONSTANT = 0.5;

    /** @param non-empty-list<float> $grams */
    private function __construct(private array $grams) {}

    /**
     * @param list<float> $grams
     *
     * @throws ImpossibleValue where it gains weight by more than a scale may err
     */
    public static function of(array $grams): ?self
    {
        foreach ($grams as $n => $one) {
            ImpossibleValue::unlessPositive('weighing_g', $one);
            if ($n > 0) {
                ImpossibleValue::unlessWithin('weighing_g', $one, 0.0, $grams[$n - 1] * (1.0 + 2.0 * self::CONSTANT / 100.0));
            }
        }

        return $grams === [] ? null : new self($grams);
    }

    /** Water that has gone, percent of the first weight. */
    public function gone(): float
    {
        return 100.0 * max(0.0, 1.0 - $this->grams[count($this->grams) - 1] / $this->grams[0]);
    }

    public function isConstant(): bool
    {
        $count = count($this->grams);

        return $count > 1 && abs($this->grams[$count - 2] - $this->grams[$count - 1]) <= self::CONSTANT / 100.0 * $this->grams[$count - 1];
    }

    /**
     * Water that is left, percent of what it weighs now; none once its weight is constant.
     *
     * @param float $fresh water at the first weighing, percent of that weight
     */
    public function left(float $fresh): float
    {
        $now = $this->grams[count($this->grams) - 1];
        $dry = $this->grams[0] * (1.0 - $fresh / 100.0);

        return $this->isConstant() ? 0.0 : 100.0 * max(0.0, 1.0 - $dry / $now);
    }
}
