<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Pensilis\Batching\OneMix;
use Pensilis\Batching\PlannedMix;
use Pensilis\Scheduling\Session;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;

/**
 * What one pair of hands is at without a break: a task by itself, or a pour with what is done right before it; pours of several pieces too,
 * where they come out of one mix. Hours of a plan.
 */
final readonly class Sitting
{
    /** Pours that begin closer together come out of one mix, h. */
    private const SAME = 0.01;

    /** @param list<PlannedMix> $mixes that are one, with A and B first in contact at a moment; none where nothing is mixed */
    private function __construct(public float $from, public float $to, private float $contact = 0.0, private array $mixes = []) {}

    public static function plain(float $from, float $to): self
    {
        return new self($from, $to);
    }

    /** @param float $contact h, first of A and B */
    public static function pouring(float $from, float $to, float $contact, PlannedMix $mix): self
    {
        return new self($from, $to, $contact, [$mix]);
    }

    /** @return list<self> all that a piece asks of hands */
    public static function of(PlanAnswer $answer): array
    {
        [$sittings, $mixes, $within] = [[], $answer->mixes(), []];
        foreach (array_filter($answer->tasks, fn(Task $one): bool => $one->kind === TaskKind::Pour) as $pour) {
            $before = self::rightBefore($pour, $answer->tasks);
            $within = [...$within, $pour->id, ...array_map(fn(Task $one): string => $one->id, $before)];
            $from = min([$pour->start, ...array_map(fn(Task $one): float => $one->start, $before)]);
            $sittings[] = self::pouring($from, $pour->end, $pour->start, $mixes[(int) $pour->pour]);
        }
        foreach ($answer->tasks as $task) {
            if ($task->kind->isWork() && !in_array($task->id, $within, true)) {
                $sittings[] = self::plain($task->start, $task->end);
            }
        }

        return $sittings;
    }

    /**
     * @param list<Task> $tasks
     *
     * @return list<Task> what is done for a pour without a break until it begins: making ready, and sanding
     */
    public static function rightBefore(Task $pour, array $tasks): array
    {
        [$before, $from] = [[], $pour->start];
        $kinds = [TaskKind::Prepare, TaskKind::Sand];
        foreach (array_reverse($tasks) as $one) {
            if ($one->pour === $pour->pour && in_array($one->kind, $kinds, true) && abs($one->end - $from) < 1e-6) {
                [$before, $from] = [[...$before, $one], $one->start];
            }
        }

        return $before;
    }

    /** Whether A and B meet in it. */
    public function isMixed(): bool
    {
        return $this->mixes !== [];
    }

    public function overlaps(self $other): bool
    {
        return $this->from < $other->to - 1e-6 && $other->from < $this->to - 1e-6;
    }

    /** Both out of one mix, one vessel poured after another; null where that is none, or does not live so long. */
    public function joined(self $other): ?self
    {
        $mixes = [...$this->mixes, ...$other->mixes];
        if ($this->mixes === [] || $other->mixes === [] || abs($this->contact - $other->contact) > self::SAME || !OneMix::serves($mixes)) {
            return null;
        }
        $leads = [$this->contact - $this->from, $other->contact - $other->from];
        // The bench is laid out once.
        $lead = array_sum($leads) - (min($leads) >= Session::PREPARING ? Session::PREPARING : 0.0);

        return new self($this->contact - $lead, $this->contact + OneMix::hours($mixes), $this->contact, $mixes);
    }
}
