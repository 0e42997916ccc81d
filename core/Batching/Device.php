<?php

declare(strict_types=1);

namespace Pensilis\Batching;

/** What A and B are measured with: a scale, a marked cup, a spoon. Grams; densities in g/ml. */
interface Device
{
    /** The nearest amount that it can show of a mass, in its own unit. */
    public function reading(float $grams, float $density): float;

    /** The mass of an amount in its own unit. */
    public function grams(float $amount, float $density): float;

    /** The mass of its smallest step. */
    public function stepGrams(float $density): float;

    /** The most it takes at a time, in its own unit; null without a limit. */
    public function limit(): ?float;

    /** "g", "ml", "spoons" or "drops". */
    public function unit(): string;

    public function words(): string;
}
