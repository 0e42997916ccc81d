<?php

declare(strict_types=1);

namespace Pensilis\Scheduling;

/**
 * What is known of one pour before it has a time: hours of work, the hour from which its objects are ready, when it was begun, if it was,
 * and whether it goes onto the one below while that is wet.
 */
final readonly class PourWork
{
    public function __construct(public float $hours, public float $ready, public ?float $begun = null, public bool $isOnWet = false) {}
}
