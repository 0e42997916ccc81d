<?php

declare(strict_types=1);

namespace Pensilis\Scheduling;

use function abs;
use function array_map;
use function ceil;
use function count;
use function floor;
use function max;
use function usort;

/**
 * When the artist can be at the bench: spans of the week, in minutes from Monday 00:00; none means always.
 *
 * Moments are hours from the start of the plan; its clock says what minute of the week they are.
 * Invariant: spans lie within the week, do not overlap and are in order; those that meet are one.
 */
final readonly class WorkingHours
{
    private const WEEK = 7 * 24 * 60;

    /** h */
    private const QUARTER = 0.25;

    private const BACK = 336.0;

    /**
     * @param list<array{int, int}>     $spans
     * @param list<array{float, float}> $busy  hours of the plan at which hands are at something else
     */
    private function __construct(private array $spans, private WeekClock $week, private array $busy = []) {}

    /**
     * The same but for spans in which hands are at something else.
     *
     * @param list<array{float, float}> $busy in hours from the start of the plan
     */
    public function without(array $busy): self
    {
        return new self($this->spans, $this->week, [...$this->busy, ...$busy]);
    }

    public static function always(): self
    {
        return new self([], new WeekClock(0.0));
    }

    /** From 7 to 22 o'clock on every day (memory). */
    public static function byDay(WeekClock $week): self
    {
        return self::weekly(array_map(fn(int $day): array => [$day, 7 * 60, 22 * 60], range(0, 6)), $week);
    }

    /** @param list<array{int, int, int}> $spans day (0 Monday) and from and to in minutes of the day, to > from */
    public static function weekly(array $spans, WeekClock $week): self
    {
        usort($spans, fn(array $one, array $other): int => [$one[0], $one[1]] <=> [$other[0], $other[1]]);
        $merged = [];
        foreach ($spans as [$day, $opens, $closes]) {
            [$from, $to] = [1440 * $day + $opens, 1440 * $day + $closes];
            $last = array_pop($merged);
            if ($last !== null && $from > $last[1]) {
                $merged[] = $last;
            }
            $merged[] = $last !== null && $from <= $last[1] ? [$last[0], max($last[1], $to)] : [$from, $to];
        }

        return new self($merged, $week);
    }

    /** Whether so many hours of work fit without a break from just that moment on. */
    public function fits(float $from, float $hours): bool
    {
        return abs(($this->firstFit($from, $hours) ?? INF) - $from) < 1e-6;
    }

    /** The first moment from which so many hours of work fit without a break; null where they never do. */
    public function firstFit(float $from, float $hours): ?float
    {
        for ($tries = 0; $tries <= count($this->busy); $tries++) {
            $start = $this->firstOpen($from, $hours);
            $clash = $start === null ? null : $this->clash($start, $start + $hours);
            if ($start === null || $clash === null) {
                return $start;
            }
            $from = $clash;
        }

        return null;
    }

    /**
     * The last moment, on a quarter of an hour where that fits too, from which so many hours of work fit without a break and are done by
     * another; null where that is more than two weeks before it.
     */
    public function lastFit(float $until, float $hours): ?float
    {
        for ($at = $until - $hours; $at >= $until - self::BACK; $at -= self::QUARTER) {
            $start = $this->firstFit($at, $hours);
            if ($start !== null && $start + $hours <= $until + 1e-9) {
                $even = $this->lastQuarter($start);

                return $this->fits($even, $hours) ? $even : $start;
            }
        }

        return null;
    }

    /**
     * The same on a quarter of an hour of the clock where that fits too.
     *
     * @param float $lead   of them before the moment that shall lie on it
     * @param float $latest hour by which that moment must come
     */
    public function evenFit(float $from, float $hours, float $lead = 0.0, float $latest = INF): ?float
    {
        $start = $this->firstFit($from, $hours);
        if ($start === null) {
            return null;
        }
        $even = $this->nextQuarter($start + $lead);
        if ($even - $lead === $start) {
            return $start;
        }
        $fits = $even <= $latest + 1e-9 && $this->fits($even - $lead, $hours);

        return $fits ? $even - $lead : $start;
    }

    private function firstOpen(float $from, float $hours): ?float
    {
        if ($this->spans === []) {
            return $from;
        }
        $minute = $this->week->minute($from);
        $week = (int) floor($minute / self::WEEK);
        for ($w = $week; $w <= $week + 2; $w++) {
            $monday = $w * self::WEEK;
            foreach ($this->spans as [$opens, $closes]) {
                if ($monday + $closes <= $minute) {
                    continue;
                }
                $start = $monday + $opens > $minute ? max($from, $this->week->hour($monday + $opens)) : $from;
                if ($start + $hours <= $this->week->hour($monday + $closes) + 1e-9) {
                    return $start;
                }
            }
        }

        return null;
    }

    /** The end of what hands are at in a span. */
    private function clash(float $from, float $to): ?float
    {
        foreach ($this->busy as [$begins, $ends]) {
            if ($begins < $to - 1e-9 && $ends > $from + 1e-9) {
                return $ends;
            }
        }

        return null;
    }

    /** The next moment on a quarter of an hour of the clock. */
    public function nextQuarter(float $hour): float
    {
        return $this->week->nextQuarter($hour);
    }

    /** The last one before. */
    public function lastQuarter(float $hour): float
    {
        return $this->week->lastQuarter($hour);
    }

    public function areAlways(): bool
    {
        return $this->spans === [];
    }

    /** @return list<array{float, float}> spans that touch [from, to], in hours from the start of the plan */
    public function between(float $from, float $to): array
    {
        $weeks = (int) ceil(($to - $from) / 168.0) + 1;

        return array_values(array_filter($this->spansFrom($from, $weeks), fn(array $span): bool => $span[0] < $to));
    }

    /** @return list<array{float, float}> spans that end after a moment, for so many weeks */
    private function spansFrom(float $from, int $weeks): array
    {
        if ($this->spans === []) {
            return [[-INF, INF]];
        }
        $week = (int) floor($this->week->minute($from) / self::WEEK);
        $spans = [];
        for ($w = $week - 1; $w <= $week + $weeks; $w++) {
            foreach ($this->spans as [$opens, $closes]) {
                $span = [$this->week->hour($w * self::WEEK + $opens), $this->week->hour($w * self::WEEK + $closes)];
                if ($span[1] > $from + 1e-9) {
                    $spans[] = $span;
                }
            }
        }

        return $spans;
    }
}
