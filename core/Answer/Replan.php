<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Closure;
use Pensilis\Fact\Fact;
use Pensilis\Plan\GivenPour;
use Pensilis\Plan\Plan;
use Pensilis\Quantity\Temperature;
use Pensilis\Record\Progress;
use Pensilis\Record\Seen;
use Pensilis\Scheduling\Happened;
use Pensilis\Scheduling\Joint;
use Pensilis\Scheduling\Task;
use Pensilis\Simulation\Simulation;
use Pensilis\Thermal\Fit\CalibrationStore;
use Pensilis\Thermal\SimulatedPour;

/**
 * A plan gone on with from what really happened: pours that were begun stay when they were, the room is as it has become, and the resin
 * cures as fast as was seen; what still holds as planned stays, the others are timed anew, and none that is not noted is taken as poured.
 * With all that moved, and why.
 */
final readonly class Replan
{
    /** What moves by less than that has not moved, h. */
    private const SAME = 0.01;

    /** As near as a moment that was seen is to be met, as a share; and in how many tries. */
    private const NEAR = 0.01;

    private const TRIES = 5;

    /** What hands are at for a pour, h, as far as being away can be in its way (memory). */
    private const WORK = 1.0;

    /** Rooms that differ by less are one, K. */
    private const FELT = 0.05;

    private function __construct(
        private Plan $plan,
        private Progress $progress,
        private float $pace,
        private PlanAnswer $planned,
        private PlanAnswer $answer,
    ) {}

    /**
     * What comes next for a piece: from what happened on, where anything that bears on its times did, else as it is planned. Pours that
     * are still to be found are found in the room as it was measured, around the hours at which nobody is there.
     *
     * @param Closure(Plan): Progress $soFar with the pours that a plan gives
     */
    public static function onward(Plan $plan, Closure $soFar, CalibrationStore $store): PlanAnswer
    {
        $planner = new Planner($store);
        $found = $plan->pours === [] ? $planner->planOrWaysOut($plan) : null;
        if ($found?->isFeasible() === false) {
            return $found;
        }
        $given = $found === null ? $plan : self::given($plan, $found);
        $progress = $soFar($given);
        if ($progress->isAsPlanned($given)) {
            return $found ?? $planner->judge($plan);
        }
        if ($found === null || $progress->happened()->begun !== []) {
            $answer = self::of($given, $progress, $store);

            return $found === null ? $answer : $answer->ofFound();
        }
        $answer = $progress->room === $plan->ambient ? $found : $planner->planOrWaysOut($plan->inRoom($progress->room));

        return $progress->away === [] || !$answer->isFeasible() ? $answer
            : $planner->timed(self::given($answer->plan, $answer), new Happened(away: $progress->away))->ofFound();
    }

    /** A plan with the pours that were found for it, when they were found. */
    private static function given(Plan $plan, PlanAnswer $found): Plan
    {
        return $plan->poured($found->layout?->asGiven() ?? [])->begunAt($found->simulation?->starts() ?? []);
    }

    /** A plan with its pours gone on with from what happened, with what had happened and what moved. */
    public static function of(Plan $plan, Progress $progress, CalibrationStore $store): PlanAnswer
    {
        [$planner, $happened] = [new Planner($store), $progress->happened()];
        $pace = self::pace($plan, $progress, $store);
        $changed = self::become($plan, $progress, $pace);
        [$planned, $judged] = [$planner->judge($plan), $planner->judge($changed)];
        $stays = self::stays($planned, $judged, $happened);
        $answer = count($stays) === count($plan->pours) ? $judged
            : $planner->timed($changed, new Happened($stays, $happened->now, $happened->away));

        return (new self($plan, $progress, $pace, $planned, $answer))->told();
    }

    /**
     * Times found anew for all that is still to come, from now on, of the plan as it has become: where others are on the bench too, so that
     * they leave it hands and a place.
     *
     * @param Beside|null $beside what other pieces take of the bench, hours of the plan
     */
    public static function anew(Plan $plan, Progress $progress, ?Beside $beside, CalibrationStore $store): PlanAnswer
    {
        $happened = $progress->happened()->away($beside?->taken() ?? []);
        $seen = self::become($plan, $progress, self::pace($plan, $progress, $store));
        $timed = fn(float $from): PlanAnswer => (new Planner($store))->timed($seen, $happened->from($from));
        $kept = $beside === null ? null : self::asItIs($plan, $seen, $progress->happened(), $beside, $store)
            ?? self::timedBesidesMixes($seen, $progress->happened(), $beside, $store);
        if ($kept !== null) {
            return $kept;
        }
        $answer = $timed($happened->now);

        // What was begun lies where it lies.
        return $beside === null || $happened->begun !== [] ? $answer : $beside->placed($answer, $timed);
    }

    /** A plan at its own times, where they still hold and the bench has room for it then; null where they or it do not. */
    private static function asItIs(Plan $plan, Plan $seen, Happened $happened, Beside $beside, CalibrationStore $store): ?PlanAnswer
    {
        $planner = new Planner($store);
        $judged = $planner->judge($seen);
        $holds = $judged->isFeasible() && count(self::stays($planner->judge($plan), $judged, $happened)) === count($plan->pours);

        return $holds && $beside->hasRoomFor($judged) ? $judged : null;
    }

    /** A plan at times at which it may come out of a mix that others are poured from; null where it has no room then. */
    private static function timedBesidesMixes(Plan $seen, Happened $happened, Beside $beside, CalibrationStore $store): ?PlanAnswer
    {
        $answer = (new Planner($store))->timed($seen, $happened->away($beside->takenBesidesMixes()));

        return $answer->isFeasible() && $beside->hasRoomFor($answer) ? $answer : null;
    }

    /** A plan as it has become: begun when it was, in the room as it was measured, of a resin that cures so many times as fast. */
    private static function become(Plan $plan, Progress $progress, float $pace): Plan
    {
        $begun = $plan->inRoom($progress->room)->begunAt($progress->happened()->begun);

        return $pace === 1.0 ? $begun : $begun->curing($pace);
    }

    /**
     * The pours that stay when they were planned: those that were begun, and on them those that are still to come, hold on the one below as
     * was planned, and want hands while somebody is there; up to the first that does not.
     *
     * @return array<int, float> their starts, by number
     */
    private static function stays(PlanAnswer $planned, PlanAnswer $judged, Happened $happened): array
    {
        $stays = [];
        foreach ($judged->simulation?->starts() ?? [] as $k => $start) {
            $isAway = array_filter($happened->away, fn(array $away): bool => $start < $away[1] && $start >= $away[0] - self::WORK) !== [];
            $joint = self::joint($judged, $k);
            $holds = $k === 0 || ($joint !== null && $joint === self::joint($planned, $k));
            $isAsPlanned = $start >= $happened->now && !$isAway && $holds;
            if (!isset($happened->begun[$k]) && !$isAsPlanned) {
                break;
            }
            $stays[$k] = $start;
        }

        return $stays + $happened->begun;
    }

    private function told(): PlanAnswer
    {
        [$begun, $asked] = [$this->progress->happened()->begun, array_flip($this->progress->overdue())];

        return $this->answer->after(new SoFar($begun, $this->progress->isOut, array_intersect_key(array_map(
            fn(GivenPour $pour): float => $pour->startHour,
            $this->plan->pours,
        ), $asked), $this->moved()));
    }

    /** @return list<Moved> in the order of the tasks */
    private function moved(): array
    {
        $before = [];
        foreach ($this->planned->tasks as $task) {
            $before[$task->id] = $task->start;
        }
        $moved = [];
        foreach ($this->answer->tasks as $task) {
            $from = $before[$task->id] ?? null;
            if ($from !== null && abs($task->start - $from) > self::SAME) {
                $moved[] = new Moved($task, $from, $this->why($task, $from));
            }
        }

        return $moved;
    }

    /** How a pour holds on the one below; null where that is too soft for it, or hard and not sanded yet. */
    private static function joint(PlanAnswer $answer, int $k): ?Joint
    {
        $below = $answer->simulation?->pours[$k - 1] ?? null;
        $after = $below === null ? 0.0 : ($answer->simulation?->pours[$k]->startHour ?? 0.0) - $below->startHour;

        return $below === null || ($answer->joints[$k - 1] ?? null) === Joint::Wet && ($answer->layout?->pours[$k]->isOnWet ?? false)
            ? $answer->joints[$k - 1] ?? null : $below->window()->allows($after);
    }

    /**
     * How many times as fast the resin cures as was thought, by what was seen last: tried again with each, as what cures faster is warmer.
     */
    private static function pace(Plan $plan, Progress $progress, CalibrationStore $store): float
    {
        [$plan, $seen] = [self::become($plan, $progress, 1.0), $progress->seen];
        $last = $seen === [] ? null : $seen[count($seen) - 1];
        $after = $last === null ? 0.0 : $last->at - ($plan->pours[$last->pour]->startHour ?? INF);
        $pace = 1.0;
        for ($n = 0; $n < self::TRIES && $last !== null && $after > 0.0; $n++) {
            $simulated = Simulation::of($pace === 1.0 ? $plan : $plan->curing($pace), $store)->pours[$last->pour];
            $thought = $last->found === null ? $simulated->gelFirst ?? $after : self::nearest($last, $simulated, $after);
            $pace *= $thought / $after;
            if (abs($thought / $after - 1.0) < self::NEAR) {
                break;
            }
        }

        return $pace;
    }

    /** The hour nearest to one at which a pour is as it was found. */
    private static function nearest(Seen $seen, SimulatedPour $pour, float $after): float
    {
        $moments = [$pour->surfaceSets ?? INF, $pour->recoatOpens ?? INF, $pour->recoatCloses ?? INF];
        [$from, $to] = $seen->found?->between(...$moments) ?? [INF, INF];

        return is_finite($from) ? max($from, min($to, $after)) : $after;
    }

    private function why(Task $task, float $from): Fact
    {
        $begun = $this->progress->happened()->begun;
        $k = $task->pour ?? count($this->plan->pours) - 1;
        if (isset($begun[$k])) {
            $later = $begun[$k] - $this->plan->pours[$k]->startHour;
            if (abs($later) > self::SAME) {
                return self::by('moved.begun', $later, ['pour' => $k + 1]);
            }
        }
        foreach ($this->progress->away as [$leaves, $returns]) {
            if ($from < $returns && $from >= $leaves - self::WORK) {
                return new Fact('moved.away', ['away_h' => $returns - $leaves]);
            }
        }
        $below = isset($begun[$k - 1]) ? $begun[$k - 1] - $this->plan->pours[$k - 1]->startHour : 0.0;

        return match (true) {
            $this->pace > 1.0                                  => new Fact('moved.faster', ['faster_pct' => 100.0 * ($this->pace - 1.0)]),
            $this->pace < 1.0                                  => new Fact('moved.slower', ['slower_pct' => 100.0 * (1.0 - $this->pace)]),
            !isset($begun[$k]) && $from < $this->progress->now => new Fact('moved.late', ['late_h' => $this->progress->now - $from]),
            abs($below) > self::SAME                           => self::by('moved.below', $below, ['pour' => $k]),
            default                                            => $this->room() ?? $this->window($k),
        };
    }

    /** The room, where it has become another. */
    private function room(): ?Fact
    {
        $at = 3600.0 * $this->progress->now;
        $kelvin = [$this->progress->room->at($at), $this->plan->ambient->at($at)];

        return abs($kelvin[0] - $kelvin[1]) < self::FELT ? null : new Fact('moved.room', [
            'is_celsius' => Temperature::kelvin($kelvin[0])->c(), 'was_celsius' => Temperature::kelvin($kelvin[1])->c(),
        ]);
    }

    /** The window of the pour below, by how much later it opens. */
    private function window(int $k): Fact
    {
        $opens = function (PlanAnswer $answer) use ($k): float {
            $below = $answer->simulation?->pours[$k - 1] ?? null;

            return $below === null ? 0.0 : $below->startHour + ($below->recoatOpens ?? 0.0);
        };

        return self::by('moved.window', $opens($this->answer) - $opens($this->planned), ['pour' => $k]);
    }

    /** @param array<string, int> $values */
    private static function by(string $name, float $later, array $values): Fact
    {
        $way = match (true) {
            $later > self::SAME  => 'later',
            $later < -self::SAME => 'earlier',
            default              => 'otherwise',
        };

        return new Fact("{$name}.{$way}", $values + ['by_h' => abs($later)]);
    }
}
