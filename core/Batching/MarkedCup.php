<?php

declare(strict_types=1);

namespace Pensilis\Batching;

use Pensilis\Exception\ImpossibleValue;
use Pensilis\Fact\Fact;

/**
 * A cup with marks so many millilitres apart, up to which it is filled: between marks nobody reads it. Invariant: the step lies above 0
 * and at most 1 l; the limit not below the step.
 */
final readonly class MarkedCup implements Device
{
    /** A level at a mark is read to a fifth of a step in all, a tenth either way (memory). */
    private const READ = 0.1;

    private function __construct(private float $step, private ?float $limit) {}

    public static function withMarks(float $millilitres, ?float $limit = null): self
    {
        ImpossibleValue::unlessWithin('cup-step_ml', $millilitres, 0.001, 1000.0);
        if ($limit !== null) {
            ImpossibleValue::unlessWithin('cup-limit_ml', $limit, $millilitres, 1e6);
        }

        return new self($millilitres, $limit);
    }

    public function step(): float
    {
        return $this->step;
    }

    public function grams(float $amount, float $density): float
    {
        return $amount * $density;
    }

    /** Both are read by themselves, so that their errors add as squares do. */
    public function doubt(float $a, float $b): float
    {
        return $a > 0.0 && $b > 0.0 ? self::READ * $this->step * hypot(1.0 / $a, 1.0 / $b) : INF;
    }

    public function takes(float $a, float $b): bool
    {
        return max($a, $b) <= ($this->limit ?? INF) + 1e-9;
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
