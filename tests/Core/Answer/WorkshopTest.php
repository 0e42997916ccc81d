<?php

declare(strict_types=1);

use Pensilis\Answer\PlanAnswer;
use Pensilis\Answer\Planner;
use Pensilis\Answer\Workshop;
use Pensilis\Batching\OneMix;
use Pensilis\Bench\PourActs;
use Pensilis\Plan\Plan;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Tests\Plans;
use Tests\SharedCalibrations;

/** @param array<string, mixed> $changes */
function cone(array $changes = []): Plan
{
    return Plans::read($changes + ['/studio/hours' => [['days' => 'mon-fri', 'from' => '18:00', 'to' => '22:00']]]);
}

/** @return list<array{float, float}> pairs of spans of different pieces at which hands are wanted at once, but for those of one mix */
function atOnce(Workshop $workshop): array
{
    $mixed = array_map(
        fn(OneMix $mix): array => array_map(fn(array $share): string => "{$share[0]} {$share[1]}", $mix->shares),
        $workshop->oneMixes(),
    );
    $areOne = fn(string ...$pours): bool => array_filter($mixed, fn(array $one): bool => array_diff($pours, $one) === []) !== [];
    $work = array_values(array_filter($workshop->tasks(), fn(array $one): bool => $one[1]->kind->isWork()));
    $clashes = [];
    foreach ($work as $n => [$piece, $task]) {
        foreach (array_slice($work, $n + 1) as [$other, $next]) {
            $one = $areOne("{$piece} {$task->pour}", "{$other} {$next->pour}");
            if ($piece !== $other && !$one && $next->start < $task->end - 1e-6 && $task->start < $next->end - 1e-6) {
                $clashes[] = [$task->start, $next->start];
            }
        }
    }

    return $clashes;
}

it('wants no hands at two pieces at once, and is done no sooner than the bound', function (): void {
    $two = Workshop::of([cone(), cone()]);
    $alone = (new Planner(new SharedCalibrations()))->plan(cone())->hours();
    expect($two->isFeasible())->toBeTrue()
        ->and(atOnce($two))->toBe([])
        ->and($two->bound)->toEqualWithDelta($alone, 1e-6)
        ->and($two->makespan())->toBeGreaterThanOrEqual($two->bound - 1e-6)
        // One mix for both of each of their pours: they are done on one day.
        ->and($two->oneMixes())->toHaveCount(3)
        ->and($two->makespan())->toBeLessThan($two->bound + 24.0);
    foreach ($two->answers as $answer) {
        expect($answer->simulation->starts())->toHaveCount(3);
    }
});

it('pours three like coasters out of one mix with one pair of hands, one after another', function (): void {
    $coaster = fn(array $changes = []): Plan => Plans::read([
        '/inclusions'     => [], '/vessel/height_mm' => 8, '/vessel/diameter_mm' => 90, '/studio/hands' => 1,
        '/resins/0/sheet' => [
            'celsius' => 25, 'working_min' => 40, 'pot_life_min' => 30, 'gel_h' => 4, 'max_pour_mm' => 8, 'min_pour_mm' => 1,
        ],
    ] + $changes);
    $three = Workshop::of([$coaster(), $coaster(), $coaster()]);
    [$mix] = $three->oneMixes();
    $pours = array_values(array_filter($three->tasks(), fn(array $one): bool => $one[1]->kind === TaskKind::Pour));
    expect($three->isFeasible())->toBeTrue()->and($three->oneMixes())->toHaveCount(1)->and($mix->shares)->toHaveCount(3)
        ->and(array_unique(array_map(fn(array $one): float => $one[1]->handling->contact, $pours)))->toHaveCount(1);
    // Each is placed when the one before it is, all while the mix can be worked; the first waits for nobody.
    $placed = array_map(fn(array $one): float => $one[1]->handling->placed, $pours);
    sort($placed);
    $alone = (new Planner(new SharedCalibrations()))->plan($coaster());
    $first = array_values(array_filter($alone->tasks, fn(Task $one): bool => $one->kind === TaskKind::Pour))[0]->handling;
    expect($placed[0] - $mix->at)->toEqualWithDelta($first->placed - $first->contact, 3.0 / 60.0)
        ->and($placed[1])->toBeGreaterThan($placed[0] + 1.0 / 60.0)->and($placed[2])->toBeGreaterThan($placed[1] + 1.0 / 60.0)
        ->and($placed[2] - $mix->at)->toBeLessThan($alone->simulation->pours[0]->workingUntil);
    // With a resin that can be worked for 12 minutes each is mixed by itself.
    $fast = ['/resins/0/sheet/working_min' => 12, '/resins/0/sheet/pot_life_min' => 10];
    expect(Workshop::of([$coaster($fast), $coaster($fast), $coaster($fast)])->oneMixes())->toBe([]);
});

it('lets two pairs of hands work at once', function (): void {
    $four = Workshop::of([cone(['/studio/hands' => 2]), cone(['/studio/hands' => 2])]);
    expect($four->makespan())->toEqualWithDelta($four->bound, 1e-6)
        ->and(atOnce($four))->not->toBe([]);
});

it('tries every order of a few, and finds none that is done sooner', function (): void {
    // One that takes long and one of a single pour: by hand both orders, each planned around the other.
    $plans = [cone(), Plans::read(['/inclusions' => [], '/vessel/height_mm' => 20])];
    $workshop = Workshop::of($plans);
    $bench = $plans[0];
    $ends = [];
    foreach ([[0, 1], [1, 0]] as [$first, $second]) {
        $planner = new Planner(new SharedCalibrations());
        $one = $planner->plan($plans[$first]->atBenchOf($bench));
        $busy = [];
        foreach ($one->tasks as $task) {
            if ($task->kind->isWork()) {
                $busy[] = [$task->start, $task->end];
            }
        }
        $ends[] = max($one->hours(), $planner->plan($plans[$second]->atBenchOf($bench, $busy))->hours());
    }
    expect($workshop->makespan())->toEqualWithDelta(min($ends), 0.01);
});

it('says of each piece whether it can be done', function (): void {
    $workshop = Workshop::of([cone(), cone(['/inclusions/0/target_bottom_mm' => 40])]);
    expect($workshop->isFeasible())->toBeFalse()
        ->and($workshop->answers[0]->isFeasible())->toBeTrue()
        ->and($workshop->answers[1]->reasons)->not->toBe([]);
});

/** @return list<array{float, float}> from the first pour of each piece until it leaves its mold */
function lying(Workshop $workshop): array
{
    return array_map(function ($answer): array {
        $out = array_values(array_filter($answer->tasks, fn($task): bool => $task->kind === TaskKind::Demold));

        return [$answer->simulation->starts()[0], $out[0]->end];
    }, $workshop->answers);
}

it('lays no more pieces than there are level places, and waits no longer than it must', function (): void {
    $low = ['/inclusions' => [], '/vessel/height_mm' => 20];
    $three = Workshop::of([cone(['/studio/level_places' => 2]), cone($low), cone($low)]);
    $spans = lying($three);
    foreach ($spans as [$from]) {
        expect(count(array_filter($spans, fn(array $span): bool => $span[0] <= $from && $span[1] > $from + 1e-6)))->toBeLessThanOrEqual(2);
    }
    // Both low ones lie one after the other while the cone lies: nothing is later for it.
    expect($three->isFeasible())->toBeTrue()
        ->and($three->makespan())->toEqualWithDelta($three->bound, 24.0)->toBeGreaterThanOrEqual($three->bound - 1e-6)
        ->and(atOnce($three))->toBe([]);
    $one = Workshop::of([cone(['/studio/level_places' => 1] + $low), cone($low)]);
    [[$first, $out], [$second, $end]] = lying($one);
    expect(min($out, $end))->toBeLessThanOrEqual(max($first, $second) + 1e-6);
});

it('shares boxes among those that want one', function (): void {
    $low = ['/inclusions' => [], '/vessel/height_mm' => 20];
    $boxed = fn(bool $first, bool $second): array => lying(Workshop::of([
        cone(['/studio/cover_boxes' => 1, '/vessel/covered' => $first] + $low), cone(['/vessel/covered' => $second] + $low),
    ]));
    [[$a, $b], [$c, $d]] = $boxed(true, true);
    expect(min($b, $d))->toBeLessThanOrEqual(max($a, $c) + 1e-6);
    [[$a, $b], [$c, $d]] = $boxed(true, false);
    expect(min($b, $d))->toBeGreaterThan(max($a, $c));
});

it('puts first what is due first', function (): void {
    $low = ['/inclusions' => [], '/vessel/height_mm' => 20];
    $by = (new Planner(new SharedCalibrations()))->plan(cone($low));
    $due = $by->plan->studio->clock->at($by->hours() + 12.0)->format('Y-m-d\TH:i');
    foreach ([[0, 1], [1, 0]] as [$n, $other]) {
        $plans = [$other => cone($low), $n => cone(['/purpose/due' => $due] + $low)];
        ksort($plans);
        $plans[0] = cone(['/studio/level_places' => 1] + ($n === 0 ? ['/purpose/due' => $due] : []) + $low);
        $workshop = Workshop::of($plans);
        expect($workshop->answers[$n]->late())->toBe(0.0)
            ->and(lying($workshop)[$n][0])->toBeLessThan(lying($workshop)[$other][0]);
    }
});

/**
 * The soonest that all can be done, by every start in quarters of an hour, whatever the order.
 *
 * @param non-empty-list<PlanAnswer> $alone each by itself
 */
function soonest(array $alone, int $hands, float $within): float
{
    $bench = $alone[0]->plan->studio->hours;
    // Of each pour: what comes right before it, how long it takes, and when it may follow the one below.
    $pours = [];
    foreach ($alone as $n => $answer) {
        $starts = $answer->simulation->starts();
        foreach ($starts as $k => $start) {
            $window = $k === 0 ? null : $answer->simulation->pours[$k - 1]->window();
            $acts = PourActs::of($answer->plan, $answer->layout, $k);
            $pours[] = [$n, ($k === 0 ? 0.25 : 0.0) + $acts->leadHours(), $acts->hours(), $window, $answer->hours() - max($starts)];
        }
    }
    $best = INF;
    $try = function (int $next, array $busy, array $last, float $ends) use (&$try, &$best, $pours, $bench, $hands, $within): void {
        if (!isset($pours[$next])) {
            $best = min($best, $ends);

            return;
        }
        [$n, $lead, $takes, $window, $after] = $pours[$next];
        $isLast = ($pours[$next + 1][0] ?? null) !== $n;
        $to = $window === null ? $within : $last[$n] + $window->closes;
        for ($at = 0.25 * ceil(4.0 * ($lead + ($window === null ? 0.0 : $last[$n] + $window->opens))); $at <= $to; $at += 0.25) {
            $done = $isLast ? max($ends, $at + $after) : $ends;
            [$from, $until] = [$at - $lead, $at + $takes];
            if ($done >= $best) {
                break;
            }
            $beside = array_filter($busy, fn(array $span): bool => $span[0] < $until - 1e-6 && $from < $span[1] - 1e-6);
            if (count($beside) < $hands && abs(($bench->firstFit($from, $until - $from) ?? INF) - $from) < 1e-6) {
                $try($next + 1, [...$busy, [$from, $until]], [$n => $at] + $last, $done);
            }
        }
    };
    $try(0, [], [], 0.0);

    return $best;
}

it('is done no later than the best of all starts that any order could have', function (array $hours, array $pieces, int $hands): void {
    // Each of a resin of its own, so that none comes out of the mix of another.
    $plans = array_map(fn(array $piece, int $n): Plan => Plans::read(
        ['/studio/hours' => $hours, '/studio/hands' => $hands, '/inclusions' => [], '/resins/0/name' => "Resin {$n}"] + $piece,
    ), $pieces, array_keys($pieces));
    $workshop = Workshop::of($plans);
    $alone = array_map(fn(Plan $plan): PlanAnswer => (new Planner(new SharedCalibrations()))->plan($plan), $plans);
    $best = soonest($alone, $hands, 96.0);
    expect($workshop->isFeasible())->toBeTrue()
        ->and($hands === 1 ? atOnce($workshop) : [])->toBe([])
        // Where no quarter fits it may be a little sooner or later.
        ->and($workshop->makespan())->toBeLessThan($best + 0.3)->toBeGreaterThan($best - 1.0);
})->with(function (): array {
    // A block of two pours and others of a single one, in hours in which hardly more than one mix fits.
    $evenings = [['days' => 'mon-sun', 'from' => '18:00', 'to' => '20:00']];
    $mornings = [['days' => 'mon-sun', 'from' => '07:00', 'to' => '08:30']];
    $two = ['/vessel/height_mm' => 40, '/layering' => ['max_pour_mm' => 25]];
    [$one, $thin] = [['/vessel/height_mm' => 20], ['/vessel/height_mm' => 12]];

    return [
        'two in evenings'               => [$evenings, [$two, $one], 1],
        'two in short mornings'         => [$mornings, [$two, $one], 1],
        'three in evenings'             => [$evenings, [$two, $one, $thin], 1],
        'three in short mornings'       => [$mornings, [$one, $thin, $one], 1],
        'three, two of them in two'     => [$evenings, [$two, $two, $one], 1],
        'three, and two pairs of hands' => [$mornings, [$two, $one, $thin], 2],
    ];
});

it('tells two resins of one id apart by what their sheets say', function (): void {
    $slow = cone(['/resins/0/kinetics' => null]);
    $quick = cone(['/resins/0/kinetics' => null, '/resins/0/sheet/gel_h' => 8]);
    $last = fn(Workshop $both, int $n): ?float => $both->answers[$n]->simulation->pours[0]->gelLast ?? null;
    $alone = (new Planner(new SharedCalibrations()))->plan($quick);
    expect($last(Workshop::of([$slow, $quick]), 1))->toEqualWithDelta($alone->simulation->pours[0]->gelLast ?? null, 1e-6)
        ->and($last(Workshop::of([$quick, $slow]), 1))->toBeGreaterThan($alone->simulation->pours[0]->gelLast + 1.0);
});
