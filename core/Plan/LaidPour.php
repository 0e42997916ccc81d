<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Batching\Batch;
use Pensilis\Material\Inclusion;
use Pensilis\Resin\Resin;

/**
 * One pour in its place: from where to where, how much goes into one vessel, and what is set onto the layer below it; the batch
 * serves all vessels that are poured alike. Metres, m³.
 */
final readonly class LaidPour
{
    /** @param list<Inclusion> $placed objects set before it is poured */
    public function __construct(
        public Resin $resin,
        public float $bottom,
        public float $top,
        public float $volume,
        public array $placed,
        public Batch $batch,
    ) {}

    public function depth(): float
    {
        return $this->top - $this->bottom;
    }
}
