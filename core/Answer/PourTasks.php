<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Pensilis\Bench\PourActs;
use Pensilis\Fact\Fact;
use Pensilis\Material\Inclusion;
use Pensilis\Scheduling\Handling;
use Pensilis\Scheduling\Joint;
use Pensilis\Scheduling\Session;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Pensilis\Simulation\AppliedSteps;
use Pensilis\Simulation\Holding;
use Pensilis\Simulation\Placing;
use Pensilis\Simulation\Simulation;

/**
 * The work of each pour: the vessel made ready before the first, sanding where a joint asks for it, the pour itself, and what goes in
 * later.
 */
final class PourTasks
{
    /**
     * @param list<Joint> $joints
     *
     * @return list<Task>
     */
    public static function of(Simulation $simulation, array $joints): array
    {
        [$tasks, $applied, $contact] = [[], AppliedSteps::of($simulation)->tasks, 0.0];
        foreach ($simulation->layout->pours as $k => $pour) {
            $start = $simulation->pours[$k]->startHour;
            $acts = PourActs::of($simulation->plan, $simulation->layout, $k, $joints[$k - 1] ?? null);
            $lead = $acts->leadHours();
            $isSanded = $k > 0 && $joints[$k - 1] === Joint::Sanded;
            $hold = $acts->holds() === [] ? null : Holding::task($simulation, $k, $acts, $start - $lead, match (true) {
                $k === 0  => Session::PREPARING,
                $isSanded => Session::SANDING,
                default   => 0.0,
            });
            $tasks = $hold === null ? $tasks : [...$tasks, $hold];
            // With compartments it was made ready for them; whatever is brushed on its floor, it is clean and level by then.
            $isReady = $simulation->plan->setup->compartments !== [];
            if ($k === 0 && ($hold === null || !$isReady)) {
                $making = $isReady ? new Fact('ready', ['pour' => 1])
                    : new Fact('prepare', ['making' => $simulation->plan->setup->making]);
                $from = $hold === null ? $start - Session::PREPARING - $lead : $hold->start - Session::PREPARING;
                $tasks[] = new Task(TaskKind::Prepare, $start < 0.0 ? $from : max(0.0, $from), $hold->start ?? $start, 0, $making);
            }
            if ($isSanded) {
                $until = min([$hold->start ?? $start - $lead, ...array_map(
                    fn(Task $task): float => $task->start,
                    array_filter($applied, fn(Task $task): bool => $task->pour === $k - 1),
                )]);
                $tasks[] = new Task(TaskKind::Sand, $until - Session::SANDING, $until, $k, new Fact('sand', ['pour' => $k]));
            }
            $set = $pour->setIn(late: false);
            $objects = Inclusion::names($set);
            $name = ($pour->batch->isShared ? 'pour-on' : 'pour') . ($objects === [] ? '' : '-and-set');
            $what = new Fact($name, ['pour' => $k + 1, 'objects' => $objects] + ($pour->batch->isShared
                ? ['mix_g' => $pour->batch->fills(), 'below' => $k] : ['mix_g' => $pour->batch->mixed()]));
            if (($k > 0 || $hold !== null) && $lead > 0.0) {
                $before = $acts->setBefore();
                $ready = new Fact($before === [] ? 'ready' : 'ready-and-set', ['pour' => $k + 1, 'objects' => Inclusion::names($before)]);
                $tasks[] = new Task(TaskKind::Prepare, $start - $lead, $start, $k, $ready, Handling::of($before));
            }
            $contact = $pour->batch->isShared ? $contact : $start;
            $handling = Handling::of($set, $contact, $start + $acts->wetHours());
            $tasks[] = new Task(TaskKind::Pour, $start, $start + $acts->hours(), $k, $what, $handling);
        }

        return [...$tasks, ...array_map(fn(Placing $one): Task => $one->task(), Placing::all($simulation))];
    }
}
