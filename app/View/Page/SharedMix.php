<?php

declare(strict_types=1);

namespace App\View\Page;

use Pensilis\Batching\Batch;
use Pensilis\Layout\LaidPour;

/** One clear batch for a pour of this piece and pours of another of the same resin: split by grams, and coloured afterwards. */
final readonly class SharedMix
{
    /**
     * @param array<int, LaidPour> $fitting pours of the other piece, by index
     * @param float                $more    g that they take
     */
    private function __construct(public PieceView $other, public array $fitting, public ?Batch $batch, public float $more) {}

    /** @param array<array-key, numeric> $also indices of pours of the other piece that are mixed with it */
    public static function of(PourView $here, PieceView $other, array $also): self
    {
        $fitting = array_filter(
            $other->layout->pours ?? [],
            fn(LaidPour $pour): bool => $pour->resin->name === $here->pour->resin->name,
        );
        $more = array_sum(array_map(
            fn(LaidPour $pour): float => $pour->batch->fills() + $pour->batch->inCups,
            array_intersect_key($fitting, array_flip(array_map(intval(...), $also))),
        ));

        return new self($other, $fitting, $more > 0.0 ? $here->together($more) : null, $more);
    }
}
