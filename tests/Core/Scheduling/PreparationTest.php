<?php

declare(strict_types=1);

use Pensilis\Answer\Planner;
use Pensilis\Judgement\Judges;
use Pensilis\Layout\Layout;
use Pensilis\Material\Drying;
use Pensilis\Scheduling\Preparation;
use Pensilis\Scheduling\Session;
use Pensilis\Scheduling\Task;
use Tests\Facts;
use Tests\Plans;
use Tests\SharedCalibrations;

it('reckons how long slices take in an oven, by thickness and heat', function (): void {
    // By hand: 5 mm at 60 °C take 6 hours, and a day in the open; twice as thick four times as long (Crank 1975, chapter 4); ten degrees
    // more half of that.
    expect(Drying::ovenHours(0.005, 60.0))->toEqualWithDelta(24.0 + 6.0, 1e-9)
        ->and(Drying::ovenHours(0.010, 60.0))->toEqualWithDelta(24.0 + 24.0, 1e-9)
        ->and(Drying::ovenHours(0.010, 70.0))->toEqualWithDelta(24.0 + 12.0, 1e-9);
    $slice = fn(array $more): float => Plans::read(['/inclusions/0' => [
        'id'           => 'slice', 'shape' => 'cylinder', 'size_mm' => [60, 60, 10], 'at_mm' => [0, 0], 'target_bottom_mm' => 14,
        'tolerance_mm' => 2,
        'material'     => $more + ['skeleton_g_cm3' => 1.5, 'moisture_pct' => 85, 'drying' => 'oven'],
    ]], Plans::cone())->inclusions[0]->substance->dryingHours();
    expect($slice(['oven_celsius' => 70]))->toEqualWithDelta(36.0, 1e-9)
        ->and($slice([]))->toBe(30.0)
        // What is told goes first.
        ->and($slice(['oven_celsius' => 70, 'drying_h' => 50]))->toBe(50.0);
});

it('dyes first where that is the school, and lets it dry before it is sealed', function (): void {
    $flower = fn(string $keeping): array => [
        '/inclusions/0/material/fades' => true, '/inclusions/0/material/keeping' => $keeping, '/inclusions/0/sealed_coats' => 1,
        '/studio/hours'                => [['days' => 'mon-sun', 'from' => '00:00', 'to' => '24:00']],
    ];
    $tasks = function (string $keeping) use ($flower): array {
        $plan = Plans::read($flower($keeping), Plans::cone());

        return Preparation::of($plan->inclusions, $plan->studio->hours)->tasks;
    };
    $words = fn(array $some): array => array_map(fn(Task $task): string => $task->what->name, $some);
    expect($words($tasks('test')))->not->toContain('dye')
        ->and($words($tasks('dye')))->toBe(['dye', 'seal'])
        // A day after the brush is down.
        ->and($tasks('dye')[1]->start - $tasks('test')[0]->start)->toEqualWithDelta(24.0 + Session::BRUSHING, 1e-9);
    // The pour that it goes into waits for it.
    $starts = fn(string $keeping): float => array_values(array_filter(
        (new Planner(new SharedCalibrations()))->plan(Plans::read($flower($keeping), Plans::cone()))->tasks,
        fn(Task $task): bool => $task->kind->value === 'seal',
    ))[0]->start;
    expect($starts('dye'))->toBeGreaterThan($starts('test'));
    $told = function (string $keeping) use ($flower): array {
        $plan = Plans::read($flower($keeping), Plans::coneWithPours());

        return Facts::words(Judges::ofLayout($plan, Layout::given($plan)));
    };
    expect($told('test'))->toContain('test-first')->and($told('dye'))->toContain('test-first')
        ->and($told('accept'))->not->toContain('test-first');
});
