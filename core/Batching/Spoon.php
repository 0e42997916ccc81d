<?php

declare(strict_types=1);

namespace Pensilis\Batching;

use Pensilis\Exception\ImpossibleValue;
use Pensilis\Fact\Fact;

/** A spoon, counted level, or a drop; half of one is a guess and does not count. Invariant: it holds more than 0 and at most 500 ml. */
final readonly class Spoon implements Device
{
    /** Each is full to a tenth, now more and now less (memory): the error of many grows as the root of how many. */
    private const FULL = 0.1;

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

    public function step(): float
    {
        return 1.0;
    }

    public function grams(float $amount, float $density): float
    {
        return $amount * $this->millilitres * $density;
    }

    public function doubt(float $a, float $b): float
    {
        return $a > 0.0 && $b > 0.0 ? self::FULL * hypot(1.0 / sqrt($a), 1.0 / sqrt($b)) : INF;
    }

    public function takes(float $a, float $b): bool
    {
        return true;
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
