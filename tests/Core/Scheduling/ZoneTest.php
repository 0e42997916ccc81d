<?php

declare(strict_types=1);

use Pensilis\Exception\UnknownZone;
use Pensilis\Exception\UnreadableMoment;
use Pensilis\Scheduling\StudioClock;
use Pensilis\Scheduling\WorkingHours;
use Tests\Plans;

it('keeps true hours in the nights in which the clock is changed', function (string $zone, string $start, string $later): void {
    // A recoat window that closes 20 h after its pour does so wherever the clock stands then.
    $clock = StudioClock::startingAt($start, $zone);
    expect($clock->iso(20.0))->toBe($later)
        ->and($clock->hourOf(substr($later, 0, 16)))->toBe(20.0)
        ->and($clock->hourAt(new DateTimeImmutable($later)))->toBe(20.0);
})->with([
    // Directive 2000/84/EC: last Sunday of March and of October, 01:00 UTC.
    'put forward in Europe' => ['Europe/Lisbon', '2026-03-28T20:00', '2026-03-29T17:00+01:00'],
    'put back in Europe'    => ['Europe/Vienna', '2026-10-24T20:00', '2026-10-25T15:00+01:00'],
    // Energy Policy Act of 2005, section 110: second Sunday of March, first of November, 02:00.
    'put forward in America' => ['America/Chicago', '2026-03-07T20:00', '2026-03-08T17:00-05:00'],
    'put back in America'    => ['America/Chicago', '2026-10-31T20:00', '2026-11-01T15:00-06:00'],
    // The tz database: half an hour forward on the first Sunday of October.
    'by half an hour'  => ['Australia/Lord_Howe', '2026-10-03T20:00', '2026-10-04T16:30+11:00'],
    'half an hour off' => ['Asia/Kolkata', '2026-03-02T08:00', '2026-03-03T04:00+05:30'],
    // The Gregorian calendar: 2028 is a leap year.
    'over a leap day' => ['America/Chicago', '2028-02-28T20:00', '2028-02-29T16:00-06:00'],
]);

it('reads a time that comes twice, or never, as RFC 5545 has it', function (string $local, string $instant): void {
    // Section 3.3.5, its own two examples, and the second of two told by its offset.
    expect(StudioClock::startingAt($local, 'America/New_York')->at(0.0)?->setTimezone(new DateTimeZone('UTC'))->format('Y-m-d\TH:i'))
        ->toBe($instant);
})->with([
    'twice'  => ['2007-11-04T01:30', '2007-11-04T05:30'],
    'never'  => ['2007-03-11T02:30', '2007-03-11T07:30'],
    'second' => ['2007-11-04T01:30-05:00', '2007-11-04T06:30'],
]);

it('says the same moment by the clock of another zone', function (string $local, string $from, string $to, string $there): void {
    $clock = StudioClock::startingAt($local, $from);
    expect($clock->local($to))->toBe($there)
        ->and(StudioClock::startingAt($there, $to)->local($from))->toBe($local);
})->with([
    ['2026-03-02T08:00', 'Europe/Vienna', 'Asia/Kolkata', '2026-03-02T12:30'],
    ['2026-03-02T08:00:20', 'UTC', 'America/Chicago', '2026-03-02T02:00:20'],
    // Its second half past one: only the offset tells.
    ['2026-11-01T06:30', 'UTC', 'America/New_York', '2026-11-01T01:30' . '-05:00'],
    ['2026-11-01T05:30', 'UTC', 'America/New_York', '2026-11-01T01:30'],
]);

it('refuses what is no zone, and an offset without one', function (): void {
    foreach (['Europe/Nowhere', '+02:00', 'CEST', '../etc', 'utc', ''] as $zone) {
        expect(fn() => StudioClock::zone($zone))->toThrow(UnknownZone::class);
    }
    expect(fn() => StudioClock::startingAt('2026-03-02T08:00+01:00'))->toThrow(UnreadableMoment::class)
        ->and(fn() => StudioClock::startingAt('2026-02-30T08:00+01:00', 'UTC'))->toThrow(UnreadableMoment::class)
        ->and(Plans::read(['/studio/zone' => 'America/Chicago'])->studio->clock->iso(0.0))->toBe('2026-03-02T08:00-06:00');
});

it('counts a year of local minutes as the tz database does', function (string $zone): void {
    $clock = StudioClock::startingAt('2026-01-05T08:00', $zone);
    $week = $clock->week();
    $wrong = [];
    for ($hour = -300.0; $hour < 9000.0; $hour += 0.25) {
        $there = $clock->at($hour);
        $minute = ((int) $there->format('N') - 1) * 1440 + (int) $there->format('G') * 60 + (int) $there->format('i');
        $first = $week->hour($week->minute($hour));
        $isRight = abs(fmod($week->minute($hour) + 100 * 10080, 10080) - $minute) < 1e-6
            && abs($week->minute($first) - $week->minute($hour)) < 1e-6 && $first < $hour + 1e-9
            && (int) $clock->at($week->nextQuarter($hour + 0.1))->format('i') % 15 === 0;
        $wrong = [...$wrong, ...($isRight ? [] : [$hour])];
    }
    expect($wrong)->toBe([]);
})->with(['Europe/Lisbon', 'America/St_Johns', 'Australia/Lord_Howe']);

it('finds the hours at the bench by the clock on the wall, before a change and after it', function (string $zone, string $start): void {
    // Minute by minute, each put on the wall by the tz database.
    $clock = StudioClock::startingAt($start, $zone);
    $hours = WorkingHours::weekly(array_map(fn(int $day): array => [$day, 18 * 60, 22 * 60], range(0, 6)), $clock->week());
    $isFree = fn(int $minute): bool => in_array((int) $clock->at($minute / 60.0)?->format('G'), [18, 19, 20, 21], true);
    for ($from = 0; $from < 72 * 60; $from += 97) {
        for ($first = $from; !($isFree($first) && $isFree($first + 119)); $first++);
        expect($hours->firstFit($from / 60.0, 2.0))->toEqualWithDelta($first / 60.0, 1e-6);
    }
    $dawns = $clock->week()->daily(6 * 60, 0.0, 72.0);
    expect(array_map(fn(float $hour): ?string => $clock->at($hour)?->format('H:i'), $dawns))->toBe(['06:00', '06:00', '06:00']);
})->with([
    ['Europe/Lisbon', '2026-03-28T08:00'], ['America/Chicago', '2026-10-31T08:00'], ['Australia/Lord_Howe', '2026-10-03T08:00'],
]);
