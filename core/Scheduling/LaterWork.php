<?php

declare(strict_types=1);

namespace Pensilis\Scheduling;

/** Work on a pour that is wet, in hours of its own: not before it opens, done when it closes, and how long it takes. */
final readonly class LaterWork
{
    public function __construct(public float $opens, public float $closes, public float $hours) {}

    /** Whether there is room for it between its moments at all. */
    public function isPossible(): bool
    {
        return $this->opens + $this->hours <= $this->closes + 1e-9;
    }

    /** Whether it has room in the working hours, where the pour begins at an hour of the plan. */
    public function fits(WorkingHours $hours, float $begun): bool
    {
        return $this->start($hours, $begun) !== null;
    }

    /** Hour of the plan at which it is begun in the working hours; null where they leave it no room. */
    public function start(WorkingHours $hours, float $begun): ?float
    {
        $at = $hours->firstFit($begun + $this->opens, $this->hours);

        return $at !== null && $at + $this->hours <= $begun + $this->closes + 1e-9 ? $at : null;
    }
}
