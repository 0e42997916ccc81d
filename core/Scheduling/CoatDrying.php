<?php

declare(strict_types=1);

namespace Pensilis\Scheduling;

/** How long a brushed coat dries: before the next one goes on, and the last one before the object goes in. Hours. */
final readonly class CoatDrying
{
    public function __construct(public float $between, public float $last) {}
}
