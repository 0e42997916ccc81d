<?php

declare(strict_types=1);

namespace Pensilis\Quantity;

/** A part of a whole, in percent. */
final readonly class Share implements Quantity
{
    private function __construct(private float $percent, private int $digits) {}

    /** @param int $digits after the point that are known */
    public static function percent(float $value, int $digits = 1): self
    {
        return new self($value, $digits);
    }

    public function figure(): float
    {
        return $this->percent;
    }

    public function ending(): string
    {
        return '_pct';
    }

    public function print(UnitSystem $system): string
    {
        return Figure::short($this->percent, $this->digits) . ' %';
    }
}
