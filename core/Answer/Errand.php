<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Pensilis\Scheduling\Task;

/** Something that hands must do for a piece: when it is planned, how long it takes, and between which hours it can be begun. */
final readonly class Errand
{
    /**
     * @param float $start  hour of the plan at which it is planned
     * @param float $hours  that it takes, with what is done right before it
     * @param float $opens  hour of the plan before which it cannot be begun
     * @param float $closes hour of the plan after which it cannot be begun; infinite where it may wait
     */
    public function __construct(
        public Task $task,
        public float $start,
        public float $hours,
        public float $opens,
        public float $closes = INF,
    ) {}

    /** Hour of the plan after which the task itself, without what is done right before it, cannot be begun. */
    public function last(): float
    {
        return $this->closes + $this->task->start - $this->start;
    }

    public function canBegin(float $now): bool
    {
        return $now >= $this->opens - 1e-6 && $now <= $this->closes + 1e-6;
    }

    /** Whether it was planned for a time that has gone by. */
    public function isLate(float $now): bool
    {
        return $now > $this->start + $this->hours;
    }

    /** Whether it can no longer be done as it was planned. */
    public function isMissed(float $now): bool
    {
        return $now > $this->closes;
    }
}
