<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Pensilis\Batching\OneMix;
use Pensilis\Plan\Plan;
use Pensilis\Scheduling\Happened;
use Pensilis\Scheduling\Places;
use Pensilis\Scheduling\Task;
use Pensilis\Simulation\Simulation;
use Pensilis\Thermal\Fit\CalibrationMemory;
use Pensilis\Thermal\SimulatedPour;

/**
 * Several pieces on one bench: each is planned by itself, then put beside those before it, so that no two want the same hands, the same
 * level place or the same box at once. What is in nobody's way stays as it is; of the others the pours stay, and their times are found
 * anew. The order is taken with which least is late, then all is done soonest, then costs least: of a few pieces of all orders, by branch
 * and bound; of more, of those that put first what is due first, what takes longest, and what came last before.
 *
 * No order is done sooner than the longest piece by itself, nor than level places and boxes allow one after another: that is the bound.
 *
 * A search's working state.
 */
final class Workshop
{
    /** Pieces of which every order is tried. */
    private const FEW = 4;

    /** @var list<PlanAnswer> in the order of the pieces */
    public array $answers;

    /** @var array{int, float, float, float} pieces that cannot be done, h that they are late in all, h until all is done, and cost */
    private array $rank = [PHP_INT_MAX, INF, INF, INF];

    /** h before which all cannot be done */
    public readonly float $bound;

    /**
     * @param non-empty-list<Plan>       $plans
     * @param non-empty-list<PlanAnswer> $alone each by itself
     */
    private function __construct(private readonly array $plans, private readonly array $alone, private readonly CalibrationMemory $store)
    {
        [$this->answers, $this->bound] = [$alone, self::boundOf($alone)];
        $nothing = Beside::nothing($alone[0]->plan->studio);
        $all = self::longestFirst($alone);
        if (count($plans) <= self::FEW) {
            $this->branch($all, [], $nothing);
        } else {
            foreach ([self::dueFirst($alone), $all] as $order) {
                $this->follow($order, $nothing);
            }
            $this->follow(self::longestFirst($this->answers), $nothing);
        }
        $this->share();
    }

    /** One pair of hands pours those of one mix one after another: each is dressed when those before it are. */
    private function share(): void
    {
        $pours = [];
        foreach ($this->alone[0]->plan->studio->hands > 1 ? [] : $this->oneMixes() as $one) {
            $at = $one->at + OneMix::begins($one->mixes());
            foreach (array_keys(OneMix::ordered($one->mixes())) as $n) {
                [$piece, $pour, $mix] = $one->shares[$n];
                $at += $mix->wet;
                $pours[$piece][$pour] = [$at, $one->at + OneMix::hours($one->mixes())];
            }
        }
        $this->answers = array_map(
            fn(PlanAnswer $answer, int $piece): PlanAnswer => $answer->pouredAmong($pours[$piece] ?? []),
            $this->answers,
            array_keys($this->answers),
        );
    }

    /** @param non-empty-list<Plan> $plans clock, hours, hands and places are those of the first */
    public static function of(array $plans): self
    {
        $store = new CalibrationMemory();
        // By day for all where the first gives no hours, so that what is busy is kept to.
        $bench = $plans[0]->byDay();
        $plans = array_map(fn(Plan $plan): Plan => $plan->atBenchOf($bench), $plans);

        return new self($plans, array_map(fn(Plan $plan): PlanAnswer => (new Planner($store))->plan($plan), $plans), $store);
    }

    /**
     * Every order of what is left, as long as it can still be better than the best.
     *
     * @param list<int>              $left
     * @param array<int, PlanAnswer> $answers so far, by piece
     */
    private function branch(array $left, array $answers, Beside $beside): void
    {
        if ($left === []) {
            $this->keep($answers);
        }
        foreach ($left as $k => $n) {
            $answer = $this->placed($n, $beside);
            $more = $answers + [$n => $answer];
            if (!$this->isBest() && self::rank($more) < $this->rank) {
                $this->branch(array_values(array_diff_key($left, [$k => 0])), $more, $beside->with($answer));
            }
        }
    }

    /** @param list<int> $order */
    private function follow(array $order, Beside $beside): void
    {
        $answers = [];
        foreach ($this->isBest() ? [] : $order as $n) {
            $answers[$n] = $this->placed($n, $beside);
            $beside = $beside->with($answers[$n]);
        }
        if ($answers !== []) {
            $this->keep($answers);
        }
    }

    /** @param array<int, PlanAnswer> $answers by piece */
    private function keep(array $answers): void
    {
        $rank = self::rank($answers);
        if ($rank < $this->rank) {
            ksort($answers);
            [$this->answers, $this->rank] = [array_values($answers), $rank];
        }
    }

    /** Whether nothing can be better than what was found. */
    private function isBest(): bool
    {
        return $this->rank[0] === 0 && $this->rank[1] <= 0.0 && $this->rank[2] <= $this->bound + 1e-6;
    }

    /** @param list<PlanAnswer> $alone */
    private static function boundOf(array $alone): float
    {
        [$studio, $after] = [$alone[0]->plan->studio, INF];
        [$level, $boxes] = [new Places($studio->levelPlaces), new Places($studio->coverBoxes)];
        foreach ($alone as $one) {
            $pours = $one->simulation->pours ?? [];
            $last = $pours[count($pours) - 1] ?? null;
            // As short as its windows allow, whatever the hours.
            $opens = array_sum(array_map(fn(SimulatedPour $pour): float => $pour->recoatOpens ?? 0.0, array_slice($pours, 0, -1)));
            [$from] = Beside::span($one);
            $lies = [$from, $from + $opens + ($last->demold ?? 0.0)];
            $level = $level->with($lies);
            $boxes = $one->plan->setup->isCovered ? $boxes->with($lies) : $boxes;
            $after = min($after, ($last->fullCure ?? 0.0) - ($last->demold ?? 0.0));
        }
        $hours = array_map(fn(PlanAnswer $one): float => $one->hours(), $alone);

        return max($level->bound() + $after, $boxes->bound() + $after, ...$hours);
    }

    /**
     * @param non-empty-list<PlanAnswer> $answers
     *
     * @return list<int>
     */
    private static function longestFirst(array $answers): array
    {
        $order = array_keys($answers);
        usort($order, fn(int $one, int $other): int => $answers[$other]->hours() <=> $answers[$one]->hours());

        return $order;
    }

    /**
     * @param non-empty-list<PlanAnswer> $alone
     *
     * @return list<int>
     */
    private static function dueFirst(array $alone): array
    {
        $order = self::longestFirst($alone);
        $due = array_map(fn(PlanAnswer $one): float => $one->plan->studio->due ?? INF, $alone);
        usort($order, fn(int $one, int $other): int => $due[$one] <=> $due[$other]);

        return $order;
    }

    /** A piece beside what is taken already. */
    private function placed(int $n, Beside $beside): PlanAnswer
    {
        [$alone, $plan] = [$this->alone[$n], $this->plans[$n]->atBenchOf($this->plans[$n], $beside->taken())];
        if (!$alone->isFeasible() || $alone->layout === null) {
            return $alone;
        }
        $poured = $alone->plan->poured($alone->layout->asGiven())->atBenchOf($plan);
        $answer = $alone;
        if (!$beside->leavesHandsFor($answer)) {
            // Where it may come out of a mix of others first.
            $answer = $this->timed($poured->atBenchOf($this->plans[$n], $beside->takenBesidesMixes()), $plan, 0.0);
            $answer = $answer->isFeasible() && $beside->leavesHandsFor($answer) ? $answer : $this->timed($poured, $plan, 0.0);
        }

        return $beside->placed($answer, fn(float $from): PlanAnswer => $this->timed($poured, $plan, $from));
    }

    /** Its pours at other times, or planned afresh where those get too hot by then. */
    private function timed(Plan $poured, Plan $plan, float $from): PlanAnswer
    {
        $answer = (new Planner($this->store))->timed($poured, new Happened(now: $from));
        $isHot = fn(Simulation $simulation): bool => array_filter(array_keys($simulation->pours), $simulation->isTooHot(...)) !== [];

        return $from === 0.0 && ($answer->simulation === null || $isHot($answer->simulation))
            ? (new Planner($this->store))->plan($plan) : $answer;
    }

    /**
     * @param array<int, PlanAnswer> $answers
     *
     * @return array{int, float, float, float}
     */
    private static function rank(array $answers): array
    {
        return [
            count(array_filter($answers, fn(PlanAnswer $one): bool => !$one->isFeasible())),
            array_sum(array_map(fn(PlanAnswer $one): float => $one->late(), $answers)),
            max([0.0, ...array_map(fn(PlanAnswer $one): float => $one->hours(), $answers)]),
            array_sum(array_map(fn(PlanAnswer $one): float => $one->cost() ?? 0.0, $answers)),
        ];
    }

    public function isFeasible(): bool
    {
        return $this->rank[0] === 0;
    }

    /** h until all is cured */
    public function makespan(): float
    {
        return $this->rank[2];
    }

    /** @return list<OneMix> mixes that serve several pieces */
    public function oneMixes(): array
    {
        $mixes = [];
        foreach ($this->answers as $n => $answer) {
            $starts = $answer->simulation?->starts() ?? [];
            foreach ($answer->isFeasible() ? $answer->mixes() : [] as $k => $mix) {
                $mixes[] = [$starts[$k] ?? 0.0, $n, $k, $mix];
            }
        }

        return OneMix::all($mixes);
    }

    /** @return list<array{int, Task}> of all pieces, with the number of each, in order of time */
    public function tasks(): array
    {
        $tasks = [];
        foreach ($this->answers as $n => $answer) {
            foreach ($answer->tasks as $task) {
                $tasks[] = [$n, $task];
            }
        }
        usort($tasks, fn(array $one, array $other): int => [$one[1]->start, $one[0]] <=> [$other[1]->start, $other[0]]);

        return $tasks;
    }
}
