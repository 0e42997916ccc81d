<?php

declare(strict_types=1);

use Pensilis\Scheduling\WeekClock;
use Pensilis\Scheduling\WorkingHours;

/**
 * The same question asked minute by minute of a plain list of free minutes.
 *
 * @param list<array{int, int, int}> $spans
 */
function firstFitByMinutes(array $spans, float $anchor, float $from, int $minutes): ?float
{
    $isFree = function (int $minute) use ($spans): bool {
        $ofWeek = (($minute % 10080) + 10080) % 10080;
        foreach ($spans as [$day, $opens, $closes]) {
            if ($ofWeek >= 1440 * $day + $opens && $ofWeek < 1440 * $day + $closes) {
                return true;
            }
        }

        return false;
    };
    $first = (int) ceil($anchor + 60.0 * $from - 1e-9);
    $run = 0;
    for ($minute = $first; $minute < $first + 3 * 10080; $minute++) {
        $run = $isFree($minute) ? $run + 1 : 0;
        if ($run === $minutes) {
            return ($minute + 1 - $minutes - $anchor) / 60.0;
        }
    }

    return null;
}

it('agrees with counting minutes', function (int $seed): void {
    mt_srand($seed);
    for ($n = 0; $n < 25; $n++) {
        $spans = [];
        for ($i = mt_rand(1, 5); $i > 0; $i--) {
            $opens = 30 * mt_rand(0, 40);
            $spans[] = [mt_rand(0, 6), $opens, $opens + 30 * mt_rand(1, 7)];
        }
        $anchor = 30.0 * mt_rand(0, 300);
        $hours = WorkingHours::weekly($spans, new WeekClock($anchor));
        $from = mt_rand(0, 400) / 2.0;
        $length = 15 * mt_rand(1, 16);
        $expected = firstFitByMinutes($spans, $anchor, $from, $length);
        $found = $hours->firstFit($from, $length / 60.0);
        $expected === null ? expect($found)->toBeNull() : expect($found)->toEqualWithDelta($expected, 1e-6);
    }
})->with([41, 42, 43, 44]);

it('never answers a moment before the one asked', function (): void {
    $hours = WorkingHours::weekly([[0, 540, 720], [3, 1020, 1260]], new WeekClock(100.0));
    for ($from = 0.0; $from < 400.0; $from += 3.7) {
        expect($hours->firstFit($from, 1.0))->toBeGreaterThanOrEqual($from);
    }
});
