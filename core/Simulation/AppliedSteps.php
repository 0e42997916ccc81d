<?php

declare(strict_types=1);

namespace Pensilis\Simulation;

use Pensilis\Bench\PourActs;
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

    /** One after another on each surface, within the working hours; where those leave no room before a given pour, right before that. */
    public static function of(Simulation $simulation): self
    {
        [$tasks, $until, $plan, $viewed] = [[], [], $simulation->plan, $simulation->plan->setup->viewed];
        foreach ($simulation->layout->pours as $k => $pour) {
            $all = Decoration::all($pour->coat);
            $starts = $all === [] ? [] : self::starts($simulation, $k, $all, $plan->studio->hours);
            if ($starts === []) {
                continue;
            }
            $last = count($all) - 1;
            $until[$k] = $starts[$last] + $all[$last]->takes() + self::lead($simulation, $k + 1);
            if ($until[$k] > ($simulation->pours[$k + 1]->startHour ?? INF)) {
                $starts = self::starts($simulation, $k, $all, WorkingHours::always(), self::latest($simulation, $k, $all));
            }
            foreach ($starts as $n => $start) {
                $tasks[] = new Task(TaskKind::Apply, $start, $start + $all[$n]->hands(), $k, $all[$n]->fact($k + 1, $viewed));
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
     * @param list<Decoration> $all
     * @param float            $free hour before which none may begin
     *
     * @return list<float> when each begins, one after another, the first right after sanding; none where the surface is never ready
     */
    private static function starts(Simulation $simulation, int $k, array $all, WorkingHours $hours, float $free = 0.0): array
    {
        [$pour, $starts, $sands] = [$simulation->pours[$k], [], self::sands($simulation, $k, $all)];
        [$opens, $closes] = [$pour->recoatOpens ?? INF, $pour->recoatCloses ?? $pour->recoatOpens ?? INF];
        foreach (is_infinite($opens) ? [] : $all as $one) {
            $from = max($pour->startHour + $one->ready($opens, $closes), $free);
            $lead = $starts === [] && $sands !== null ? Session::SANDING : 0.0;
            $from = $lead > 0.0 ? max($from - $lead, $sands) : $from;
            $start = ($hours->firstFit($from, $lead + $one->hands()) ?? $from) + $lead;
            [$starts[], $free] = [$start, $start + $one->takes()];
        }

        return $starts;
    }

    /**
     * From when a surface is sanded onto which the next pour does not bond: so late that all is done when that comes, and not before it is
     * hard; null where it bonds.
     *
     * @param list<Decoration> $all
     */
    private static function sands(Simulation $simulation, int $k, array $all): ?float
    {
        $next = $simulation->pours[$k + 1]->startHour ?? null;
        if ($next === null || !self::isSanded($simulation, $k)) {
            return null;
        }
        $hard = $simulation->pours[$k]->startHour + $simulation->pours[$k]->window()->hard();

        return max(self::latest($simulation, $k, $all) - Session::SANDING, is_finite($hard) ? $hard : 0.0);
    }

    /**
     * When the first must begin so that all is done when the next pour comes.
     *
     * @param list<Decoration> $all
     */
    private static function latest(Simulation $simulation, int $k, array $all): float
    {
        $takes = array_sum(array_map(fn(Decoration $one): float => $one->takes(), $all));

        return ($simulation->pours[$k + 1]->startHour ?? INF) - self::lead($simulation, $k + 1) - $takes;
    }

    /** Whether the next pour comes when it no longer bonds. */
    public static function isSanded(Simulation $simulation, int $k): bool
    {
        $next = $k < 0 ? null : $simulation->pours[$k + 1]->startHour ?? null;

        return $next !== null && $simulation->pours[$k]->window()->joint($next - $simulation->pours[$k]->startHour) === Joint::Sanded;
    }

    /** Hours of work right before a pour. */
    private static function lead(Simulation $simulation, int $k): float
    {
        return isset($simulation->pours[$k]) ? PourActs::of($simulation->plan, $simulation->layout, $k)->leadHours() : 0.0;
    }
}
