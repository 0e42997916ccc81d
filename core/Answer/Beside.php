<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Pensilis\Scheduling\Hands;
use Pensilis\Scheduling\Places;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;

/** What pieces on one bench take of it, for those that are still to find room: hands, level places and boxes. Hours. */
final readonly class Beside
{
    /** @param list<array{float, float}> $work when one pair of hands is at something */
    public function __construct(private array $work, private Places $level, private Places $boxes, private int $hands) {}

    public function with(PlanAnswer $answer): self
    {
        return new self(
            [...$this->work, ...self::work($answer)],
            $this->level->with(self::lies($answer)),
            $answer->plan->setup->isCovered ? $this->boxes->with(self::lies($answer)) : $this->boxes,
            $this->hands,
        );
    }

    /** @return list<array{float, float}> when no hands are free */
    public function taken(): array
    {
        return Hands::taken($this->work, $this->hands);
    }

    /** Whether hands are free whenever a piece wants them. */
    public function leavesHandsFor(PlanAnswer $answer): bool
    {
        $taken = $this->taken();
        foreach (self::work($answer) as [$start, $end]) {
            foreach ($taken as [$from, $to]) {
                if ($start < $to - 1e-6 && $from < $end - 1e-6) {
                    return false;
                }
            }
        }

        return true;
    }

    /** From when on a piece finds a place and a box for as long as it lies; null where it does as it is. */
    public function placeFrom(PlanAnswer $answer): ?float
    {
        $span = self::lies($answer);
        $from = max($this->level->from($span), $answer->plan->setup->isCovered ? $this->boxes->from($span) : 0.0);

        return $from > $span[0] + 1e-6 ? $from : null;
    }

    /** @return array{float, float} from its first pour until it leaves its mold, or is cured where it has none */
    public static function lies(PlanAnswer $answer): array
    {
        $out = array_filter($answer->tasks, fn(Task $task): bool => $task->kind === TaskKind::Demold);
        $ends = array_map(fn(Task $task): float => $task->end, $out === [] ? $answer->tasks : $out);

        return [min([...($answer->simulation?->starts() ?? []), INF]), max([0.0, ...$ends])];
    }

    /** @return list<array{float, float}> */
    private static function work(PlanAnswer $answer): array
    {
        $work = array_filter($answer->tasks, fn(Task $task): bool => $task->kind->isWork());

        return array_map(fn(Task $task): array => [$task->start, $task->end], array_values($work));
    }
}
