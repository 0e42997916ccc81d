<?php

declare(strict_types=1);

namespace Pensilis\Scheduling;

use Pensilis\Fact\Fact;

/** Something to do, or to wait for, between two hours of the plan. */
final readonly class Task
{
    /**
     * @param int|null $pour index of the pour it belongs to
     * @param Fact     $what is done, with what and to what
     * @param string   $id   stays with it when its time changes and when others come between
     */
    public function __construct(
        public TaskKind $kind,
        public float $start,
        public float $end,
        public ?int $pour = null,
        public Fact $what = new Fact(''),
        public Handling $handling = new Handling(),
        public string $id = '',
    ) {}

    /** The same, with all placed and done at other hours. */
    public function until(float $placed, float $end): self
    {
        $handling = new Handling($this->handling->objects, $this->handling->contact, $placed, $this->handling->last);

        return new self($this->kind, $this->start, $end, $this->pour, $this->what, $handling, $this->id);
    }

    /** What hands need of it, min; nothing where it is waiting. */
    public function minutes(): float
    {
        return $this->kind->isWork() ? 60.0 * ($this->end - $this->start) : 0.0;
    }

    /**
     * Each with its id, of what is done to which objects and pour, and the how manieth of those that are alike.
     *
     * @param list<self>   $tasks in order of their start
     * @param list<string> $pours ids
     *
     * @return list<self>
     */
    public static function named(array $tasks, array $pours): array
    {
        [$named, $times] = [[], []];
        foreach ($tasks as $task) {
            $name = $task->name($task->pour === null ? '' : $pours[$task->pour] ?? '');
            $times[$name] = ($times[$name] ?? 0) + 1;
            $id = $times[$name] === 1 ? $name : "{$name} {$times[$name]}";
            $named[] = new self($task->kind, $task->start, $task->end, $task->pour, $task->what, $task->handling, $id);
        }

        return $named;
    }

    private function name(string $pour): string
    {
        $coat = $this->what->values['coat'] ?? '';
        $parts = $this->kind === TaskKind::Pour ? [$this->kind->value, $pour] : [
            $this->kind->value, $pour, $this->what->name, is_int($coat) ? (string) $coat : '', $this->handling->objects[0] ?? '',
        ];

        return implode(' ', array_filter($parts, fn(string $part): bool => $part !== ''));
    }
}
