<?php

declare(strict_types=1);

namespace Pensilis\Simulation;

use Pensilis\Bench\PourActs;
use Pensilis\Fact\Fact;
use Pensilis\Plan\Applied;
use Pensilis\Scheduling\Joint;
use Pensilis\Scheduling\Session;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Pensilis\Scheduling\WorkingHours;

/**
 * Steps on set surfaces among pours that have their times: when each can be done, and from when each surface may be covered. Where the
 * next pour comes too late to bond, the surface is sanded first and decorated right before that pour: nothing is ever sanded over
 * decoration (common practice). What is strewn on a wet coat belongs to its pour. Hours of the plan.
 */
final readonly class AppliedSteps
{
    /**
     * @param list<Task>        $tasks
     * @param array<int, float> $until by pour: from then the next may come
     */
    private function __construct(public array $tasks, public array $until) {}

    /** One after another on each surface, within the working hours where those leave room for it before the next pour. */
    public static function of(Simulation $simulation): self
    {
        [$tasks, $until] = [[], []];
        $plan = $simulation->plan;
        foreach ($simulation->layout->pours as $k => $pour) {
            $steps = array_filter($pour->coat->applied, fn(Applied $one): bool => !$one->isWet);
            $even = self::starts($simulation, $k, $steps, self::hardened($simulation, $k, $steps, true), $plan->studio->hours);
            if ($even === []) {
                continue;
            }
            $until[$k] = max($even) + $steps[array_key_last($even)]->takes() + self::lead($simulation, $k + 1);
            // Where a given pour leaves no room within the hours, each step is done as soon as it can be.
            $isLate = $until[$k] > ($simulation->pours[$k + 1]->startHour ?? INF);
            $starts = $isLate
                ? self::starts($simulation, $k, $steps, self::hardened($simulation, $k, $steps, false), WorkingHours::always())
                : $even;
            foreach ($starts as $n => $start) {
                $applied = $steps[$n];
                $name = $applied->isMirrored($plan->setup->viewed) ? 'apply-mirrored' : 'apply';
                $tasks[] = new Task(
                    TaskKind::Apply,
                    $start,
                    $start + $applied->hands(),
                    $k,
                    new Fact($name, ['applied' => $applied->fact(), 'pour' => $k + 1, 'how' => $applied->how()]),
                );
            }
        }

        return new self($tasks, $until);
    }

    /** @return array<int, float> the hour from which the next pour may come, of those onto which it comes sooner */
    public function latecomers(Simulation $simulation): array
    {
        return array_filter(
            $this->until,
            fn(float $until, int $k): bool => ($simulation->pours[$k + 1]->startHour ?? INF) < $until - 1e-9,
            ARRAY_FILTER_USE_BOTH,
        );
    }

    /**
     * @param array<int, Applied> $steps
     * @param float               $free  hour before which none may begin
     *
     * @return array<int, float> when each begins that the surface is ever ready for, one after another
     */
    private static function starts(Simulation $simulation, int $k, array $steps, float $free, WorkingHours $hours): array
    {
        $starts = [];
        foreach ($steps as $n => $applied) {
            $ready = self::readyFor($simulation, $applied, $k);
            if ($ready !== null) {
                $from = max($ready, $free);
                $starts[$n] = $hours->firstFit($from, $applied->hands()) ?? $from;
                $free = $starts[$n] + $applied->takes();
            }
        }

        return $starts;
    }

    /**
     * From when a surface that is sanded first may be decorated, so that it is done when the next pour comes; 0 where that one bonds.
     * Within the hours it is sanded once it is hard.
     *
     * @param array<int, Applied> $steps
     */
    private static function hardened(Simulation $simulation, int $k, array $steps, bool $inHours): float
    {
        [$pour, $next] = [$simulation->pours[$k], $simulation->pours[$k + 1]->startHour ?? null];
        if ($next === null || $pour->window()->joint($next - $pour->startHour) !== Joint::Sanded) {
            return 0.0;
        }
        $last = $next - self::lead($simulation, $k + 1) - array_sum(array_map(fn(Applied $one): float => $one->takes(), $steps));
        $hard = $pour->startHour + $pour->window()->hard();
        $sands = max($last - Session::SANDING, is_finite($hard) ? $hard : 0.0);

        return $inHours ? ($simulation->plan->studio->hours->firstFit($sands, Session::SANDING) ?? $sands) + Session::SANDING : $last;
    }

    /** Hours of work right before a pour. */
    private static function lead(Simulation $simulation, int $k): float
    {
        return isset($simulation->pours[$k]) ? PourActs::of($simulation->plan, $simulation->layout, $k)->leadHours() : 0.0;
    }

    private static function readyFor(Simulation $simulation, Applied $applied, int $k): ?float
    {
        $pour = $simulation->pours[$k];

        return $pour->recoatOpens === null
            ? null
            : $pour->startHour + $applied->ready($pour->recoatOpens, $pour->recoatCloses ?? $pour->recoatOpens);
    }
}
