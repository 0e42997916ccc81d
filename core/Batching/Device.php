<?php

declare(strict_types=1);

namespace Pensilis\Batching;

use Pensilis\Fact\Fact;

/** What A and B are measured with: a scale, a marked cup, a spoon. Grams; densities in g/ml. */
interface Device
{
    /** The nearest amount that it can show of a mass, in its own unit. */
    public function reading(float $grams, float $density): float;

    /** The mass of an amount in its own unit. */
    public function grams(float $amount, float $density): float;

    /** The mass of its smallest step. */
    public function stepGrams(float $density): float;

    /** Into how many equal goes two readings, in its own unit, must be parted so that it takes each; null where it takes none. */
    public function goes(float $a, float $b): ?int;

    /** "g", "ml", "spoons" or "drops". */
    public function unit(): string;

    /** What it is, and its step. */
    public function fact(): Fact;
}
