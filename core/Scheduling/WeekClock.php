<?php

declare(strict_types=1);

namespace Pensilis\Scheduling;

use function ceil;
use function floor;
use function max;

/**
 * Hours of the plan as minutes of a local week, and back. Minutes count on from Monday 00:00 of the week in which the plan starts, as the
 * clock on the wall shows them: where it is put forward an hour of them is skipped, where it is put back one comes twice, and the first is
 * meant.
 */
final readonly class WeekClock
{
    private const DAY = 1440.0;

    /** Minutes; every zone is put forward and back by whole ones of them. */
    private const QUARTER = 15.0;

    /**
     * @param float                     $anchor minute of the week at which the plan starts
     * @param list<array{float, float}> $shifts from which hour of the plan on the clock is so many minutes ahead of an even one, in order
     */
    public function __construct(private float $anchor, private array $shifts = []) {}

    public function minute(float $hour): float
    {
        $ahead = 0.0;
        foreach ($this->shifts as [$from, $minutes]) {
            if ($hour < $from) {
                break;
            }
            $ahead = $minutes;
        }

        return $this->anchor + 60.0 * $hour + $ahead;
    }

    /** The first hour at which the clock shows a minute, or, where it skips it, at which it goes on. */
    public function hour(float $minute): float
    {
        $hour = $even = ($minute - $this->anchor) / 60.0;
        foreach ($this->shifts as [$from, $minutes]) {
            if ($hour < $from) {
                break;
            }
            $hour = max($from, $even - $minutes / 60.0);
        }

        return $hour;
    }

    /** @return list<float> hours of the plan, from one on and before another, at which the clock shows a minute of the day */
    public function daily(int $minute, float $from, float $to): array
    {
        $hours = [];
        for ($day = floor(($this->minute($from) - $minute) / self::DAY); ($hour = $this->hour(self::DAY * $day + $minute)) < $to; $day++) {
            if ($hour >= $from) {
                $hours[] = $hour;
            }
        }

        return $hours;
    }

    /** The next hour of the plan on a quarter of an hour of the clock. */
    public function nextQuarter(float $hour): float
    {
        return (ceil(($this->anchor + 60.0 * $hour) / self::QUARTER - 1e-6) * self::QUARTER - $this->anchor) / 60.0;
    }

    /** The last one before. */
    public function lastQuarter(float $hour): float
    {
        return (floor(($this->anchor + 60.0 * $hour) / self::QUARTER + 1e-6) * self::QUARTER - $this->anchor) / 60.0;
    }
}
