<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Pensilis\Bench\PourActs;
use Pensilis\Layout\Layout;
use Pensilis\Plan\Plan;
use Pensilis\Scheduling\Joint;
use Pensilis\Scheduling\PourWork;
use Pensilis\Scheduling\Preparation;
use Pensilis\Scheduling\Session;
use Pensilis\Scheduling\StartSearch;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Pensilis\Scheduling\Window;
use Pensilis\Simulation\Simulation;
use Pensilis\Thermal\CalibrationStore;
use Pensilis\Thermal\HeatRun;
use Pensilis\Thermal\PieceHeat;
use Pensilis\Thermal\PourTrack;
use Pensilis\Thermal\SimulatedPour;

/**
 * Finds a clock time for every pour: within the artist's hours, and inside the recoat window of the pour below
 * where that can be had; else after it has hardened, with a sanding step.
 *
 * Windows depend on the times and the times on the windows. A rehearsal that pours as soon as each window opens
 * gives first windows; times are searched for and simulated pour by pour. Where one would come outside the window
 * that it was planned for, the pours so far are followed until their true windows are known, and times are searched
 * for again, a few rounds at the most: what lies above a joint that breaks is not simulated in vain. What is
 * answered is what was simulated.
 */
final readonly class Timetable
{
    private const MOST_ROUNDS = 8;

    public function __construct(
        private Plan $plan,
        private Layout $layout,
        private CalibrationStore $store,
        private Preparation $preparation,
        private float $earliest = 0.0,
    ) {}

    public function fill(): PlacedPours
    {
        $heat = Simulation::heat($this->plan, $this->layout);
        if ($heat->mayBeThin()) {
            $placed = $this->place($heat, true);
            if ($placed->run !== null && $heat->isMild($placed->run)) {
                return $placed;
            }
        }

        return $this->place($heat, false);
    }

    private function place(PieceHeat $heat, bool $thin): PlacedPours
    {
        $rehearsal = $this->rehearse($heat, $thin);
        if (is_int($rehearsal)) {
            return PlacedPours::softAt($rehearsal);
        }
        $windows = self::windows($rehearsal);
        for ($round = 1;; $round++) {
            $starts = (new StartSearch($this->plan->studio->hours, $this->work(), $windows, $this->busy()))->find();
            if ($starts === null) {
                return PlacedPours::withoutTime($this->longest());
            }
            $planned = $round === self::MOST_ROUNDS ? null : PlacedPours::joints($starts, $windows);
            $run = $this->run($heat, $thin, $starts, $planned);
            $came = self::windows($run);
            if (count($came) === count($starts)) {
                $run->settle(self::latest($starts));

                return PlacedPours::after($run, $starts, $came);
            }
            $windows = [...$came, ...array_slice($windows, count($came))];
        }
    }

    /** Pours whenever the window opens; the index of the pour below which it never does. */
    private function rehearse(PieceHeat $heat, bool $thin): HeatRun|int
    {
        $run = $heat->begin($this->store->calibrated($this->plan->resin()), $thin);
        $at = 3600.0 * $this->work()[0]->ready;
        $longest = $at;
        foreach ($this->layout->pours as $k => $pour) {
            $run->pour($pour->mix($this->store), $pour->depth(), $at, $heat->rowsFor($pour->depth()));
            $longest = $at + HeatRun::HORIZON;
            $run->goOnUntil(fn(PourTrack $track): bool => $track->opens !== null, $longest);
            if ($run->tracks()[$k]->opens === null) {
                return $k + 1;
            }
            $at = $run->time();
        }
        $run->goOnUntil(fn(PourTrack $track): bool => $track->mayBeLeft(), $longest);

        return $run->tracks()[count($this->layout->pours) - 1]->mayBeLeft() ? $run : count($this->layout->pours);
    }

    /**
     * As far as windows need it, and no farther up than joints are as planned.
     *
     * @param list<float>      $starts
     * @param list<Joint>|null $planned null where any will do
     */
    private function run(PieceHeat $heat, bool $thin, array $starts, ?array $planned): HeatRun
    {
        $run = $heat->begin($this->store->calibrated($this->plan->resin()), $thin);
        foreach ($this->layout->pours as $k => $pour) {
            $run->advance(3600.0 * $starts[$k]);
            if ($k > 0 && $planned !== null && self::joint($run->tracks()[$k - 1]) !== $planned[$k - 1]) {
                break;
            }
            $run->pour($pour->mix($this->store), $pour->depth(), 3600.0 * $starts[$k], $heat->rowsFor($pour->depth()));
        }
        $run->goOnUntil(fn(PourTrack $track): bool => $track->mayBeLeft(), self::latest($starts));

        return $run;
    }

    /** What a pour on it at this moment would be. */
    private static function joint(PourTrack $below): Joint
    {
        return match (true) {
            $below->opens === null  => Joint::Wet,
            $below->closes === null => Joint::Chemical,
            default                 => Joint::Sanded,
        };
    }

    /**
     * @param list<float> $starts h
     *
     * @return float s, until when pours are followed
     */
    private static function latest(array $starts): float
    {
        return 3600.0 * max([0.0, ...$starts]) + HeatRun::HORIZON;
    }

    /** @return list<Window> */
    private static function windows(HeatRun $run): array
    {
        return array_map(fn(PourTrack $track): Window => SimulatedPour::of($track, INF)->window(), $run->tracks());
    }

    /** @return non-empty-list<PourWork> */
    private function work(): array
    {
        $work = [];
        foreach ($this->layout->pours as $k => $pour) {
            $work[] = new PourWork(
                PourActs::of($this->plan, $this->layout, $k)->hours(),
                max($this->earliest, $this->preparation->readyFor($pour->placed), $this->preparation->ground),
            );
        }

        return $work === [] ? [new PourWork(0.0, 0.0)] : $work;
    }

    /** The longest span of work that must fit in without a break, h. */
    private function longest(): float
    {
        $spans = array_map(fn(PourWork $work): float => $work->hours, $this->work());
        $spans[0] += Session::PREPARING;

        return max($spans);
    }

    /** @return list<array{float, float}> */
    private function busy(): array
    {
        $brushing = array_filter($this->preparation->tasks, fn(Task $task): bool => $task->kind === TaskKind::Seal);

        return array_values(array_map(fn(Task $task): array => [$task->start, $task->end], $brushing));
    }
}
