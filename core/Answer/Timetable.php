<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Pensilis\Bench\PourActs;
use Pensilis\Layout\LaidPour;
use Pensilis\Layout\Layout;
use Pensilis\Plan\Plan;
use Pensilis\Quantity\Temperature;
use Pensilis\Scheduling\Happened;
use Pensilis\Scheduling\Joint;
use Pensilis\Scheduling\LaterWork;
use Pensilis\Scheduling\PourWork;
use Pensilis\Scheduling\Preparation;
use Pensilis\Scheduling\Session;
use Pensilis\Scheduling\StartSearch;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Pensilis\Scheduling\Window;
use Pensilis\Simulation\AppliedSteps;
use Pensilis\Simulation\Cups;
use Pensilis\Simulation\Holding;
use Pensilis\Simulation\Placing;
use Pensilis\Simulation\Simulation;
use Pensilis\Thermal\Fit\CalibrationStore;
use Pensilis\Thermal\PieceHeat;
use Pensilis\Thermal\Run\Budget;
use Pensilis\Thermal\Run\HeatRun;
use Pensilis\Thermal\Run\PourTrack;
use Pensilis\Thermal\SimulatedPour;

/**
 * Finds a clock time for every pour: within the artist's hours, and inside the recoat window of the pour below
 * where that can be had; else after it has hardened, with a sanding step.
 *
 * Windows depend on the times and the times on the windows. A rehearsal that pours as soon as each window opens
 * gives first windows; times are searched for and simulated pour by pour. Where one would come outside the window
 * that it was planned for, the pours so far are followed until their true windows are known, and times are searched
 * for again, a few rounds at the most: what lies above a joint that breaks is not simulated in vain. What is
 * answered is what was simulated, and every start of it lies in its own window.
 *
 * A search's working state.
 */
final class Timetable
{
    private const MOST_ROUNDS = 10;

    /** From this round on a window is what held in every try. */
    private const CAREFUL = 4;

    /** So much beyond what is acceptable a pour stays too hot whenever it is poured (memory), K. */
    private const FAR = 3.0;

    /** Pours that are rehearsed at the most; those above them are taken as the last of them. */
    private const REHEARSED = 4;

    /** Of a depth: pours of one resin that differ by no more take as long. */
    private const ALIKE = 0.3;

    /** @var array<int, Stage> by pour */
    private array $kept = [];

    /** @var array<int, LaterWork> by pour, what a try has shown that hands come back for while it is wet */
    private array $later = [];

    /** @var non-empty-list<PourWork>|null once it was asked for */
    private ?array $work = null;

    /** @param float|null $sanding days that a sanded joint is worth, where other than the plan says */
    public function __construct(
        private readonly Plan $plan,
        private readonly Layout $layout,
        private readonly CalibrationStore $store,
        private readonly Preparation $preparation,
        private readonly Budget $budget,
        private readonly float $earliest = 0.0,
        private readonly Happened $happened = new Happened(),
        private readonly ?float $sanding = null,
    ) {}

    /** @param bool $mayBeHot whether times are wanted even for pours that cook */
    public function fill(bool $mayBeHot = true): PlacedPours
    {
        $heat = Simulation::heat($this->plan, $this->layout);
        if ($heat->mayBeThin()) {
            $placed = $this->place($heat, true, true);
            if ($placed->run !== null && $heat->isMild($placed->run)) {
                return $placed;
            }
        }

        return $this->place($heat, false, $mayBeHot);
    }

    private function place(PieceHeat $heat, bool $thin, bool $mayBeHot): PlacedPours
    {
        $this->kept = [];
        $rehearsal = $this->rehearse($heat, $thin);
        if (is_int($rehearsal)) {
            return PlacedPours::softAt($rehearsal);
        }
        $peaks = $mayBeHot ? [] : $this->farTooHot($rehearsal);
        if ($peaks !== []) {
            return PlacedPours::hot($peaks);
        }
        $windows = self::windows($rehearsal);
        $windows = array_pad($windows, count($this->layout->pours), $windows[count($windows) - 1]);
        [$hours, $sanding] = [$this->plan->studio->hours, $this->sanding ?? $this->plan->weights->sanding()];
        [$room, $bare] = [[], null];
        for ($round = 1; $round <= self::MOST_ROUNDS + count($windows); $round++) {
            $windows = array_map(fn(Window $one, int $k): Window => $one->notBefore($room[$k] ?? 0.0), $windows, array_keys($windows));
            $starts = (new StartSearch($hours, $this->work(), $windows, $sanding, $this->busy()))->find();
            $this->budget->time(count($windows));
            if ($starts === null) {
                break;
            }
            $run = $this->run($heat, $thin, $starts, $windows);
            $came = self::windows($run);
            if (is_infinite($came[count($came) - 1]->opens)) {
                return PlacedPours::softAt(count($came));
            }
            if (count($came) === count($starts)) {
                $run->settle(self::latest($starts));
                $came = self::windows($run);
                $joints = PlacedPours::joints($starts, $came, $this->work());
                $bare = $joints === null ? $bare : PlacedPours::after($run, $starts, $joints);
                $wanted = $joints === null ? [] : $this->wantedRoom($run);
                $isDone = $joints !== null && $wanted === [] && !$this->learnLater($run);
                if ($bare !== null && ($isDone || $this->budget->isSpent())) {
                    return $bare;
                }
                $room = $wanted + $room;
            }
            $windows = $this->learnt($windows, $came, $round >= self::CAREFUL);
        }

        return $bare ?? PlacedPours::withoutTime($this->longest());
    }

    /** @return array<int, float> h after a pour before which what is applied on it leaves no room for the next, where that comes sooner */
    private function wantedRoom(HeatRun $run): array
    {
        if (array_filter($this->layout->pours, fn(LaidPour $pour): bool => $pour->coat->applied !== []) === []) {
            return [];
        }
        $simulation = Simulation::after($this->plan, $this->layout, $run, $this->store);
        $wanted = [];
        foreach (AppliedSteps::of($simulation)->latecomers($simulation) as $k => $until) {
            $wanted[$k] = $until - $simulation->pours[$k]->startHour;
        }

        return $wanted;
    }

    /** Keeps when hands must come back to set what goes in once it is thick, where they are not there; whether there is such a pour. */
    private function learnLater(HeatRun $run): bool
    {
        if (array_filter($this->layout->pours, fn(LaidPour $pour): bool => $pour->setIn(late: true) !== []) === []) {
            return false;
        }
        $missed = false;
        foreach (Placing::all(Simulation::after($this->plan, $this->layout, $run, $this->store)) as $one) {
            if ($one->work->isPossible() && !$one->isInHours() && !isset($this->happened->begun[$one->pour])) {
                $this->later[$one->pour] = $one->work;
                [$this->work, $missed] = [null, true];
            }
        }

        return $missed;
    }

    /** @return array<int, float> °C that pours reach which are far too hot, by number */
    private function farTooHot(HeatRun $run): array
    {
        $hot = [];
        foreach ($run->tracks() as $k => $track) {
            $peak = Temperature::kelvin($track->peak)->c();
            $tolerated = Temperature::kelvin($track->resin->toleratedPeak)->c();
            if ($peak > self::FAR + Simulation::limit($this->plan, $this->layout, $k, $tolerated)) {
                $hot[$k] = $peak;
            }
        }

        return $hot;
    }

    /**
     * What is known of the windows after a try; once care is due, only what held in every one.
     *
     * @param list<Window> $known
     * @param list<Window> $came  as far as it went
     *
     * @return list<Window>
     */
    private function learnt(array $known, array $came, bool $careful): array
    {
        return array_map(
            fn(Window $one, ?Window $now): Window => $now === null ? $one : ($careful ? $one->within($now) : $now),
            $known,
            array_pad($came, count($known), null),
        );
    }

    /**
     * Pours the first as soon as there is time for it, and the next few whenever the window opens; the index of the pour below which it
     * never does.
     */
    private function rehearse(PieceHeat $heat, bool $thin): HeatRun|int
    {
        $run = $this->begin($heat, $thin);
        $begun = $this->happened->begun;
        $at = 3600.0 * $this->firstStart();
        $pours = array_slice($this->layout->pours, 0, max($this->rehearsed(), count($begun) + 2));
        $longest = $at;
        foreach ($pours as $k => $pour) {
            $at = isset($begun[$k]) ? 3600.0 * $begun[$k] : $at;
            $run->pour($pour->mix($this->store), $pour->depth(), $at, $heat->rowsFor($pour->depth()));
            $first = $k === 0 ? Stage::poured($at / 3600.0, $run) : null;
            $longest = $at + HeatRun::HORIZON;
            if (isset($begun[$k + 1])) {
                continue;
            }
            if ($this->layout->pours[$k + 1]->isOnWet ?? false) {
                $at += 3600.0 * $this->work()[$k]->hours;
                continue;
            }
            $run->goOnUntil(fn(PourTrack $track): bool => $track->opens !== null, $longest);
            $this->kept = $first === null ? $this->kept : [$first->followed($run)];
            if ($run->tracks()[$k]->opens === null) {
                return $k + 1;
            }
            $at = max($run->time(), 3600.0 * $this->happened->now);
        }
        $run->goOnUntil(fn(PourTrack $track): bool => $track->mayBeLeft(), $longest);
        $this->kept = count($pours) > 1 ? $this->kept : array_map(fn(Stage $only): Stage => $only->followed($run), $this->kept);

        return $run->tracks()[count($pours) - 1]->mayBeLeft() ? $run : count($pours);
    }

    private function begin(PieceHeat $heat, bool $thin): HeatRun
    {
        return $heat->begin($this->store->calibrated($this->plan->resin()), $thin)->within($this->budget);
    }

    /** How many pours there are before one that is like that below it, which has another below it. */
    private function rehearsed(): int
    {
        $pours = $this->layout->pours;
        foreach (array_slice($pours, 2, self::REHEARSED - 2) as $n => $pour) {
            [$below, $depth] = [$pours[$n + 1], $pour->depth()];
            if ($pour->resin->id === $below->resin->id && abs($depth - $below->depth()) <= self::ALIKE * $depth) {
                return $n + 2;
            }
        }

        return self::REHEARSED;
    }

    /**
     * As far as windows need it, and no farther up than joints are as planned; taken up from where a try before that had the same hours
     * followed the last pour.
     *
     * @param list<float>  $starts
     * @param list<Window> $windows that they were planned by
     */
    private function run(PieceHeat $heat, bool $thin, array $starts, array $windows): HeatRun
    {
        $same = 0;
        while (isset($this->kept[$same]) && abs($this->kept[$same]->start - $starts[$same]) < 1e-9) {
            $same++;
        }
        $this->kept = array_slice($this->kept, 0, $same);
        $run = $same > 0 ? $this->kept[$same - 1]->before(3600.0 * ($starts[$same] ?? INF))
            : $this->begin($heat, $thin);
        foreach (array_slice($this->layout->pours, $same, null, true) as $k => $pour) {
            if ($k > 0) {
                $run->approach(3600.0 * $starts[$k]);
                $this->kept[$k - 1] = $this->kept[$k - 1]->followed($run);
            }
            $run->advance(3600.0 * $starts[$k]);
            $isMade = $k === 0 || isset($this->happened->begun[$k]) || ($pour->isOnWet
                ? $run->tracks()[$k - 1]->gelFirst === null
                : self::joint($run, $this->work()[$k]->afterSanding()) === $windows[$k - 1]->allows(
                    $starts[$k] - $starts[$k - 1],
                    $this->work()[$k]->afterSanding(),
                ));
            if (!$isMade) {
                break;
            }
            $run->pour($pour->mix($this->store), $pour->depth(), 3600.0 * $starts[$k], $heat->rowsFor($pour->depth()));
            $this->kept[$k] = Stage::poured($starts[$k], $run);
        }
        $run->goOnUntil(fn(PourTrack $track): bool => $track->mayBeLeft(), self::latest($starts));

        return $run;
    }

    /**
     * What a pour on its last at this moment may be; null where that is too soft, or no longer sticks and is not sanded yet.
     *
     * @param float $lead h of work between sanding and the pour
     */
    private static function joint(HeatRun $run, float $lead): ?Joint
    {
        $below = $run->tracks()[count($run->tracks()) - 1];
        $sands = $run->time() - 3600.0 * (Session::SANDING + $lead) + 1e-3;

        return match (true) {
            $below->opens === null                                                   => null,
            $below->closes === null                                                  => Joint::Chemical,
            $below->demold !== null && max($below->closes, $below->demold) <= $sands => Joint::Sanded,
            default                                                                  => null,
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
        return $this->work ??= $this->findWork();
    }

    /** @return non-empty-list<PourWork> */
    private function findWork(): array
    {
        $work = [];
        // In as many mixes as the warmest hour asks for: what is poured in a cooler one is done sooner.
        $layout = Cups::parted($this->plan, $this->layout, $this->store, array_fill(0, count($this->layout->pours), $this->warmest()));
        $acts = array_map(fn(int $k): PourActs => PourActs::of($this->plan, $layout, $k), array_keys($layout->pours));
        // What is set may take longer on a hard layer; with nothing set only the wiping falls away.
        $onHard = array_map(
            fn(PourActs $one, int $k): PourActs => $k === 0 || $layout->pours[$k]->placed === []
                ? $one : PourActs::of($this->plan, $layout, $k, Joint::Sanded),
            $acts,
            array_keys($acts),
        );
        foreach ($layout->pours as $k => $pour) {
            $work[] = new PourWork(
                $acts[$k]->hours(),
                max($this->earliest, $this->readyFor($k, $acts[$k]), $this->preparation->ground, $this->happened->now),
                $this->happened->begun[$k] ?? null,
                $pour->isOnWet,
                max($acts[$k]->leadHours(), $onHard[$k]->leadHours()),
                $k > 0 && $onHard[$k]->holds() !== [] ? Holding::hours($this->plan, $this->store) : 0.0,
                $this->later[$k] ?? null,
            );
        }

        return $work === [] ? [new PourWork(0.0, 0.0)] : $work;
    }

    /** From when what is set in a pour is ready, and held where it must be before anything is poured on it. */
    private function readyFor(int $k, PourActs $acts): float
    {
        $ready = $this->preparation->readyFor($this->layout->pours[$k]->placed);
        if ($k > 0 || $acts->holds() === []) {
            return $ready;
        }
        $hold = Holding::hours($this->plan, $this->store);
        $from = max($this->earliest, $this->preparation->ground, $ready - $hold, 0.0);

        $brushes = $this->plan->studio->hours->firstFit($from, Session::PREPARING + Session::BRUSHING) ?? $from;

        return max($ready, $brushes + Session::PREPARING + $hold);
    }

    /** The hour of a day at which the room is warmest. */
    private function warmest(): float
    {
        $hours = range(0, 23);
        $kelvin = array_map(fn(int $hour): float => $this->plan->ambient->at(3600.0 * $hour), $hours);

        return (float) array_search(max($kelvin), $kelvin, true);
    }

    /** When the first pour was begun, or the first hour at which there is time for it. */
    private function firstStart(): float
    {
        $first = $this->work()[0];

        return (new StartSearch($this->plan->studio->hours, [$first], [], busy: $this->busy()))->find()[0] ?? $first->ready;
    }

    /** The longest span of work that must fit in without a break, h. */
    private function longest(): float
    {
        $spans = array_map(fn(PourWork $work): float => $work->hours + $work->lead, $this->work());
        $spans[0] += Session::PREPARING;

        return max($spans);
    }

    /** @return list<array{float, float}> */
    private function busy(): array
    {
        $brushing = array_filter($this->preparation->tasks, fn(Task $task): bool => $task->kind === TaskKind::Seal);

        return [...array_values(array_map(fn(Task $task): array => [$task->start, $task->end], $brushing)), ...$this->happened->away];
    }
}
