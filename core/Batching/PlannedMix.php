<?php

declare(strict_types=1);

namespace Pensilis\Batching;

/** What is mixed for one pour: of which resin, grams of A and of B and how a device reads them, and how long it may stay in the cup. */
final readonly class PlannedMix
{
    /**
     * @param float       $potLife  h
     * @param Device|null $device   null where it is not said what measures it
     * @param list<float> $readings of A and B on that in each mix, in its own unit
     * @param int         $mixes    into how many it is parted
     * @param float       $loss     g of it that cup and stick keep
     */
    public function __construct(
        public string $resin,
        public float $a,
        public float $b,
        public float $potLife,
        public ?Device $device = null,
        public array $readings = [],
        public int $mixes = 1,
        public float $loss = 0.0,
    ) {}

    public static function of(Batch $batch): self
    {
        [$a, $b] = $batch->readGrams();

        return new self(
            $batch->resin->name,
            $a,
            $b,
            $batch->resin->sheet->potLife / 3600.0,
            $batch->isShared ? null : $batch->device,
            $batch->readings(),
            $batch->goes(),
            $batch->loss - $batch->inCups,
        );
    }

    public function grams(): float
    {
        return $this->a + $this->b;
    }

    /** What may come from one cup is called the same: the same resin in the same ratio. */
    public function kind(): string
    {
        return sprintf('%s %.4f', $this->resin, $this->a / max(1e-9, $this->grams()));
    }
}
