<?php

declare(strict_types=1);

namespace Pensilis\Layering;

/** A way to have reached a height: what it cost, and what open objects have been offered. Micrometres. */
final readonly class Label
{
    /**
     * @param array<int, int> $offers the best deviation so far by object, −1 where there is none yet
     * @param bool            $truest whether deviations come before the number of pours
     */
    public function __construct(
        public int $height,
        public array $offers,
        private ?self $before,
        public int $deviation = 0,
        private int $pours = 0,
        private float $squares = 0.0,
        private bool $truest = false,
    ) {}

    /** @param array<int, int> $offers */
    public function then(int $height, array $offers, int $deviation): self
    {
        $squares = $this->squares + ($height - $this->height) ** 2;

        return new self($height, $offers, $this, $deviation, $this->pours + 1, $squares, $this->truest);
    }

    public function isBetterThan(self $other): bool
    {
        return $this->truest
            ? [$this->deviation, $this->pours, $this->squares] < [$other->deviation, $other->pours, $other->squares]
            : [$this->pours, $this->deviation, $this->squares] < [$other->pours, $other->deviation, $other->squares];
    }

    /** @return list<int> from the floor up */
    public function heights(): array
    {
        return [...($this->before?->heights() ?? []), $this->height];
    }
}
