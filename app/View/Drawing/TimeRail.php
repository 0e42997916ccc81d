<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\Words\Figures;
use App\Words\Words;
use Pensilis\Answer\Phase;
use Pensilis\Answer\PlanAnswer;
use Pensilis\Scheduling\TaskKind;

/** Each pour's phases in clock time, nights and working hours behind them; x in percent of the hours of the plan. */
final readonly class TimeRail
{
    public const WIDTH = 100.0;

    /** Room that the name of a day takes, percent (at 600 pixels). */
    private const NAME = 8.0;

    /** Minutes of the day between which it is night. */
    private const DUSK = 22 * 60;

    private const DAWN = 6 * 60;

    /** Days that are named, at most. */
    private const DAYS = 11.0;

    private float $from;

    private float $to;

    public function __construct(private PlanAnswer $answer, private Figures $figures)
    {
        $tasks = array_filter($answer->tasks, fn($task): bool => $task->kind !== TaskKind::FullCure && $task->kind !== TaskKind::Dry);
        $this->from = min([
            INF, ...array_map(fn($task): float => $task->start, $tasks),
            ...array_map(fn($pour): float => $pour->startHour, $answer->simulation->pours ?? []),
        ]);
        $ends = array_map(
            fn($pour): float => $pour->startHour + ($pour->demold ?? $pour->gelLast ?? 24.0),
            $answer->simulation->pours ?? [],
        );
        $this->to = max([$this->from, ...$ends, ...array_map(fn($task): float => $task->end, $tasks)]) + 3.0;
    }

    public function x(float $hour): float
    {
        $share = ($hour - $this->from) / max(1.0, $this->to - $this->from);

        return round(self::WIDTH * min(1.0, max(0.0, $share)), 3);
    }

    /** @return list<array{x: float, label: string}> every midnight, thinned where they crowd */
    public function days(): array
    {
        $step = (int) max(1.0, ceil(($this->to - $this->from) / 24.0 / self::DAYS));
        $days = [['x' => 0.0, 'label' => $this->figures->day($this->from)]];
        foreach ($this->answer->plan->studio->clock->week()->daily(0, $this->from, $this->to) as $n => $hour) {
            if ($n % $step === 0 && $this->x($hour) > self::NAME) {
                $days[] = ['x' => $this->x($hour), 'label' => $this->figures->day($hour)];
            }
        }

        return $days;
    }

    /** @return list<array{float, float}> x and width of the nights, 22 to 6; none without a clock */
    public function nights(): array
    {
        $clock = $this->answer->plan->studio->clock;
        if (!$clock->isSet() || $this->to - $this->from > 24.0 * 40.0) {
            return [];
        }
        $week = $clock->week();
        $dawns = $week->daily(self::DAWN, $this->from, $this->to + 24.0);

        return array_map(function (float $dawn) use ($week): array {
            $dusk = $week->daily(self::DUSK, $dawn - 12.0, $dawn)[0];

            return [$this->x($dusk), $this->x($dawn) - $this->x($dusk)];
        }, $dawns);
    }

    /** @return list<array{float, float}> x and width of the hours at the bench; none where they are all */
    public function bench(): array
    {
        $hours = $this->answer->plan->studio->hours;

        return $hours->areAlways() ? [] : array_map(
            fn(array $span): array => [$this->x($span[0]), $this->x($span[1]) - $this->x($span[0])],
            $hours->between($this->from, $this->to),
        );
    }

    /** @return list<list<array{kind: string, x: float, width: float, says: string}>> the phases of each pour */
    public function rows(): array
    {
        $rows = [];
        foreach ($this->answer->simulation->pours ?? [] as $k => $pour) {
            $phases = [];
            foreach (Phase::all($pour, $pour->startHour) as $phase) {
                $phases[] = [
                    'kind'  => $phase->kind,
                    'x'     => $this->x($phase->from),
                    'width' => $this->x($phase->to) - $this->x($phase->from),
                    'says'  => Words::say('piece.rail.phase', [
                        'number' => $k + 1,
                        'phase'  => Words::say("piece.rail.phases.{$phase->kind}"),
                        'from'   => $this->figures->moment($phase->from),
                        'to'     => $this->figures->moment($phase->to),
                    ]),
                ];
            }
            $rows[] = $phases;
        }

        return $rows;
    }
}
