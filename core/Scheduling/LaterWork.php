<?php

declare(strict_types=1);

namespace Pensilis\Scheduling;

/** Work on a pour that is wet, in hours of its own: not before it opens, done when it closes, and how long it takes. */
final readonly class LaterWork
{
    public function __construct(public float $opens, public float $closes, public float $hours) {}

    /** Whether it has room in the working hours, where the pour begins at an hour of the plan. */
    public function fits(WorkingHours $hours, float $start): bool
    {
        $at = $hours->firstFit($start + $this->opens, $this->hours);

        return $at !== null && $at + $this->hours <= $start + $this->closes + 1e-9;
    }
}
