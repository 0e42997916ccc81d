<?php

declare(strict_types=1);

namespace Pensilis\Scheduling;

/**
 * What is known of one pour before it has a time: hours of work from the first contact of its mix, the hour from which its objects are
 * ready, when it was begun, if it was, whether it goes onto the one below while that is wet, and hours of work right before it.
 */
final readonly class PourWork
{
    public function __construct(
        public float $hours,
        public float $ready,
        public ?float $begun = null,
        public bool $isOnWet = false,
        public float $lead = 0.0,
    ) {}
}
