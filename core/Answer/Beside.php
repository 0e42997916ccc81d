<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Pensilis\Plan\StudioSettings;
use Pensilis\Scheduling\Hands;
use Pensilis\Scheduling\Places;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Pensilis\Scheduling\WorkingHours;

/**
 * What pieces on one bench take of it, for those that are still to find room: hands, level places and boxes. Hands that are taken are free
 * for a pour that comes out of the mix they pour then, as long as all of it can be worked and nothing else wants them meanwhile. Hours.
 */
final readonly class Beside
{
    /** How often a piece waits for another place. */
    private const MOST_WAITS = 24;

    /** @param list<Sitting> $work what one pair of hands is at */
    private function __construct(
        private array $work,
        private Places $level,
        private Places $boxes,
        private int $hands,
        private WorkingHours $hours,
    ) {}

    /** A bench with nothing on it. */
    public static function nothing(StudioSettings $studio): self
    {
        return new self([], new Places($studio->levelPlaces), new Places($studio->coverBoxes), $studio->hands, $studio->hours);
    }

    public function with(PlanAnswer $answer): self
    {
        return $this->taking(Sitting::of($answer), self::span($answer), $answer->plan->setup->isCovered);
    }

    /**
     * @param list<Sitting>       $work
     * @param array{float, float} $lies
     */
    public function taking(array $work, array $lies, bool $isCovered): self
    {
        return new self(
            $this->beside($work) ?? [...$this->work, ...$work],
            $this->level->with($lies),
            $isCovered ? $this->boxes->with($lies) : $this->boxes,
            $this->hands,
            $this->hours,
        );
    }

    /**
     * What hands are at with more to do, where that comes when they are free or out of the mix that they pour then; null where it does not.
     *
     * @param list<Sitting> $more
     *
     * @return list<Sitting>|null
     */
    private function beside(array $more): ?array
    {
        $work = $this->work;
        foreach ($more as $one) {
            if (!self::isTaken($one, self::takenBy($work, $this->hands))) {
                $work[] = $one;
                continue;
            }
            $joined = null;
            foreach ($work as $n => $other) {
                $both = $one->joined($other);
                $others = array_values(array_diff_key($work, [$n => 0]));
                $isOpen = $both !== null && $this->hours->fits($both->from, $both->to - $both->from);
                if ($isOpen && !self::isTaken($both, self::takenBy($others, $this->hands))) {
                    $joined = [...$others, $both];
                    break;
                }
            }
            if ($joined === null) {
                return null;
            }
            $work = $joined;
        }

        return $work;
    }

    /** @param list<array{float, float}> $taken */
    private static function isTaken(Sitting $one, array $taken): bool
    {
        foreach ($taken as [$from, $to]) {
            if ($one->overlaps(Sitting::plain($from, $to))) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param list<Sitting> $work
     *
     * @return list<array{float, float}>
     */
    private static function takenBy(array $work, int $hands): array
    {
        return Hands::taken(array_map(fn(Sitting $one): array => [$one->from, $one->to], $work), $hands);
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
        return self::takenBy($this->work, $this->hands);
    }

    /** @return list<array{float, float}> when none are free even for a pour out of a mix that is there */
    public function takenBesidesMixes(): array
    {
        return self::takenBy(array_values(array_filter($this->work, fn(Sitting $one): bool => !$one->isMixed())), $this->hands);
    }

    /** Whether hands are free whenever a piece wants them, or at a mix that serves it too. */
    public function leavesHandsFor(PlanAnswer $answer): bool
    {
        return $this->beside(Sitting::of($answer)) !== null;
    }

    /**
     * Whether it can stay as it is: its pours have hands, a level place, and a box where it is covered. What else it asks of hands can be
     * done a little sooner or later.
     */
    public function hasRoomFor(PlanAnswer $answer): bool
    {
        $span = self::span($answer);
        $pours = array_values(array_filter(Sitting::of($answer), fn(Sitting $one): bool => $one->isMixed()));

        return $this->beside($pours) !== null && $this->placeFrom($span, $answer->plan->setup->isCovered) <= $span[0] + 1e-6;
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
}
