<?php

declare(strict_types=1);

namespace Pensilis\Batching;

use Pensilis\Exception\ImpossibleValue;

/** A scale that shows steps, up to a limit. Invariant: the step lies above 0 and at most 100 g; the limit above the step; grams. */
final readonly class Scale implements Device
{
    private function __construct(public float $step, private ?float $limit) {}

    public static function withStep(float $grams, ?float $limit = null): self
    {
        ImpossibleValue::unlessWithin('scale step', $grams, 0.0001, 100.0);
        if ($limit !== null) {
            ImpossibleValue::unlessWithin('limit of the scale', $limit, $grams, 1e6);
        }

        return new self($grams, $limit);
    }

    public function reading(float $grams, float $density): float
    {
        return round(round($grams / $this->step) * $this->step, 6);
    }

    public function grams(float $amount, float $density): float
    {
        return $amount;
    }

    public function stepGrams(float $density): float
    {
        return $this->step;
    }

    public function limit(): ?float
    {
        return $this->limit;
    }

    public function unit(): string
    {
        return 'g';
    }

    public function words(): string
    {
        return 'a scale that shows ' . (string) round($this->step, 4) . ' g';
    }
}
