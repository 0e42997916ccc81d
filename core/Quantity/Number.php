<?php

declare(strict_types=1);

namespace Pensilis\Quantity;

/** A count, or a figure without unit. */
final readonly class Number implements Quantity
{
    private function __construct(private float $value, private int $digits) {}

    public static function count(int $value): self
    {
        return new self((float) $value, 0);
    }

    /** @param int $digits after the point that are known */
    public static function of(float $value, int $digits = 1): self
    {
        return new self($value, $digits);
    }

    public function figure(): float
    {
        return $this->value;
    }

    public function ending(): string
    {
        return '';
    }

    public function print(UnitSystem $system): string
    {
        return Figure::short($this->value, $this->digits);
    }
}
