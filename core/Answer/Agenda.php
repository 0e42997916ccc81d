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
 * What is still to be done for a piece, and what its pours are like meanwhile: as planned, and from what really happened on. A pour that
 * was begun at another hour moves the windows of what comes on it by as much; what was planned before it is done. What must come right
 * before a pour, making ready and sanding, is part of it.
 */
final readonly class Agenda
{
    /**
     * @param list<PourMoments> $pours
     * @param list<Joint>       $joints
     * @param list<Task>        $tasks
     * @param list<PlannedMix>  $mixes  of each pour
     */
    private function __construct(
        public StudioSettings $studio,
        public bool $isCovered,
        private array $pours,
        private array $joints,
        private array $tasks,
        private array $mixes,
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
            );
    }

    /**
     * @template T
     *
     * @param array<string, T> $known of pours, by their ids
     *
     * @return array<int, T> the same of those that there still are, by their numbers
     */
    public function numbered(array $known): array
    {
        $ids = array_map(fn(PourMoments $pour): string => $pour->id, $this->pours);
        $ids = array_filter($ids, fn(string $id): bool => isset($known[$id]));

        return array_map(fn(string $id): mixed => $known[$id], $ids);
    }

    /** Id of a pour, by its number. */
    public function pour(int $number): string
    {
        return $this->pours[$number]->id;
    }

    /**
     * The pour below that was to be begun and is not noted, so that nothing can be said of what comes on it; null where there is none.
     *
     * @param array<int, float> $poured hour of the plan at which pours were really begun, by number
     */
    public function waitsFor(Task $task, array $poured, float $now): ?int
    {
        $below = $task->kind === TaskKind::Pour && $task->pour !== null ? $task->pour - 1 : -1;

        return $below >= 0 && !isset($poured[$below]) && ($this->pours[$below]->start ?? INF) < $now ? $below : null;
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
     * @param array<int, float> $poured hour of the plan at which pours were really begun, by number
     *
     * @return list<Errand> in the order in which they are planned
     */
    public function errands(array $poured): array
    {
        [$last, $done, $later] = $this->lastOf($poured);
        $errands = [];
        foreach ($this->tasks as $task) {
            $isPast = $task->start <= $done + 1e-6 || ($task->pour !== null && $task->pour <= $last && $task->kind !== TaskKind::Apply);
            if ($task->kind->isWork() && !$isPast && !in_array($task->kind, [TaskKind::Prepare, TaskKind::Sand], true)) {
                $errands[] = $task->kind === TaskKind::Pour ? $this->pouring($task, $poured) : new Errand(
                    $task,
                    $task->start,
                    $task->end - $task->start,
                    $task->start + $later,
                );
            }
        }

        return $errands;
    }

    /** @return array<string, float> hour of the plan after which tasks cannot be begun, by their ids, where they may not wait */
    public function closes(): array
    {
        $closes = [];
        foreach ($this->errands([]) as $errand) {
            $closes[$errand->task->id] = $errand->last();
        }

        return array_filter($closes, is_finite(...));
    }

    /**
     * The last pour that was begun, when it was planned, and how much later it was: what comes after it comes as much later.
     *
     * @param array<int, float> $poured
     *
     * @return array{int, float, float} −1, −∞ and 0 where none was
     */
    private function lastOf(array $poured): array
    {
        $last = $poured === [] ? -1 : max(array_keys($poured));
        $planned = $last < 0 ? -INF : $this->pours[$last]->start ?? INF;

        return [$last, $planned, $last < 0 ? 0.0 : $poured[$last] - $planned];
    }

    /**
     * When it lies on the bench, from its first pour to its demold.
     *
     * @param array<int, float> $poured
     *
     * @return array{float, float}|null h of the plan
     */
    public function lies(array $poured): ?array
    {
        if ($this->pours === []) {
            return null;
        }
        [$from, $to] = Beside::lies(array_map(fn(PourMoments $pour): float => $pour->start, $this->pours), $this->tasks);

        return [$poured[0] ?? $from, $to + $this->lastOf($poured)[2]];
    }

    /** @param array<int, float> $poured */
    private function pouring(Task $task, array $poured): Errand
    {
        $k = (int) $task->pour;
        $before = array_filter($this->tasks, fn(Task $one): bool => in_array($one->kind, [TaskKind::Prepare, TaskKind::Sand], true)
            && $one->pour === $k && $one->end > $task->start - 1e-6);
        $lead = array_sum(array_map(fn(Task $one): float => $one->end - $one->start, $before));
        [$start, $hours] = [$task->start - $lead, $task->end - $task->start + $lead];
        $below = $this->pours[$k - 1] ?? null;
        if ($below === null) {
            return new Errand($task, $start, $hours, $start);
        }
        $begun = $poured[$k - 1] ?? $below->start;
        [$opens, $closes] = match ($this->joints[$k - 1] ?? null) {
            Joint::Sanded => [max($below->demold, $below->closes), INF],
            Joint::Wet    => [0.0, $below->gels],
            default       => [$below->opens, $below->closes],
        };

        return new Errand($task, $start, $hours, $begun + $opens - $lead, $begun + $closes - $lead);
    }

    /**
     * @param array<int, float> $poured
     *
     * @return list<list<Phase>> of each pour; from when it was really begun, else as planned
     */
    public function phases(array $poured): array
    {
        return array_map(
            fn(PourMoments $pour, int $k): array => $pour->phases($poured[$k] ?? $pour->start),
            $this->pours,
            array_keys($this->pours),
        );
    }

    /** Hour of the plan at which the last of it is cured. */
    public function ends(): float
    {
        return max([0.0, ...array_map(fn(Task $task): float => $task->end, $this->tasks)]);
    }
}
