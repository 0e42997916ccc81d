<?php

declare(strict_types=1);

namespace Pensilis\Scheduling;

/**
 * What is known of one pour before it has a time: hours of work from the first contact of its mix, the hour from which its objects are
 * ready, when it was begun, if it was, whether it goes onto the one below while that is wet, hours of work right before it, hours that what
 * must be held on a hard layer takes to hold, and from when until when, and for how long, hands must come back to set what goes in later.
 */
final readonly class PourWork
{
    public function __construct(
        public float $hours,
        public float $ready,
        public ?float $begun = null,
        public bool $isOnWet = false,
        public float $lead = 0.0,
        public float $holding = 0.0,
        public ?LaterWork $later = null,
    ) {}

    /** From sanding to first contact, h. */
    public function afterSanding(): float
    {
        return $this->holding + $this->lead;
    }
}
