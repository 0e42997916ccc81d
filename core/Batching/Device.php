<?php

declare(strict_types=1);

namespace Pensilis\Batching;

use Pensilis\Fact\Fact;

/** What A and B are measured with: a scale, a marked cup, a spoon. Amounts in its own unit; grams; densities in g/ml. */
interface Device
{
    /** The smallest amount that it shows or holds. */
    public function step(): float;

    /** The mass of an amount. */
    public function grams(float $amount, float $density): float;

    /** How far the ratio of two amounts may be off that it shows right, as a share. */
    public function doubt(float $a, float $b): float;

    /** Whether it takes A and B of one mix. */
    public function takes(float $a, float $b): bool;

    /** "g", "ml", "spoons" or "drops". */
    public function unit(): string;

    /** What it is, and its step. */
    public function fact(): Fact;
}
