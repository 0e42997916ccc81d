<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Judgement\HeatJudge;
use Pensilis\Layout\Draft;
use Pensilis\Layout\Layout;
use Pensilis\Plan\Plan;
use Pensilis\Quantity\Duration;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\Number;
use Pensilis\Quantity\Temperature;
use Pensilis\Scheduling\Joint;
use Pensilis\Scheduling\Preparation;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Pensilis\Scheduling\Window;
use Pensilis\Simulation\AppliedSteps;
use Pensilis\Simulation\BrushedResin;
use Pensilis\Simulation\Simulation;
use Pensilis\Thermal\CalibrationStore;
use Pensilis\Thermal\HeatRun;
use Pensilis\Thermal\SimulatedPour;

/**
 * Finds pours, batches and clock times for a piece.
 *
 * The fewest layers are searched for, placed in clock time and simulated; while one of them cooks, the greatest
 * depth is lowered and the search made again, until all are acceptable or the least depth is reached.
 */
final readonly class Planner
{
    private const MOST_ROUNDS = 12;

    /** Depths are lowered in these steps, m. */
    private const GRAIN = 5e-4;

    public function __construct(private CalibrationStore $store) {}

    public function plan(Plan $plan): PlanAnswer
    {
        $deepest = null;
        $compartments = CompartmentPours::of($plan, $this->store);
        if ($compartments->set === null) {
            return PlanAnswer::infeasible(
                $plan,
                [Finding::of(Code::CompartmentNoGel, '/vessel/compartments', ['horizon' => self::horizon()])],
                drawn: Draft::found($plan)->layout,
            );
        }
        $preparation = $this->preparation($plan);
        for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
            $draft = Draft::found($plan, $deepest);
            if ($draft->layout === null) {
                return PlanAnswer::infeasible($plan, $deepest === null ? $draft->reasons : [
                    Finding::of(Code::TooHotForLayers, '/vessel', ['deepest' => Length::metres($deepest)]), ...$draft->reasons,
                ], drawn: Draft::found($plan)->layout);
            }
            $placed = (new Timetable($plan, $draft->layout, $this->store, $preparation, $compartments->set))->fill();
            if ($placed->run === null) {
                return PlanAnswer::infeasible($plan, [$this->stuck($placed)], drawn: $draft->layout);
            }
            $simulation = Simulation::after($plan, $draft->layout, $placed->run, $this->store);
            $next = $this->cooler($simulation);
            if ($next === null) {
                return $this->answer($simulation, $placed->joints, [...$preparation->tasks, ...$compartments->tasks], $deepest);
            }
            if ($next < $plan->resin()->sheet->leastPour || $next >= ($deepest ?? INF)) {
                return PlanAnswer::infeasible($plan, [$this->cooks($simulation)], $simulation);
            }
            $deepest = $next;
        }

        return PlanAnswer::infeasible($plan, [Finding::of(Code::TooHotEverywhere, '/vessel')], drawn: Draft::found($plan)->layout);
    }

    /** The answer for pours whose depths the plan gives, at times that are found for them as for found ones. */
    public function timed(Plan $plan): PlanAnswer
    {
        $layout = Layout::given($plan);
        $compartments = CompartmentPours::of($plan, $this->store);
        $preparation = $this->preparation($plan);
        $placed = (new Timetable($plan, $layout, $this->store, $preparation, $compartments->set ?? 0.0))->fill();
        if ($placed->run === null) {
            return PlanAnswer::infeasible($plan, [$this->stuck($placed)], drawn: $layout);
        }

        return $this->answer(
            Simulation::after($plan, $layout, $placed->run, $this->store),
            $placed->joints,
            [...$preparation->tasks, ...$compartments->tasks],
            null,
        );
    }

    /** The answer for pours that the plan itself gives: judged, with tasks at the times given. */
    public function judge(Plan $plan): PlanAnswer
    {
        $simulation = Simulation::of($plan, $this->store);
        $starts = $simulation->starts();
        $windows = array_map(fn(SimulatedPour $pour): Window => $pour->window(), $simulation->pours);
        $preparation = $this->preparation($plan);
        // Pours that begin before the ground is ready are poured on one that was made ready before the plan begins.
        $hasGround = $preparation->ground <= ($starts[0] ?? 0.0);
        $before = array_filter($preparation->tasks, fn(Task $task): bool => $hasGround || $task->kind !== TaskKind::Prepare);

        return $this->answer(
            $simulation,
            PlacedPours::joints($starts, $windows),
            [...array_values($before), ...CompartmentPours::of($plan, $this->store)->tasks],
            null,
        );
    }

    private function preparation(Plan $plan): Preparation
    {
        return Preparation::of(
            $plan->inclusions,
            $plan->studio->hours,
            $plan->setup->making->groundCoats(),
            BrushedResin::of($plan, $this->store)->drying,
        );
    }

    /**
     * @param list<Joint> $joints
     * @param list<Task>  $before what is done before the first pour
     */
    private function answer(Simulation $simulation, array $joints, array $before, ?float $deepest): PlanAnswer
    {
        $tasks = [
            ...$before, ...PourTasks::of($simulation, $joints), ...AppliedSteps::of($simulation)->tasks,
            ...EndTasks::of($simulation),
        ];

        return PlanAnswer::feasible($simulation, $joints, $tasks, $deepest);
    }

    /** A lower greatest depth where a pour cooks, m; null where none does. */
    private function cooler(Simulation $simulation): ?float
    {
        $next = null;
        foreach ($simulation->pours as $k => $pour) {
            if ($simulation->isTooHot($k)) {
                $room = $simulation->plan->ambient->at(3600.0 * $pour->startHour) - Temperature::ZERO_CELSIUS;
                $share = ($simulation->acceptable($k) - $room) / max(1.0, $pour->peakCelsius - $room);
                $depth = $simulation->layout->pours[$k]->depth() * min(0.95, max(0.6, $share));
                $next = min($next ?? INF, floor($depth / self::GRAIN) * self::GRAIN);
            }
        }

        return $next;
    }

    /** The heat that is left at the least depth. */
    private function cooks(Simulation $simulation): Finding
    {
        foreach (array_keys($simulation->pours) as $k) {
            $heat = (new HeatJudge($simulation))->heat($k);
            if ($heat !== null) {
                return Finding::of(
                    $heat->code === Code::Runaway ? Code::RunawayAnyDepth : Code::TooHotAnyDepth,
                    $heat->pointer,
                    $heat->quantities,
                );
            }
        }

        return Finding::of(Code::TooHotEverywhere, '/vessel');
    }

    private function stuck(PlacedPours $placed): Finding
    {
        return $placed->needed !== null
            ? Finding::of(Code::NoTime, '/studio/hours', ['needed' => Duration::hours($placed->needed)])
            : Finding::of(Code::NoGel, '/ambient', ['pour' => Number::count((int) $placed->soft), 'horizon' => self::horizon()]);
    }

    private static function horizon(): Duration
    {
        return Duration::hours(HeatRun::HORIZON / 3600.0);
    }
}
