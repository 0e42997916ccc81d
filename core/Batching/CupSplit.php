<?php

declare(strict_types=1);

namespace Pensilis\Batching;

/**
 * Into how many mixes a batch goes so that its device takes each and none outlives its life before it is poured; alike, one after another,
 * so that the same marks are filled each time (memory).
 *
 * Stirring takes as long as the label says, standing as the resin allows, pouring as its grams ask.
 */
final readonly class CupSplit
{
    private const MOST = 20;

    /** @param Batch $batch in so many mixes */
    private function __construct(public Batch $batch, public float $life, public float $needed) {}

    /** @param float $room K */
    public static function of(Batch $batch, CupLife $life, float $room): self
    {
        for ($mixes = $batch->goes();; $mixes++) {
            $parted = $batch->parted($mixes);
            $grams = $parted->mixed() / $mixes;
            $needed = $batch->resin->sheet->stirs($grams) + $batch->resin->sheet->stands() + Batch::POURED_IN * $grams;
            $lasts = $life->of($grams, $room);
            if ($lasts >= $needed || $mixes >= self::MOST) {
                return new self($parted, $lasts, $needed);
            }
        }
    }

    /** At least one. */
    public function mixes(): int
    {
        return $this->batch->goes();
    }

    /** What is in one of them. */
    public function gramsEach(): float
    {
        return $this->batch->gramsEach();
    }

    /** Whether even the smallest cup dies before it is poured. */
    public function isTooShort(): bool
    {
        return $this->life < $this->needed;
    }
}
