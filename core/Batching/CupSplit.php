<?php

declare(strict_types=1);

namespace Pensilis\Batching;

/**
 * Into how many cups a batch goes so that its device takes each and none outlives its life before it is poured; equal cups, one after
 * another.
 *
 * Stirring takes 5 min, standing as the resin allows, pouring a minute for each 100 g (memory).
 */
final readonly class CupSplit
{
    private const STIRRING = 300.0;

    /** s for each gram */
    private const POURING = 0.6;

    private const MOST = 20;

    /** @param int $cups at least one */
    private function __construct(public int $cups, public float $gramsEach, public float $life, public float $needed) {}

    /**
     * @param float $standing s that a mix stands before it is poured
     * @param float $room     K
     */
    public static function of(Batch $batch, CupLife $life, float $standing, float $room): self
    {
        for ($cups = max(1, $batch->goes() ?? 1);; $cups++) {
            $grams = $batch->mixed() / $cups;
            $needed = self::STIRRING + $standing + self::POURING * $grams;
            $lasts = $life->of($grams, $room);
            if ($lasts >= $needed || $cups >= self::MOST) {
                return new self($cups, $grams, $lasts, $needed);
            }
        }
    }

    /** Whether even the smallest cup dies before it is poured. */
    public function isTooShort(): bool
    {
        return $this->life < $this->needed;
    }
}
