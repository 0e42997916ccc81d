<?php

declare(strict_types=1);

use Pensilis\Finding\Finding;
use Pensilis\Judgement\BatchJudge;
use Pensilis\Judgement\HoursJudge;
use Pensilis\Judgement\Judges;
use Pensilis\Judgement\ReadinessJudge;
use Pensilis\Judgement\SetupJudge;
use Pensilis\Layout\Layout;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Tests\Facts;
use Tests\Plans;

/**
 * @param array<string, mixed> $changes
 *
 * @return list<string>
 */
function setupSays(array $changes): array
{
    $plan = Plans::read($changes, Plans::coneWithPours());

    return array_map(Facts::line(...), (new SetupJudge($plan, Layout::given($plan)))->findings());
}

// The block is 90 mm across and 60 high, its pours 14, 12 and 34 mm deep.
it('judges use, fittings and bench by their figures', function (array $changes, array $says): void {
    expect(setupSays($changes))->toBe($says);
})->with([
    'nothing wrong' => [[], []],
    // 10 in 200 over 90 mm rise 4.5; a fifth of 12 mm is 2.4. Half of the rise runs over a rim without freeboard.
    'a slope' => [['/vessel/level' => ['rise_mm' => 10, 'over_mm' => 200]], [
        'tilted rise_mm=4.5 pour=2 depth_mm=12 most_mm=2.4', 'runs-over higher_mm=2.25 free_mm=0 fill_mm=57.7',
    ]],
    'a slope that is nothing' => [
        ['/vessel/level' => ['rise_mm' => 1, 'over_mm' => 200], '/vessel/fill_mm' => 60, '/vessel/height_mm' => 62], [],
    ],
    // Half the thickness of 60 mm at most (common practice).
    'a deep hole' => [['/purpose/fittings' => [['kind' => 'hook', 'at_mm' => [35, 0], 'radius_mm' => 4, 'depth_mm' => 31]]], [
        'hole-too-deep hole_mm=31 thickness_mm=60 half_mm=30 fitting=fitting.hook',
    ]],
    // The cone, 28 mm across in the middle, stands from 14 to 48 mm: a hole of 20 mm from above ends at 40.
    'a hole into the cone' => [['/purpose/fittings' => [['kind' => 'hook', 'at_mm' => [0, 0], 'radius_mm' => 4, 'depth_mm' => 20]]], [
        'under-fitting object=cone fitting=fitting.hook',
    ]],
    'a hole beside it' => [
        ['/purpose/fittings' => [['kind' => 'hook', 'at_mm' => [30, 0], 'radius_mm' => 4, 'depth_mm' => 20]]], [],
    ],
    'hot cups, and no word of heat' => [
        ['/purpose/use' => 'hot-cups'], ['heat-rating.unsaid least_celsius=70 use=hot-cups resin=Slow deep-cast'],
    ],
    'a resin too soft for them' => [['/purpose/use' => 'hot-cups', '/resins/0/sheet/heat_deflection_celsius' => 52], [
        'heat-rating least_celsius=70 bears_celsius=52 use=hot-cups resin=Slow deep-cast',
    ]],
    'one that bears it' => [['/purpose/use' => 'hot-cups', '/resins/0/sheet/heat_deflection_celsius' => 80], []],
    'colour that goes'  => [['/inclusions/0/material/fades' => true], ['test-first objects=cone']],
]);

it('judges a batch by half a step on each reading, and by what the scale holds', function (array $studio, array $says): void {
    $plan = Plans::read($studio, Plans::coneWithPours());
    $batch = Layout::given($plan)->pours[0]->batch;
    expect(array_map(Facts::line(...), (new BatchJudge($batch, 0))->findings()))->toBe($says);
})->with([
    'fine' => [[], []],
    // 100.2 g are needed, 69.1 of A and 31.1 of B. On steps of 2 g that is 70 and 32, 1.59 % off, and half a step of each hides
    // 50 (2/70 + 2/32) = 4.55 %: the root of both squares is 4.82 %.
    'a coarse scale' => [
        ['/studio/scale_step_g' => 2],
        ['ratio-error pour=1 error_pct=4.822 mix_g=102 least_g=162 step_g=1 device=device.scale step=2'],
    ],
    // 96.2 g and 4 that the cup keeps on 70 with a cup of 10: two mixes of half of it and 4 g each.
    'a small scale' => [
        ['/studio/scale_limit_g' => 70, '/studio/cup_weight_g' => 10],
        ['several-mixes pour=1 mixes=2 a_g=36 b_g=16.2 device=device.scale step=0.1'],
    ],
    'a heavy cup' => [
        ['/studio/scale_limit_g' => 70, '/studio/cup_weight_g' => 70], ['cup-too-heavy pour=1 device=device.scale step=0.1'],
    ],
]);

it('judges hours by the span of work, not by its beginning', function (float $start, float $end, ?float $better): void {
    // Monday 08:00; weekdays from 18:00 to 22:00, hours 10 to 14 of the plan.
    $plan = Plans::read(['/studio/hours' => [['days' => 'mon-fri', 'from' => '18:00', 'to' => '22:00']]], Plans::coneWithPours());
    $found = (new HoursJudge($plan, [new Task(TaskKind::Pour, $start, $end, 1)]))->findings();
    expect($found === [] ? null : $found[0]->mend?->value)->toBe($better);
})->with([
    'inside'                => [10.0, 11.0, null],
    'to the last minute'    => [13.0, 14.0, null],
    'half an hour too long' => [13.5, 14.5, 34.0],
    'too early'             => [9.0, 10.0, 10.0],
]);

it('says which object is not ready for its pour', function (): void {
    $plan = Plans::read(['/inclusions/0/material/moisture_pct' => 14, '/inclusions/0/material/drying' => 'silica'], Plans::coneWithPours());
    $says = fn(float $start): array => array_map(
        Facts::line(...),
        (new ReadinessJudge($plan, Layout::given($plan), [new Task(TaskKind::Pour, $start, $start + 1.0, 1)]))->findings(),
    );
    // Five days in silica gel, then two coats two hours apart in working hours, and twelve hours: later than the sixth day.
    expect($says(130.0))->toHaveCount(1)
        ->and($says(400.0))->toBe([]);
});

it('asks all judges of a layout', function (): void {
    $wrong = ['/vessel/level' => ['rise_mm' => 10, 'over_mm' => 200], '/studio/scale_step_g' => 2, '/inclusions/0/sealed_coats' => 0];
    $plan = Plans::read($wrong, Plans::coneWithPours());
    $words = array_map(fn(Finding $one): string => $one->code->word(), Judges::ofLayout($plan, Layout::given($plan)));
    expect($words)->toContain('tilted')->toContain('ratio-error')->toContain('seal-first');
});
