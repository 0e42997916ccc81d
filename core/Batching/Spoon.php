<?php

declare(strict_types=1);

namespace Pensilis\Batching;

use Pensilis\Exception\ImpossibleValue;
use Pensilis\Fact\Fact;

/** A spoon, counted level, or a drop; half of one is a guess and does not count. Invariant: it holds more than 0 and at most 500 ml. */
final readonly class Spoon implements Device
{
    private function __construct(private float $millilitres, private string $unit) {}

    public static function holding(float $millilitres): self
    {
        ImpossibleValue::unlessWithin('spoon_ml', $millilitres, 0.01, 500.0);

        return new self($millilitres, 'spoons');
    }

    public static function drop(float $millilitres): self
    {
        ImpossibleValue::unlessWithin('drop_ml', $millilitres, 0.001, 1.0);

        return new self($millilitres, 'drops');
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

    public function goes(float $a, float $b): int
    {
        return 1;
    }

    public function unit(): string
    {
        return $this->unit;
    }

    public function fact(): Fact
    {
        return new Fact($this->unit === 'drops' ? 'device.drops' : 'device.spoon', ['holds_ml' => $this->millilitres]);
    }
}
