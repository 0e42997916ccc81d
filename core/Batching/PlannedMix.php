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
     * @param float       $stirs    h to weigh and stir one
     * @param float       $stands   h that it stands
     * @param float       $wet      h from then until the last act of its pour that needs it liquid
     * @param float       $rest     h from then to the last act
     * @param float       $works    h from first contact for which its pour can be worked
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
        public float $stirs = 0.0,
        public float $stands = 0.0,
        public float $wet = 0.0,
        public float $rest = 0.0,
        public float $works = INF,
    ) {}

    /**
     * @param float $stirs h, likewise
     * @param float $wet   h
     * @param float $rest  h
     * @param float $works h
     */
    public static function of(Batch $batch, float $stirs, float $wet, float $rest, float $works): self
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
            $stirs,
            $batch->resin->sheet->stands() / 3600.0,
            $wet,
            $rest,
            $works,
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
