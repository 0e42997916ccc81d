<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Pensilis\Fact\Fact;
use Pensilis\Plan\Making;
use Pensilis\Scheduling\Session;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Pensilis\Simulation\Simulation;

/** What comes after the last pour: draping, demolding, finishing, full cure. */
final class EndTasks
{
    /** A sheet bends just before and after it gels (common practice); a twentieth of the gel time either way (memory). */
    private const BENDS = 0.05;

    /** @return list<Task> */
    public static function of(Simulation $simulation): array
    {
        $plan = $simulation->plan;
        $last = $simulation->pours[count($simulation->pours) - 1];
        $tasks = [];
        if ($plan->setup->making === Making::Sheet && $last->gelFirst !== null) {
            [$from, $to] = [(1.0 - self::BENDS) * $last->gelFirst, (1.0 + self::BENDS) * ($last->gelLast ?? $last->gelFirst)];
            $tasks[] = new Task(TaskKind::Drape, $last->startHour + $from, $last->startHour + $to, null, new Fact('drape'));
        }
        if ($last->demold !== null) {
            $demold = $last->startHour + $last->demold;
            $at = $plan->studio->hours->firstFit($demold, Session::DEMOLDING) ?? $demold;
            $tasks[] = new Task(
                TaskKind::Demold,
                $at,
                $at + Session::DEMOLDING,
                null,
                new Fact($plan->setup->making->isKept() ? 'pull-tape' : 'demold'),
            );
            if ($plan->purpose->finish->isWork()) {
                $end = $at + Session::DEMOLDING;
                $tasks[] = new Task(TaskKind::Finish, $end, $end, null, new Fact("finish-{$plan->purpose->finish->value}"));
            }
        }
        if ($last->fullCure !== null) {
            $tasks[] = new Task(
                TaskKind::FullCure,
                $last->startHour + $last->fullCure,
                $last->startHour + $last->fullCure,
                null,
                new Fact('full-cure'),
            );
        }

        return $tasks;
    }
}
