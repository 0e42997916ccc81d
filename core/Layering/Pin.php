<?php

declare(strict_types=1);

namespace Pensilis\Layering;

/** A pour that stays where the artist has put it while the others are found around it. Whole micrometres above the floor. */
final readonly class Pin
{
    private function __construct(public int $from, public int $to) {}

    /** @param float $from m, below $to */
    public static function of(float $from, float $to): self
    {
        return new self(Wish::micrometres($from), Wish::micrometres($to));
    }

    public function isAt(int $from, int $to): bool
    {
        return $from === $this->from && $to === $this->to;
    }

    /** Whether a pour beside it leaves it whole. */
    public function isClearOf(int $from, int $to): bool
    {
        return $to <= $this->from || $from >= $this->to;
    }
}
