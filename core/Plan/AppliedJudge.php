<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Quantity\Duration;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Pensilis\Thermal\SimulatedPour;

/** Steps on set surfaces among pours that have their times: when each can be done, and whether the next pour leaves room for it. */
final readonly class AppliedJudge
{
    /** @param list<SimulatedPour> $pours */
    public function __construct(private Plan $plan, private Layout $layout, private array $pours) {}

    /** @return list<Task> one after another on each surface, within the working hours where those leave room for it before the next pour */
    public function tasks(): array
    {
        $viewed = $this->plan->setup->viewed;
        $tasks = [];
        foreach ($this->layout->pours as $k => $pour) {
            $free = 0.0;
            foreach ($pour->coat->applied as $applied) {
                $start = $this->readyFor($applied, $k);
                if ($start === null) {
                    continue;
                }
                $start = max($start, $free);
                $fits = $this->plan->studio->hours->firstFit($start, $applied->application->working());
                $start = $fits !== null && $fits + $applied->takes() <= ($this->pours[$k + 1]->startHour ?? INF) ? $fits : $start;
                $free = $start + $applied->takes();
                $title = ucfirst($applied->application->words()) . ($applied->says === '' ? '' : " “{$applied->says}”") . ' on pour ' . ($k + 1) . ($applied->isMirrored($viewed) ? ', mirrored' : '');
                $tasks[] = new Task(TaskKind::Apply, $title, $start, $start + $applied->application->working(), $k);
            }
        }

        return $tasks;
    }

    /** @return list<Notice> */
    public function notices(): array
    {
        $notices = [];
        $ends = [];
        foreach ($this->tasks() as $task) {
            $ends[(int) $task->pour] = $task->end;
        }
        foreach ($ends as $k => $end) {
            $applied = $this->layout->pours[$k]->coat->applied;
            $until = $end + $applied[count($applied) - 1]->takes() - $applied[count($applied) - 1]->application->working();
            $next = $this->pours[$k + 1] ?? null;
            if ($next !== null && $next->startHour < $until - 1e-9) {
                $later = $this->pours[$k + 2]->startHour ?? INF;
                $start = ceil(4.0 * $until) / 4.0;
                $notices[] = new Notice('no-time-to-apply', sprintf(
                    'Pour %d comes before what is applied on pour %d is done and dry, %s after the first start.',
                    $k + 2,
                    $k + 1,
                    Duration::hours($until)->print(),
                ), '/pours/' . ($k + 1) . '/start_h', $start > $later ? null : new Mend('Start it ' . Duration::hours($start)->print() . ' after the first', '/pours/' . ($k + 1) . '/start_h', $start));
            }
        }

        return $notices;
    }

    private function readyFor(Applied $applied, int $k): ?float
    {
        $pour = $this->pours[$k];

        return $pour->recoatOpens === null ? null : $pour->startHour + $applied->ready($pour->recoatOpens, $pour->recoatCloses ?? $pour->recoatOpens);
    }
}
