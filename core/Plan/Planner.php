<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Quantity\Figure;
use Pensilis\Scheduling\Joint;
use Pensilis\Scheduling\Preparation;
use Pensilis\Scheduling\Session;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Pensilis\Scheduling\Window;
use Pensilis\Thermal\CalibrationStore;
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
            return PlanAnswer::infeasible($plan, [new Notice('no-gel', 'A compartment finds no time, or does not set within 60 days in this room.', '/vessel/compartments')]);
        }
        for ($round = 0; $round < self::MOST_ROUNDS; $round++) {
            $draft = Draft::found($plan, $deepest);
            if ($draft->layout === null) {
                return PlanAnswer::infeasible($plan, $deepest === null ? $draft->reasons : [
                    new Notice('too-hot', sprintf(
                        'Pours of %s mm and more get too hot, and with thinner ones there are no layers for the objects.',
                        Figure::short(1e3 * $deepest, 1),
                    ), '/vessel'), ...$draft->reasons,
                ]);
            }
            $preparation = Preparation::of($plan->inclusions, $plan->studio->hours);
            $placed = (new Timetable($plan, $draft->layout, $this->store, $preparation, $compartments->set))->fill();
            if ($placed->run === null) {
                return PlanAnswer::infeasible($plan, [$this->stuck($placed)]);
            }
            $simulation = Simulation::after($plan, $draft->layout, $placed->run);
            $next = $this->cooler($simulation);
            if ($next === null) {
                return $this->answer($plan, $simulation, $placed->starts, $placed->joints, [...$preparation->tasks, ...$compartments->tasks], $deepest);
            }
            if ($next < $plan->resin()->sheet->leastPour || $next >= ($deepest ?? INF)) {
                return PlanAnswer::infeasible($plan, [$this->cooks($simulation)], $simulation);
            }
            $deepest = $next;
        }

        return PlanAnswer::infeasible($plan, [new Notice('too-hot', 'No depth was found at which every pour stays cool.', '/vessel')]);
    }

    /** The answer for pours that the plan itself gives: judged, with tasks at the times given. */
    public function judge(Plan $plan): PlanAnswer
    {
        $simulation = Simulation::of($plan, $this->store);
        $starts = array_map(fn(SimulatedPour $pour): float => $pour->startHour, $simulation->pours);
        $windows = array_map(fn(SimulatedPour $pour): Window => $pour->window(), $simulation->pours);
        $joints = PlacedPours::joints($starts, $windows);

        return $this->answer($plan, $simulation, $starts, $joints, CompartmentPours::of($plan, $this->store)->tasks, null);
    }

    /**
     * @param list<float> $starts
     * @param list<Joint> $joints
     * @param list<Task>  $before what is done before the first pour
     */
    private function answer(
        Plan $plan,
        Simulation $simulation,
        array $starts,
        array $joints,
        array $before,
        ?float $deepest,
    ): PlanAnswer {
        $applied = (new AppliedJudge($plan, $simulation->layout, $simulation->pours))->tasks();
        $tasks = [...$before, ...$this->pourTasks($simulation, $starts, $joints), ...$applied, ...$this->endTasks($plan, $simulation)];

        return PlanAnswer::feasible($plan, $simulation, $joints, $tasks, $deepest);
    }

    /**
     * @param list<float> $starts
     * @param list<Joint> $joints
     *
     * @return list<Task>
     */
    private function pourTasks(Simulation $simulation, array $starts, array $joints): array
    {
        $tasks = [];
        foreach ($simulation->layout->pours as $k => $pour) {
            $start = $starts[$k];
            $number = $k + 1;
            if ($k === 0) {
                $tasks[] = new Task(TaskKind::Prepare, 'Make the vessel ready: ' . $simulation->plan->setup->making->words(), max(0.0, $start - Session::PREPARING), $start, 0);
            } elseif ($joints[$k - 1] === Joint::Sanded) {
                $tasks[] = new Task(TaskKind::Sand, "Sand pour {$k} with 220 grit, wipe", $start - Session::SANDING, $start, $k);
            }
            $objects = implode(', ', array_map(fn($inclusion): string => $inclusion->name(), $pour->placed));
            $title = sprintf('Pour %d: %s g', $number, Figure::fixed($pour->batch->mixed(), 1)) . ($objects === '' ? '' : ", set {$objects}");
            $hours = Session::hours(count($pour->placed), $pour->resin->sheet->working);
            $tasks[] = new Task(TaskKind::Pour, $title, $start, $start + $hours, $k);
        }

        return $tasks;
    }

    /** @return list<Task> */
    private function endTasks(Plan $plan, Simulation $simulation): array
    {
        $last = $simulation->pours[count($simulation->pours) - 1];
        $demold = $last->onClock($last->demold);
        $cured = $last->onClock($last->fullCure);
        $tasks = [];
        if ($plan->setup->making === Making::Sheet && $last->gelFirst !== null) {
            // A sheet bends just before and after it gels (common practice); a twentieth of the gel time either way (memory).
            [$from, $to] = [$last->onClock(0.95 * $last->gelFirst), $last->onClock(1.05 * ($last->gelLast ?? $last->gelFirst))];
            $tasks[] = new Task(TaskKind::Drape, 'Drape the sheet over its form, and leave it there', (float) $from, (float) $to);
        }
        if ($demold !== null) {
            $at = $plan->studio->hours->firstFit($demold, Session::DEMOLDING) ?? $demold;
            $tasks[] = new Task(TaskKind::Demold, $plan->setup->making->isKept() ? 'Pull the tape, warm drips off the back' : 'Demold: round the rim first', $at, $at + Session::DEMOLDING);
            $finish = $plan->purpose->finish->after();
            $tasks = $finish === null ? $tasks : [...$tasks, new Task(TaskKind::Finish, $finish, $at + Session::DEMOLDING, $at + Session::DEMOLDING)];
        }
        if ($cured !== null) {
            $tasks[] = new Task(TaskKind::FullCure, 'Fully cured', $cured, $cured);
        }

        return $tasks;
    }

    /** A lower greatest depth where a pour cooks, m; null where none does. */
    private function cooler(Simulation $simulation): ?float
    {
        $next = null;
        foreach ($simulation->pours as $k => $pour) {
            if ($simulation->isTooHot($k)) {
                $room = $simulation->plan->ambient->at(3600.0 * $pour->startHour) - 273.15;
                $share = ($simulation->acceptable($k) - $room) / max(1.0, $pour->peakCelsius - $room);
                $depth = $simulation->layout->pours[$k]->depth() * min(0.95, max(0.6, $share));
                $next = min($next ?? INF, floor($depth / self::GRAIN) * self::GRAIN);
            }
        }

        return $next;
    }

    private function cooks(Simulation $simulation): Notice
    {
        foreach ($simulation->notices as $notice) {
            if ($notice->code === 'too-hot' || $notice->code === 'runaway') {
                return new Notice($notice->code, $notice->message . ' Thinner pours than the sheet allows would be needed.', $notice->pointer);
            }
        }

        return new Notice('too-hot', 'A pour gets too hot even at the least depth.', '/vessel');
    }

    private function stuck(PlacedPours $placed): Notice
    {
        return $placed->why === PlacedPours::NO_TIME
            ? new Notice('no-time', 'The working hours leave no span long enough for a pour; an hour and a quarter is needed.', '/studio/hours')
            : new Notice('no-gel', "Pour {$placed->stuck} does not set within 60 days in this room; warm the room.", '/ambient');
    }
}
