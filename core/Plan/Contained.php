<?php

declare(strict_types=1);

namespace Pensilis\Plan;

/** Things that lie in a compartment: so many alike, of so much volume each. */
final readonly class Contained
{
    /** @param float $each m³ */
    public function __construct(public string $name, private float $each, public int $count) {}

    /** All of them, m³. */
    public function volume(): float
    {
        return $this->count * $this->each;
    }
}
