<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Pensilis\Batching\PlannedMix;
use Pensilis\Layout\LaidPour;
use Pensilis\Plan\StudioSettings;
use Pensilis\Scheduling\Joint;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Pensilis\Thermal\SimulatedPour;

/**
 * What is still to be done for a piece, and what its pours are like meanwhile: from what really happened on. What comes before a pour that
 * was begun is done. What must come right before a pour, making ready and sanding, is part of it.
 */
final readonly class Agenda
{
    /**
     * @param list<PourMoments> $pours
     * @param list<Joint>       $joints
     * @param list<Task>        $tasks
     * @param list<PlannedMix>  $mixes  of each pour
     * @param SoFar             $soFar  what had happened
     */
    private function __construct(
        public StudioSettings $studio,
        public bool $isCovered,
        private array $pours,
        private array $joints,
        private array $tasks,
        private array $mixes,
        public SoFar $soFar = new SoFar(),
    ) {}

    /** Empty where nothing could be planned, or there is no clock to plan by. */
    public static function of(PlanAnswer $answer): self
    {
        [$simulation, $studio, $isCovered] = [$answer->simulation, $answer->plan->studio, $answer->plan->setup->isCovered];

        return $simulation === null || !$answer->isFeasible() || !$studio->clock->isSet()
            ? new self($studio, $isCovered, [], [], [], [])
            : new self(
                $studio,
                $isCovered,
                array_map(
                    fn(SimulatedPour $pour, LaidPour $laid): PourMoments => PourMoments::of($pour, $laid->id),
                    $simulation->pours,
                    $simulation->layout->pours,
                ),
                $answer->joints,
                $answer->tasks,
                $answer->mixes(),
                $answer->soFar,
            );
    }

    /** Id of a pour, by its number. */
    public function pour(int $number): string
    {
        return $this->pours[$number]->id;
    }

    /** The pour below that was to be begun and is not noted, so that nothing can be said of what comes on it; null where there is none. */
    public function waitsFor(Task $task, float $now): ?int
    {
        $below = $task->kind === TaskKind::Pour && $task->pour !== null ? $task->pour - 1 : -1;

        return $below >= 0 && !isset($this->soFar->begun[$below]) && ($this->pours[$below]->start ?? INF) < $now ? $below : null;
    }

    /** What is mixed for a pour. */
    public function mix(int $pour): PlannedMix
    {
        return $this->mixes[$pour];
    }

    public function isEmpty(): bool
    {
        return $this->pours === [];
    }

    /**
     * @param list<string> $done ids of tasks that are ticked as done
     *
     * @return list<Errand> in the order in which they are planned
     */
    public function errands(array $done = []): array
    {
        $last = $this->soFar->begun === [] ? -1 : max(array_keys($this->soFar->begun));
        $until = $this->soFar->isOut ? $this->out() : $this->soFar->begun[$last] ?? -INF;
        $errands = [];
        foreach ($this->tasks as $task) {
            $comesAfter = in_array($task->kind, [TaskKind::Place, TaskKind::Apply], true);
            $isPast = $task->start <= $until + 1e-6 || ($task->pour !== null && $task->pour <= $last && !$comesAfter);
            $isRightBefore = in_array($task->kind, [TaskKind::Prepare, TaskKind::Sand], true);
            if ($task->kind->isWork() && !$isPast && !$isRightBefore && !in_array($task->id, $done, true)) {
                $errands[] = $task->kind === TaskKind::Pour ? $this->pouring($task)
                    : new Errand($task, $task->start, $task->end - $task->start, $task->start, $task->handling->last ?? INF);
            }
        }

        return $errands;
    }

    /** Hour of the plan at which it was to come out of its mold. */
    private function out(): float
    {
        $out = array_filter($this->tasks, fn(Task $one): bool => $one->kind === TaskKind::Demold);

        return max([-INF, ...array_map(fn(Task $one): float => $one->start, $out)]);
    }

    /** @return array<string, float> hour of the plan after which tasks cannot be begun, by their ids, where they may not wait */
    public function closes(): array
    {
        $closes = [];
        foreach ($this->errands() as $errand) {
            $closes[$errand->task->id] = $errand->last();
        }

        return array_filter($closes, is_finite(...));
    }

    /**
     * When it lies on the bench, from its first pour to its demold.
     *
     * @return array{float, float}|null h of the plan
     */
    public function lies(): ?array
    {
        return $this->pours === [] ? null
            : Beside::lies(array_map(fn(PourMoments $pour): float => $pour->start, $this->pours), $this->tasks);
    }

    private function pouring(Task $task): Errand
    {
        $k = (int) $task->pour;
        $lead = $task->start - min([$task->start, ...array_map(
            fn(Task $one): float => $one->start,
            Sitting::rightBefore($task, $this->tasks),
        )]);
        [$start, $hours] = [$task->start - $lead, $task->end - $task->start + $lead];
        $below = $this->pours[$k - 1] ?? null;
        if ($below === null) {
            return new Errand($task, $start, $hours, $start);
        }
        [$opens, $closes] = match ($this->joints[$k - 1] ?? null) {
            Joint::Sanded => [max($below->demold, $below->closes), INF],
            Joint::Wet    => [0.0, $below->gels],
            default       => [$below->opens, $below->closes],
        };

        // What is done right before it needs the layer ready too.
        return new Errand($task, $start, $hours, $below->start + $opens, $below->start + $closes - $lead);
    }

    /** @return list<list<Phase>> of each pour */
    public function phases(): array
    {
        return array_map(fn(PourMoments $pour): array => $pour->phases, $this->pours);
    }

    /** Hour of the plan at which the last of it is cured. */
    public function ends(): float
    {
        return max([0.0, ...array_map(fn(Task $task): float => $task->end, $this->tasks)]);
    }
}
