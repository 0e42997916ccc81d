<?php

declare(strict_types=1);

namespace Pensilis\Batching;

use Pensilis\Exception\ImpossibleValue;

/** A spoon, counted level; half a spoon is a guess and does not count. Invariant: it holds more than 0 and at most 500 ml. */
final readonly class Spoon implements Device
{
    private function __construct(private float $millilitres) {}

    public static function holding(float $millilitres): self
    {
        ImpossibleValue::unlessWithin('what the spoon holds', $millilitres, 0.01, 500.0);

        return new self($millilitres);
    }

    public function reading(float $grams, float $density): float
    {
        return round($grams / $density / $this->millilitres);
    }

    public function grams(float $amount, float $density): float
    {
        return $amount * $this->millilitres * $density;
    }

    public function stepGrams(float $density): float
    {
        return $this->millilitres * $density;
    }

    public function limit(): ?float
    {
        return null;
    }

    public function unit(): string
    {
        return 'spoons';
    }

    public function words(): string
    {
        return 'a spoon of ' . (string) round($this->millilitres, 2) . ' ml';
    }
}
