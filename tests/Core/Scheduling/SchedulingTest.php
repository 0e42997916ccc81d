<?php

declare(strict_types=1);

use Pensilis\Exception\UnreadableMoment;
use Pensilis\Scheduling\Joint;
use Pensilis\Scheduling\PourWork;
use Pensilis\Scheduling\Preparation;
use Pensilis\Scheduling\StartSearch;
use Pensilis\Scheduling\StudioClock;
use Pensilis\Scheduling\TaskKind;
use Pensilis\Scheduling\WeekClock;
use Pensilis\Scheduling\Window;
use Pensilis\Scheduling\WorkingHours;
use Tests\Plans;

/** Evenings of weekdays, 18–22; the plan starts on a Monday at 08:00. */
function evenings(): WorkingHours
{
    return WorkingHours::weekly(array_map(fn(int $day): array => [$day, 18 * 60, 22 * 60], range(0, 4)), new WeekClock(480.0));
}

it('finds the first free span', function (float $from, float $hours, ?float $start): void {
    expect(evenings()->firstFit($from, $hours))->toBe($start);
})->with([
    'before the first evening' => [0.0, 1.0, 10.0],
    'inside it'                => [11.5, 1.0, 11.5],
    'too late in it'           => [13.5, 1.0, 34.0],
    'exactly its last hour'    => [13.0, 1.0, 13.0],
    'over the weekend'         => [4 * 24.0 + 14.0, 1.0, 7 * 24.0 + 10.0],
    'longer than any'          => [0.0, 5.0, null],
    'far ahead'                => [52 * 168.0, 4.0, 52 * 168.0 + 10.0],
]);

it('joins hours that meet, and knows always', function (): void {
    $hours = WorkingHours::weekly([[0, 600, 720], [0, 720, 840], [2, 0, 1440], [3, 0, 60]], new WeekClock(0.0));
    expect($hours->firstFit(0.0, 4.0))->toBe(10.0)
        ->and($hours->firstFit(24.0, 25.0))->toBe(48.0)
        ->and(WorkingHours::always()->firstFit(3.3, 100.0))->toBe(3.3)
        ->and(count($hours->between(0.0, 100.0)))->toBe(2);
});

it('reads the clock without a zone', function (): void {
    $clock = StudioClock::startingAt('2026-03-02T08:00');
    expect($clock->iso(10.25))->toBe('2026-03-02T18:15')
        ->and($clock->iso(24.0 * 30))->toBe('2026-04-01T08:00')
        // 2 March 2026 is a Monday (ISO 8601 calendar).
        ->and($clock->week()->minute(0.0))->toBe(480.0)
        // No summer time: local hours stay hours.
        ->and(StudioClock::startingAt('2026-03-28T23:00')->iso(5.0))->toBe('2026-03-29T04:00')
        ->and(StudioClock::unset()->iso(3.0))->toBeNull();
});

it('refuses days that no calendar has', function (string $text): void {
    StudioClock::startingAt($text);
})->with(['2026-02-30T08:00', 'tomorrow', '2026-03-02', '2026-03-02T25:00', '2026-03-02T08:00Z', ''])->throws(UnreadableMoment::class);

it('names the joint by the window', function (float $after, Joint $joint): void {
    expect((new Window(20.0, 22.0, 40.0, 48.0))->joint($after))->toBe($joint);
})->with([[5.0, Joint::Wet], [21.0, Joint::Chemical], [30.0, Joint::Chemical], [40.0, Joint::Chemical], [41.0, Joint::Sanded]]);

it('pours inside the window where the hours allow it', function (): void {
    // Opens 20 h, closes 30 h after: an evening pour is followed the next evening, 24 h later.
    $window = new Window(18.0, 20.0, 30.0, 36.0);
    $work = array_fill(0, 3, new PourWork(0.75, 0.0));
    $starts = (new StartSearch(evenings(), $work, [$window, $window, $window]))->find();
    expect($starts)->not->toBeNull();
    for ($k = 1; $k < 3; $k++) {
        expect($window->joint($starts[$k] - $starts[$k - 1]))->toBe(Joint::Chemical);
    }
});

it('waits for Monday rather than sand on Friday', function (): void {
    // From a Friday start, three pours a day apart cannot bond over a free weekend.
    $evenings = array_map(fn(int $day): array => [$day, 18 * 60, 22 * 60], range(0, 4));
    $friday = WorkingHours::weekly($evenings, new WeekClock(4 * 1440.0 + 480.0));
    $window = new Window(18.0, 20.0, 30.0, 36.0);
    $starts = (new StartSearch($friday, array_fill(0, 3, new PourWork(0.75, 0.0)), [$window, $window, $window]))->find();
    expect($starts[0])->toBe(72.0 + 10.25)
        ->and($starts[2] - $starts[0])->toBeLessThan(61.0);
});

it('sands where no window can be kept, once what lies below is hard', function (): void {
    $saturdays = WorkingHours::weekly([[5, 600, 960]], new WeekClock(0.0));
    $window = new Window(4.0, 5.0, 12.0, 24.0);
    $starts = (new StartSearch($saturdays, array_fill(0, 2, new PourWork(0.75, 0.0)), [$window, $window]))->find();
    // Saturday 10:15, then not before it is hard, so a week later after sanding.
    expect($starts[1] - $starts[0])->toBeGreaterThan(24.0)
        ->and($window->joint($starts[1] - $starts[0]))->toBe(Joint::Sanded);
});

it('agrees with trying every half hour', function (int $seed): void {
    mt_srand($seed);
    for ($n = 0; $n < 8; $n++) {
        $hours = WorkingHours::weekly(
            [[mt_rand(0, 2), 600, 600 + 60 * mt_rand(3, 8)], [mt_rand(3, 6), 900, 900 + 60 * mt_rand(2, 6)]],
            new WeekClock(0.0),
        );
        $window = new Window(4.0, mt_rand(5, 30), mt_rand(31, 90), mt_rand(40, 100));
        $starts = (new StartSearch($hours, array_fill(0, 2, new PourWork(0.75, 0.0)), [$window, $window]))->find();
        $cost = fn(float $first, float $second): float => $second / 24.0 + ($window->joint($second - $first) === Joint::Sanded ? 4.0 : 0.0);
        $best = INF;
        for ($first = 0.25; $first <= 168.25; $first += 0.5) {
            if ($hours->firstFit($first - 0.25, 1.0) !== $first - 0.25) {
                continue;
            }
            for ($second = $first + $window->opens + 0.25; $second <= $first + 400.0; $second += 0.25) {
                $bonded = $second <= $first + $window->closes - 0.25;
                $lead = $bonded ? 0.0 : 1.0 / 3.0;
                $ready = $bonded || $second - $lead >= $first + max($window->closes, $window->demold);
                if ($ready && abs((float) $hours->firstFit($second - $lead, 0.75 + $lead) - ($second - $lead)) < 1e-9) {
                    $best = min($best, $cost($first, $second));
                }
            }
        }
        // The search may be better by less than its step, never worse by more.
        expect($cost($starts[0], $starts[1]))->toBeLessThanOrEqual($best + 0.5 / 24.0);
    }
})->with([21, 22, 23]);

it('does one thing at a time', function (): void {
    $starts = (new StartSearch(evenings(), [new PourWork(0.75, 0.0)], [], busy: [[10.0, 10.5]]))->find();
    expect($starts[0])->toBe(10.5 + 0.25);
});

it('has no start to give where no span is long enough', function (): void {
    expect((new StartSearch(WorkingHours::weekly([[0, 600, 630]], new WeekClock(0.0)), [new PourWork(0.75, 0.0)], []))->find())->toBeNull();
});

it('begins with drying and sealing', function (): void {
    $cone = Plans::read()->inclusions[0];
    $damp = Plans::read(['/inclusions/0/material/moisture_pct' => 14])->inclusions[0];
    $preparation = Preparation::of([$cone], evenings());
    expect(array_map(fn($task): TaskKind => $task->kind, $preparation->tasks))->toBe([TaskKind::Seal, TaskKind::Seal])
        ->and($preparation->tasks[0]->start)->toBe(10.0)
        ->and($preparation->tasks[1]->start)->toBeGreaterThanOrEqual(12.25)
        ->and($preparation->readyFor([$cone]))->toBeGreaterThanOrEqual(24.0)
        ->and($preparation->readyFor([]))->toBe(0.0)
        // Two to four weeks pressed or hung (common practice).
        ->and(Preparation::of([$damp], evenings())->readyFor([$damp]))->toBeGreaterThan(14 * 24.0);
});
