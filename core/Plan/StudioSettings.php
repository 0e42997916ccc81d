<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Batching\Scale;
use Pensilis\Scheduling\StudioClock;
use Pensilis\Scheduling\WorkingHours;

/** The bench: clock, hours, scale, what the cup keeps, and the greatest heat the artist allows (°C). */
final readonly class StudioSettings
{
    public function __construct(
        public StudioClock $clock,
        public WorkingHours $hours,
        public Scale $scale,
        public float $lossGrams,
        public ?float $greatestCelsius,
        public bool $hoursIgnored = false,
    ) {}
}
