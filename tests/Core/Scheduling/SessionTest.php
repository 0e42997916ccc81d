<?php

declare(strict_types=1);

use Pensilis\Answer\Planner;
use Pensilis\Bench\PourActs;
use Pensilis\Finding\Finding;
use Pensilis\Layout\Layout;
use Pensilis\Scheduling\Preparation;
use Pensilis\Scheduling\Session;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\WeekClock;
use Pensilis\Scheduling\WorkingHours;
use Tests\Plans;
use Tests\SharedCalibrations;

it('takes the usual time for a small pour, and longer for more mass, vessels and objects', function (): void {
    expect(Session::mixing(8.0, 1))->toBe(Session::MIXING)
        ->and(Session::pouring(8.0, 1))->toBe(Session::POURING)
        // 15 kg are fourteen further cups, and 14 kg poured at 0.6 s for a gram take 140 minutes.
        ->and(Session::mixing(15e3, 1))->toBe(Session::MIXING + 14 * 6.0)
        ->and(Session::mixing(15e3, 2))->toBe(Session::MIXING + 7 * 6.0)
        ->and(Session::pouring(15e3, 1))->toEqualWithDelta(Session::POURING + 140.0, 1e-9)
        ->and(Session::bubbles(12))->toBe(Session::BUBBLES + 11.0)
        ->and(Session::placing(1, 1, 1))->toBe(Session::PLACING)
        ->and(Session::placing(2, 260, 1))->toBe(2 * Session::PLACING + 129.0)
        ->and(Session::placing(2, 260, 2))->toBe(Session::PLACING + 64.5)
        // A second pair of hands does not set one object faster.
        ->and(Session::placing(1, 1, 2))->toBe(Session::PLACING);
});

it('makes a pour of many copies and vessels longer, as their sums say', function (): void {
    $hours = function (array $changes): float {
        $plan = Plans::read($changes + ['/vessel/diameter_mm' => 300], Plans::coneWithPours());

        return PourActs::of($plan, Layout::given($plan), 1)->hours();
    };
    expect($hours(['/inclusions/0/copies' => 11]) - $hours([]))->toEqualWithDelta(10 * 0.5 / 60.0, 1e-9)
        // Eleven further vessels of one object: half a minute each to set, one to pour, one for bubbles, and further cups of a kilogram.
        ->and($hours(['/pieces' => 12]) - $hours([]))->toBeGreaterThan(11 * 2.5 / 60.0)
        ->and($hours(['/pieces' => 12]) - $hours(['/pieces' => 12, '/studio/hands' => 2]))->toBeGreaterThan(0.0);
});

it('brushes many objects for hours, at no stretch longer than one, within the hours at the bench', function (): void {
    expect(Session::brushing(1))->toBe([0.25])->and(array_sum(Session::brushing(260)))->toEqualWithDelta(0.25 + 259.0 / 60.0, 1e-9)
        ->and(max(Session::brushing(260)))->toBeLessThanOrEqual(1.0);
    $hours = WorkingHours::weekly(array_map(fn(int $day): array => [$day, 18 * 60, 20 * 60], range(0, 6)), new WeekClock(8 * 60.0));
    $cone = Plans::read()->inclusions[0]->spread(array_fill(0, 259, [0.0, 0.0]));
    $preparation = Preparation::of([$cone], $hours);
    foreach ($preparation->tasks as $task) {
        expect($hours->firstFit($task->start, $task->end - $task->start))->toEqualWithDelta($task->start, 1e-9);
    }
    $spent = array_sum(array_map(fn(Task $task): float => $task->end - $task->start, $preparation->tasks));
    expect($spent)->toEqualWithDelta(2 * array_sum(Session::brushing(260)), 1e-6)
        // Two hours an evening: nine hours of brushing take five evenings.
        ->and($preparation->readyFor([$cone]))->toBeGreaterThan(4 * 24.0);
});

it('says where a pour cannot be mixed, poured and dressed while it can be worked', function (): void {
    $told = fn(array $changes): array => array_values(array_filter(
        (new Planner(new SharedCalibrations()))->judge(Plans::read($changes, Plans::coneWithPours()))->findings,
        fn(Finding $one): bool => $one->code->value === 'outruns-working',
    ));
    // The deep resin can be worked for hours; one that can be for 40 minutes is outrun by what 60 objects take, not by one.
    $fast = ['/resins/0/sheet' => ['working_min' => 40, 'pot_life_min' => 30] + Plans::cone()['resins'][0]['sheet']];
    $stone = ['/vessel/diameter_mm' => 150, '/inclusions/0/size_mm' => [6, 6, 6], '/inclusions/0/material' => ['skeleton_g_cm3' => 2.65]];
    $many = $stone + ['/inclusions/0/copies' => 60];
    expect($told([]))->toBe([])->and($told($many))->toBe([])->and($told($fast + $stone))->toBe([]);
    [$one] = $told($fast + $many);
    expect($one->pointer)->toBe('/pours/1')
        ->and($one->figures()['takes_h'])->toBeGreaterThan($one->figures()['works_h'])
        ->and($one->figures()['mixes'])->toBe(ceil($one->figures()['takes_h'] / $one->figures()['works_h']));
});
