<?php

declare(strict_types=1);

namespace Pensilis\Simulation;

use Pensilis\Fact\Fact;
use Pensilis\Plan\Applied;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;

/**
 * Steps on set surfaces among pours that have their times: when each can be done, and from when each surface may be covered. Hours of the
 * plan.
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
            $free = 0.0;
            foreach ($pour->coat->applied as $applied) {
                $start = self::readyFor($simulation, $applied, $k);
                if ($start === null) {
                    continue;
                }
                $start = max($start, $free);
                $fits = $plan->studio->hours->firstFit($start, $applied->application->working());
                $start = $fits !== null && $fits + $applied->takes() <= ($simulation->pours[$k + 1]->startHour ?? INF) ? $fits : $start;
                $free = $until[$k] = $start + $applied->takes();
                $name = $applied->isMirrored($plan->setup->viewed) ? 'apply-mirrored' : 'apply';
                $tasks[] = new Task(
                    TaskKind::Apply,
                    $start,
                    $start + $applied->application->working(),
                    $k,
                    new Fact($name, ['applied' => $applied->fact(), 'pour' => $k + 1]),
                );
            }
        }

        return new self($tasks, $until);
    }

    private static function readyFor(Simulation $simulation, Applied $applied, int $k): ?float
    {
        $pour = $simulation->pours[$k];

        return $pour->recoatOpens === null
            ? null
            : $pour->startHour + $applied->ready($pour->recoatOpens, $pour->recoatCloses ?? $pour->recoatOpens);
    }
}
