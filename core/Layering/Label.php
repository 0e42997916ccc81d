<?php

declare(strict_types=1);

namespace Pensilis\Layering;

use function implode;

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
        private int $resin = 0,
        private int $changes = 0,
    ) {}

    /** @param array<int, int> $offers */
    public function then(int $height, array $offers, int $deviation, int $resin): self
    {
        return new self(
            $height,
            $offers,
            $this,
            $deviation,
            $this->pours + 1,
            $this->squares + ($height - $this->height) ** 2,
            $this->truest,
            $resin,
            $this->changes + (int) ($this->before !== null && $resin !== $this->resin),
        );
    }

    /** The same for labels after which the same may come. */
    public function key(): string
    {
        return $this->offers === [] ? (string) $this->resin : "{$this->resin}:" . implode(',', $this->offers);
    }

    public function isBetterThan(self $other): bool
    {
        return $this->truest
            ? [$this->deviation, $this->pours, $this->changes, $this->squares]
                < [$other->deviation, $other->pours, $other->changes, $other->squares]
            : [$this->pours, $this->deviation, $this->changes, $this->squares]
                < [$other->pours, $other->deviation, $other->changes, $other->squares];
    }

    /** @return list<int> which resin each pour is of, from the floor up */
    public function resins(): array
    {
        return $this->before === null ? [] : [...$this->before->resins(), $this->resin];
    }

    /** @return list<int> from the floor up */
    public function heights(): array
    {
        return [...($this->before?->heights() ?? []), $this->height];
    }
}
