<?php

declare(strict_types=1);

namespace Pensilis\Judgement;

use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Layout\Layout;
use Pensilis\Plan\Plan;
use Pensilis\Quantity\Duration;
use Pensilis\Quantity\Number;
use Pensilis\Scheduling\Preparation;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;

/** Given pours that come before what is set in them has dried and its coats have: those of a quick resin, which may be another's. */
final readonly class ReadinessJudge implements Judge
{
    /** @param list<Task> $tasks */
    public function __construct(private Plan $plan, private Layout $layout, private array $tasks) {}

    public function findings(): array
    {
        $preparation = Preparation::of($this->plan->inclusions, $this->plan->studio->hours);
        $found = [];
        foreach ($this->plan->pours === [] ? [] : $this->tasks as $task) {
            $pour = $task->kind === TaskKind::Pour ? $this->layout->pours[$task->pour ?? -1] ?? null : null;
            foreach ($pour->placed ?? [] as $inclusion) {
                $ready = $preparation->readyFor([$inclusion]);
                if ($ready > $task->start + 1e-6) {
                    $found[] = Finding::of(Code::NotReady, $this->plan->pointerTo($inclusion->id), [
                        'pour' => Number::count((int) $task->pour + 1), 'ready' => Duration::hours($ready),
                    ], ['object' => $inclusion->name()]);
                }
            }
        }

        return $found;
    }
}
