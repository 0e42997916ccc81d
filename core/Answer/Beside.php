<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Pensilis\Plan\StudioSettings;
use Pensilis\Scheduling\Hands;
use Pensilis\Scheduling\Places;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;

/** What pieces on one bench take of it, for those that are still to find room: hands, level places and boxes. Hours. */
final readonly class Beside
{
    /** How often a piece waits for another place. */
    private const MOST_WAITS = 24;

    /** @param list<array{float, float}> $work when one pair of hands is at something */
    private function __construct(private array $work, private Places $level, private Places $boxes, private int $hands) {}

    /** A bench with nothing on it. */
    public static function nothing(StudioSettings $studio): self
    {
        return new self([], new Places($studio->levelPlaces), new Places($studio->coverBoxes), $studio->hands);
    }

    public function with(PlanAnswer $answer): self
    {
        return $this->taking(self::work($answer), self::span($answer), $answer->plan->setup->isCovered);
    }

    /**
     * @param list<array{float, float}> $work when one pair of hands is at it
     * @param array{float, float}       $lies
     */
    public function taking(array $work, array $lies, bool $isCovered): self
    {
        return new self(
            [...$this->work, ...$work],
            $this->level->with($lies),
            $isCovered ? $this->boxes->with($lies) : $this->boxes,
            $this->hands,
        );
    }

    /**
     * A piece where it finds a place and a box: as it is, or the answer for another moment before which it does not begin.
     *
     * @param callable(float): PlanAnswer $timed by that moment
     */
    public function placed(PlanAnswer $answer, callable $timed): PlanAnswer
    {
        for ($wait = 0; $wait < self::MOST_WAITS && $answer->isFeasible(); $wait++) {
            $span = self::span($answer);
            $from = $this->placeFrom($span, $answer->plan->setup->isCovered);
            if ($from <= $span[0] + 1e-6) {
                break;
            }
            $answer = $timed($from);
        }

        return $answer;
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

    /**
     * From when on a piece finds a place, and a box where it is covered, for as long as it lies.
     *
     * @param array{float, float} $lies
     */
    public function placeFrom(array $lies, bool $isCovered): float
    {
        return max($this->level->from($lies), $isCovered ? $this->boxes->from($lies) : 0.0);
    }

    /** @return array{float, float} when it lies */
    public static function span(PlanAnswer $answer): array
    {
        return self::lies($answer->simulation?->starts() ?? [], $answer->tasks);
    }

    /**
     * @param list<float> $starts of its pours
     * @param list<Task>  $tasks
     *
     * @return array{float, float} from its first pour until it leaves its mold, or is cured where it has none
     */
    public static function lies(array $starts, array $tasks): array
    {
        $out = array_filter($tasks, fn(Task $task): bool => $task->kind === TaskKind::Demold);
        $ends = array_map(fn(Task $task): float => $task->end, $out === [] ? $tasks : $out);

        return [min([...$starts, INF]), max([0.0, ...$ends])];
    }

    /** @return list<array{float, float}> */
    private static function work(PlanAnswer $answer): array
    {
        $work = array_filter($answer->tasks, fn(Task $task): bool => $task->kind->isWork());

        return array_map(fn(Task $task): array => [$task->start, $task->end], array_values($work));
    }
}
