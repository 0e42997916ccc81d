<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Pensilis\Plan\Plan;
use Pensilis\Scheduling\Hands;
use Pensilis\Scheduling\Task;
use Pensilis\Thermal\CalibrationMemory;

/**
 * Several pieces on one bench: each is planned around what is planned before it, so that no two want the same hands at once. Of a few
 * pieces every order is tried, of more those that take longest go first; the order that is done soonest is taken. No order is done sooner
 * than the longest piece by itself: that is the bound.
 */
final readonly class Workshop
{
    /** Pieces of which every order is tried. */
    private const FEW = 4;

    /**
     * @param list<PlanAnswer> $answers in the order of the pieces
     * @param float            $bound   h before which all cannot be done
     */
    private function __construct(public array $answers, public float $bound) {}

    /** @param non-empty-list<Plan> $plans clock, hours and pairs of hands are those of the first */
    public static function of(array $plans): self
    {
        // By day for all where the first gives no hours, so that what is busy is kept to.
        $bench = $plans[0]->byDay();
        $plans = array_map(fn(Plan $plan): Plan => $plan->atBenchOf($bench), $plans);
        $alone = array_map(fn(Plan $plan): PlanAnswer => (new Planner(new CalibrationMemory()))->plan($plan), $plans);
        $hours = array_map(fn(PlanAnswer $one): float => $one->hours(), $alone);
        $longest = array_keys($hours);
        usort($longest, fn(int $one, int $other): int => $hours[$other] <=> $hours[$one]);
        $best = null;
        foreach (count($plans) <= self::FEW ? self::orders($longest) : [$longest] as $order) {
            $answers = self::inTurn($plans, $order);
            $rank = self::rank($answers);
            $best = $best === null || $rank < $best[0] ? [$rank, $answers] : $best;
            if ($rank[0] === 0 && $rank[1] <= max($hours) + 1e-6) {
                break;
            }
        }

        return new self($best[1] ?? $alone, max($hours));
    }

    /**
     * @param list<Plan> $plans
     * @param list<int>  $order
     *
     * @return list<PlanAnswer>
     */
    private static function inTurn(array $plans, array $order): array
    {
        [$answers, $busy] = [[], []];
        foreach ($order as $n) {
            $answers[$n] = (new Planner(new CalibrationMemory()))->plan(
                $plans[$n]->atBenchOf($plans[0], Hands::taken($busy, $plans[0]->studio->hands)),
            );
            foreach ($answers[$n]->tasks as $task) {
                if ($task->kind->isWork()) {
                    $busy[] = [$task->start, $task->end];
                }
            }
        }
        ksort($answers);

        return array_values($answers);
    }

    /**
     * @param list<PlanAnswer> $answers
     *
     * @return array{int, float, float} how many cannot be done, when all is done, and what they cost
     */
    private static function rank(array $answers): array
    {
        return [
            count(array_filter($answers, fn(PlanAnswer $one): bool => !$one->isFeasible())),
            max([0.0, ...array_map(fn(PlanAnswer $one): float => $one->hours(), $answers)]),
            array_sum(array_map(fn(PlanAnswer $one): float => $one->cost() ?? 0.0, $answers)),
        ];
    }

    /**
     * @param list<int> $all
     *
     * @return list<list<int>>
     */
    private static function orders(array $all): array
    {
        if (count($all) <= 1) {
            return [$all];
        }
        $orders = [];
        foreach ($all as $n => $first) {
            foreach (self::orders(array_values(array_diff_key($all, [$n => 0]))) as $rest) {
                $orders[] = [$first, ...$rest];
            }
        }

        return $orders;
    }

    public function isFeasible(): bool
    {
        return self::rank($this->answers)[0] === 0;
    }

    /** h until all is cured */
    public function makespan(): float
    {
        return self::rank($this->answers)[1];
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
