<?php

declare(strict_types=1);

namespace Pensilis\Judgement;

use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Plan\Plan;
use Pensilis\Quantity\Duration;
use Pensilis\Scheduling\Task;

/** Whether all is done when the piece is due, reckoned backward from there. */
final readonly class DueJudge implements Judge
{
    /** @param list<Task> $tasks */
    public function __construct(private Plan $plan, private array $tasks) {}

    public function findings(): array
    {
        $spare = self::spare($this->plan, $this->tasks);

        return $spare === null || $spare >= 0.0 ? [] : [
            Finding::of(Code::DueMissed, '/purpose/due', ['late' => Duration::hours(-$spare)]),
        ];
    }

    /**
     * Hours that the start may still wait; below nought where it comes too late already, null where nothing is due.
     *
     * @param list<Task> $tasks
     */
    public static function spare(Plan $plan, array $tasks): ?float
    {
        return $plan->studio->due === null || $tasks === []
            ? null
            : $plan->studio->due - max(array_map(fn(Task $task): float => $task->end, $tasks));
    }
}
