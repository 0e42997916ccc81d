<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Resin\Resin;

/**
 * A pour that the plan names: depth in m, start in hours of the plan, what it is coloured with, and whether it goes onto the one below
 * while that is wet, on purpose.
 */
final readonly class GivenPour
{
    public function __construct(
        public Resin $resin,
        public float $depth,
        public float $startHour,
        public Coat $coat,
        public bool $isOnWet = false,
    ) {}

    public function startingAt(float $hour): self
    {
        return new self($this->resin, $this->depth, $hour, $this->coat, $this->isOnWet);
    }

    public function of(Resin $resin): self
    {
        return new self($resin, $this->depth, $this->startHour, $this->coat, $this->isOnWet);
    }
}
