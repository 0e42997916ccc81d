<?php

declare(strict_types=1);

namespace Pensilis\Batching;

use Pensilis\Exception\ImpossibleValue;
use Pensilis\Fact\Fact;

/** A cup with marks so many millilitres apart. Invariant: the step lies above 0 and at most 1 l; the limit not below the step. */
final readonly class MarkedCup implements Device
{
    private function __construct(private float $step, private ?float $limit) {}

    public static function withMarks(float $millilitres, ?float $limit = null): self
    {
        ImpossibleValue::unlessWithin('cup-step_ml', $millilitres, 0.001, 1000.0);
        if ($limit !== null) {
            ImpossibleValue::unlessWithin('cup-limit_ml', $limit, $millilitres, 1e6);
        }

        return new self($millilitres, $limit);
    }

    public function reading(float $grams, float $density): float
    {
        return round(round($grams / $density / $this->step) * $this->step, 6);
    }

    public function grams(float $amount, float $density): float
    {
        return $amount * $density;
    }

    public function stepGrams(float $density): float
    {
        return $this->step * $density;
    }

    public function goes(float $a, float $b): int
    {
        return $this->limit === null ? 1 : max(1, (int) ceil(max($a, $b) / $this->limit - 1e-9));
    }

    public function unit(): string
    {
        return 'ml';
    }

    public function fact(): Fact
    {
        return new Fact('device.cup', ['step_ml' => $this->step]);
    }
}
