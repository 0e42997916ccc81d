<?php

declare(strict_types=1);

namespace Pensilis\Judgement;

use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Finding\Mend;
use Pensilis\Plan\Plan;
use Pensilis\Quantity\Duration;
use Pensilis\Quantity\Number;
use Pensilis\Scheduling\Session;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;

/** Pours that the plan gives at times when nobody is at the bench. */
final readonly class HoursJudge implements Judge
{
    /** @param list<Task> $tasks */
    public function __construct(private Plan $plan, private array $tasks) {}

    public function findings(): array
    {
        $hours = $this->plan->studio->hours;
        $found = [];
        foreach ($this->plan->pours === [] ? [] : $this->tasks as $task) {
            // What is below is sanded, and the vessel made ready, in the same span as the pour.
            $sands = array_filter($this->tasks, fn(Task $one): bool => $one->kind === TaskKind::Sand && $one->pour === $task->pour);
            $lead = $sands === [] ? 0.0 : $task->start - min(array_map(fn(Task $one): float => $one->start, $sands));
            $whole = $task->end - $task->start + $lead;
            if (
                $task->kind !== TaskKind::Pour
                || $task->pour === null
                || abs(($hours->firstFit($task->start - $lead, $whole) ?? INF) - $task->start + $lead) < 1e-9
            ) {
                continue;
            }
            $lead = $task->pour === 0 ? Session::PREPARING : $lead;
            $fits = $hours->firstFit($task->start - $lead, $lead + $task->end - $task->start);
            $start = $fits === null ? INF : ceil(1e3 * ($fits + $lead) - 1e-6) / 1e3;
            $later = $this->plan->pours[$task->pour + 1]->startHour ?? INF;
            $at = "/pours/{$task->pour}/start_h";
            $found[] = Finding::of(
                Code::OutsideHours,
                $at,
                ['pour' => Number::count($task->pour + 1), 'start' => Duration::hours($task->start)]
                    + (is_finite($start) ? ['better' => Duration::hours($start)] : []),
                mend: $start > $later || is_infinite($start) ? null : new Mend($at, $start),
            );
        }

        return $found;
    }
}
