<?php

declare(strict_types=1);

namespace Pensilis\Batching;

use Pensilis\Exception\ImpossibleValue;

/** A scale that shows steps. Invariant: the step lies above 0 and at most 100 g; grams. */
final readonly class Scale
{
    private function __construct(public float $step) {}

    public static function withStep(float $grams): self
    {
        ImpossibleValue::unlessWithin('scale step', $grams, 0.0001, 100.0);

        return new self($grams);
    }

    /** The reading nearest to a mass. */
    public function reading(float $grams): float
    {
        return round(round($grams / $this->step) * $this->step, 6);
    }
}
