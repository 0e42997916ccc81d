<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Scheduling\Joint;
use Pensilis\Scheduling\Task;

/** The pours, batches and clock times that were found, or the reasons why there are none. */
final readonly class PlanAnswer
{
    /**
     * @param list<Notice> $reasons none when feasible
     * @param list<Joint>  $joints
     * @param list<Task>   $tasks   in order of their start
     * @param float|null   $deepest m, the greatest depth that heat allowed, where it is less than the sheet's
     */
    private function __construct(
        public Plan $plan,
        public ?Simulation $simulation,
        public array $reasons,
        public array $joints = [],
        public array $tasks = [],
        public ?float $deepest = null,
    ) {}

    /** @param list<Notice> $reasons */
    public static function infeasible(Plan $plan, array $reasons, ?Simulation $tried = null): self
    {
        return new self($plan, $tried, $reasons);
    }

    /**
     * @param list<Joint> $joints
     * @param list<Task>  $tasks
     */
    public static function feasible(Plan $plan, Simulation $simulation, array $joints, array $tasks, ?float $deepest): self
    {
        usort($tasks, fn(Task $one, Task $other): int => [$one->start, $one->end] <=> [$other->start, $other->end]);

        return new self($plan, $simulation, [], $joints, $tasks, $deepest);
    }

    public function isFeasible(): bool
    {
        return $this->reasons === [];
    }

    public function layout(): ?Layout
    {
        return $this->simulation?->layout;
    }

    /** @return list<Notice> all that is to be said, the worst first */
    public function notices(): array
    {
        return [...$this->reasons, ...($this->simulation === null ? [] : $this->simulation->notices)];
    }

    /** Hours from the start of the plan to the full cure of the last pour. */
    public function hours(): float
    {
        return $this->tasks === [] ? 0.0 : max(array_map(fn(Task $task): float => $task->end, $this->tasks));
    }

    /** The sum of distances of objects from their targets, m. */
    public function deviation(): float
    {
        $sum = 0.0;
        foreach ($this->plan->inclusions as $inclusion) {
            $sum += abs(($this->layout()?->bottomOf($inclusion) ?? $inclusion->targetBottom) - $inclusion->targetBottom);
        }

        return $sum;
    }

    /**
     * What the plan costs; pours weigh so much that fewest always win.
     *
     * A pour 1000, a sanded joint 20, a millimetre off target 5, a day 1 (memory).
     */
    public function cost(): float
    {
        $sanded = count(array_filter($this->joints, fn(Joint $joint): bool => $joint === Joint::Sanded));

        return 1000.0 * count($this->layout()->pours ?? []) + 20.0 * $sanded + 5e3 * $this->deviation() + $this->hours() / 24.0;
    }
}
