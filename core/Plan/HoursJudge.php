<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Scheduling\Session;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;

/** Pours that the plan gives at times when nobody is at the bench. */
final readonly class HoursJudge
{
    public function __construct(private Plan $plan) {}

    /**
     * @param list<Task> $tasks
     *
     * @return list<Notice>
     */
    public function notices(array $tasks): array
    {
        $notices = [];
        foreach ($this->plan->pours === [] ? [] : $tasks as $task) {
            $fits = $task->kind === TaskKind::Pour ? $this->plan->studio->hours->firstFit($task->start, $task->end - $task->start) : $task->start;
            if ($task->pour === null || ($fits !== null && $fits - $task->start < 1e-6)) {
                continue;
            }
            $lead = $task->pour === 0 ? Session::PREPARING : 0.0;
            $later = $this->plan->pours[$task->pour + 1]->startHour ?? INF;
            $notices[] = new Notice('outside-hours', sprintf('Pour %d would be at work outside your hours.', $task->pour + 1), "/pours/{$task->pour}/start_h", $fits === null || $fits + $lead > $later ? null
                : new Mend('Start it with the next hours', "/pours/{$task->pour}/start_h", round($fits + $lead, 3)));
        }

        return $notices;
    }
}
