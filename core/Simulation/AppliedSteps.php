<?php

declare(strict_types=1);

namespace Pensilis\Simulation;

use Pensilis\Fact\Fact;
use Pensilis\Plan\Applied;
use Pensilis\Scheduling\Joint;
use Pensilis\Scheduling\Session;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;

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
            $free = self::hardened($simulation, $k, $steps);
            foreach ($steps as $applied) {
                $start = self::readyFor($simulation, $applied, $k);
                if ($start === null) {
                    continue;
                }
                $start = max($start, $free);
                $fits = $plan->studio->hours->firstFit($start, $applied->hands()) ?? $start;
                $until[$k] = $fits + $applied->takes();
                // Where a given pour leaves it no room, it is done as soon as it can be.
                $start = $until[$k] <= ($simulation->pours[$k + 1]->startHour ?? INF) ? $fits : $start;
                $free = $start + $applied->takes();
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
     * From when a surface that is sanded first, within the hours, may be decorated, so that it is done when the next pour comes; 0 where
     * that one bonds.
     *
     * @param array<int, Applied> $steps
     */
    private static function hardened(Simulation $simulation, int $k, array $steps): float
    {
        $next = $simulation->pours[$k + 1]->startHour ?? null;
        if ($next === null || $simulation->pours[$k]->window()->joint($next - $simulation->pours[$k]->startHour) !== Joint::Sanded) {
            return 0.0;
        }

        $takes = array_sum(array_map(fn(Applied $one): float => $one->takes(), $steps));
        $hard = $simulation->pours[$k]->startHour + $simulation->pours[$k]->window()->hard();
        $sands = max($next - $takes - Session::SANDING, is_finite($hard) ? $hard : 0.0);

        return ($simulation->plan->studio->hours->firstFit($sands, Session::SANDING) ?? $sands) + Session::SANDING;
    }

    private static function readyFor(Simulation $simulation, Applied $applied, int $k): ?float
    {
        $pour = $simulation->pours[$k];

        return $pour->recoatOpens === null
            ? null
            : $pour->startHour + $applied->ready($pour->recoatOpens, $pour->recoatCloses ?? $pour->recoatOpens);
    }
}
