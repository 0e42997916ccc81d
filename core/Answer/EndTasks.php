<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Pensilis\Fact\Fact;
use Pensilis\Plan\Fitting;
use Pensilis\Plan\Fixing;
use Pensilis\Plan\Making;
use Pensilis\Plan\Tape;
use Pensilis\Scheduling\Session;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Pensilis\Simulation\DoneWhen;
use Pensilis\Simulation\FinishCoats;
use Pensilis\Simulation\Simulation;
use Pensilis\Vessel\DrapeForm;

/** What comes after the last pour: draping, demolding, finishing, full cure. */
final class EndTasks
{
    /** To drill for fittings of a kind and put them on, h (memory). */
    private const FITTING = 0.25;

    /** Pulling the tape of an edge, h (memory). */
    private const TAPE = 0.25;

    /** @return list<Task> */
    public static function of(Simulation $simulation): array
    {
        $plan = $simulation->plan;
        $last = $simulation->pours[count($simulation->pours) - 1];
        $tasks = $taped = self::tape($simulation);
        [$from, $to] = DoneWhen::bends($last);
        if ($plan->setup->making === Making::Sheet && $from !== null && $to !== null) {
            $tasks[] = new Task(TaskKind::Drape, $last->startHour + $from, $last->startHour + $to, null, self::drape($simulation));
        }
        if ($last->demold !== null) {
            $demold = $last->startHour + $last->demold;
            $at = $plan->studio->hours->evenFit($demold, Session::DEMOLDING) ?? $demold;
            $tasks[] = new Task(
                TaskKind::Demold,
                $at,
                $at + Session::DEMOLDING,
                null,
                new Fact(match (true) {
                    $plan->setup->making === Making::Sheet => 'peel-sheet',
                    $plan->setup->making === Making::Rigid => 'demold-rigid',
                    $taped !== []                          => 'off-props',
                    $plan->setup->making->isKept()         => 'pull-tape',
                    default                                => 'demold',
                }),
            );
            $finish = FinishCoats::of($simulation, $at + Session::DEMOLDING);
            array_push($tasks, ...$finish->tasks);
        }
        if ($last->fullCure !== null) {
            $cured = max($last->startHour + $last->fullCure, $finish->cured ?? -INF);
            array_push($tasks, ...self::fittings($simulation, $cured));
            $tasks[] = new Task(TaskKind::FullCure, $cured, $cured, null, new Fact('full-cure'));
        }

        return $tasks;
    }

    private static function drape(Simulation $simulation): Fact
    {
        $form = $simulation->plan->setup->form;

        return $form === null ? new Fact('drape') : new Fact('drape.form', [
            'foot_mm'  => 1e3 * $form->foot, 'width_mm' => 1e3 * $form->width,
            'depth_mm' => 1e3 * $form->depthOf(DrapeForm::cutFrom($simulation->plan->vessel)),
        ]);
    }

    /** @return list<Task> the tape that is pulled while the rim is soft, where the hours leave anybody there */
    private static function tape(Simulation $simulation): array
    {
        $plan = $simulation->plan;
        $last = $simulation->pours[count($simulation->pours) - 1];
        $soft = $plan->setup->making->isKept() && $plan->setup->tape === Tape::Soft;
        if (!$soft || $last->surfaceSets === null || $last->recoatOpens === null) {
            return [];
        }
        $latest = $last->startHour + $last->recoatOpens - self::TAPE;
        $at = $plan->studio->hours->evenFit($last->startHour + $last->surfaceSets, self::TAPE, latest: $latest);

        return $at === null || $at > $latest ? []
            : [new Task(TaskKind::Finish, $at, $at + self::TAPE, null, new Fact('pull-tape-soft'))];
    }

    /**
     * @param float $cured hour at which all of it is
     *
     * @return list<Task> fittings are put on what is fully cured, those that are held alike together
     */
    private static function fittings(Simulation $simulation, float $cured): array
    {
        $plan = $simulation->plan;
        $at = $plan->studio->hours->evenFit($cured, self::FITTING) ?? $cured;
        [$tasks, $alike] = [[], []];
        foreach ($plan->purpose->fittings as $one) {
            $alike["{$one->kind} {$one->fixing->value}"][] = $one;
        }
        foreach ($alike as $some) {
            $at = $plan->studio->hours->firstFit($at, self::FITTING) ?? $at;
            $whole = $plan->setup->thickness($simulation->layout->level());
            $face = $some[0]->fixing === Fixing::Screw && $some[0]->isThrough($plan->setup->viewed) ? '-face' : '';
            $tasks[] = new Task(TaskKind::Finish, $at, $at + self::FITTING, null, new Fact("fit.{$some[0]->fixing->value}{$face}", [
                'fitting'  => new Fact("fitting.{$some[0]->kind}"), 'holes' => count($some),
                'depth_mm' => round(1e3 * $some[0]->depth, 1), 'bolt_mm' => round(1e3 * Fitting::bolt($whole), 1),
                'lip_mm'   => round(1e3 * Fitting::lip($whole), 1),
            ]));
            $at += self::FITTING;
        }

        return $tasks;
    }
}
