<?php

declare(strict_types=1);

use Pensilis\Answer\PlanAnswer;
use Pensilis\Answer\Planner;
use Pensilis\Finding\Finding;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Tests\Plans;
use Tests\SharedCalibrations;

/**
 * A 5 mm bead whose top stands 1 mm out of 30 mm of slow resin, set once that is thick.
 *
 * @param array<string, mixed> $bead
 * @param array<string, mixed> $changes
 */
function beadInThick(array $bead = [], array $changes = []): PlanAnswer
{
    $planner = new Planner(new SharedCalibrations());
    $plan = Plans::read([], Plans::changed(['/inclusions/0' => $bead + [
        'id'               => 'bead', 'shape' => 'ellipsoid', 'size_mm' => [5, 5, 5], 'at_mm' => [0, 0],
        'target_bottom_mm' => 26, 'tolerance_mm' => 1, 'cover_mm' => -1, 'material' => ['skeleton_g_cm3' => 2.6], 'hold' => 'thick',
    ]] + $changes + ['/vessel/height_mm' => 30], Plans::cone()));

    return $plan->pours === [] ? $planner->planOrWaysOut($plan) : $planner->judge($plan);
}

function placingTask(PlanAnswer $answer): ?Task
{
    return array_values(array_filter($answer->tasks, fn(Task $one): bool => $one->kind === TaskKind::Place))[0] ?? null;
}

/** @return list<string> */
function saidOfBead(PlanAnswer $answer): array
{
    return array_map(fn(Finding $one): string => $one->code->value, $answer->said());
}

it('sets what stands proud once the coat holds it, within the hours, and needs no layer for it', function (): void {
    $answer = beadInThick();
    [$task, $pour] = [placingTask($answer), $answer->simulation->pours[0]];
    // Stokes in still resin, from then on to the gel: of 5 mm and 2.6 g/cm³, in a vessel so wide that its walls slow it by no more than a
    // fifth (Faxén). What is left of its way is its tolerance.
    $left = 0.0;
    $opens = $answer->simulation->placementOf($answer->plan->inclusions[0])->opens;
    $points = array_values(array_filter($pour->thickening->points, fn(array $one): bool => $one[0] >= $opens));
    foreach (array_slice($points, 1) as $n => [$hour, $viscosity]) {
        $mean = sqrt($viscosity * $points[$n][1]);
        $left += 3600.0 * ($hour - $points[$n][0]) * 9.81 * (2600.0 - 1080.0) * 0.005 ** 2 / (18.0 * $mean);
    }
    expect($answer->isFeasible())->toBeTrue()->and(count($answer->simulation->pours))->toBe(1)
        ->and(count(beadInThick(['hold' => 'auto'])->simulation->pours ?? [1, 2]))->toBeGreaterThan(1)
        ->and(1e3 * $left)->toBeGreaterThan(0.9)->toBeLessThan(1.3)
        ->and($task->handling->objects)->toBe(['bead'])->and($task->pour)->toBe(0)
        ->and($task->start)->toBeGreaterThanOrEqual($pour->startHour + $opens)
        ->and($task->end)->toBeLessThanOrEqual($pour->startHour + $pour->thickening->gel)
        // At the bench from 18 to 22 o'clock, and the plan begins at 8.
        ->and(fmod(8.0 + $task->start, 24.0))->toBeGreaterThanOrEqual(18.0)
        ->and(fmod(8.0 + $task->end, 24.0))->toBeLessThanOrEqual(22.0)
        ->and($task->handling->last)->toBeGreaterThan($task->start);
});

it('rises no farther than it floats', function (): void {
    // Archimedes: of 0.9 in 1.08 all but a sixth lies below; the bead stands out by a fifth of its height, a tenth of its volume.
    $slow = beadInThick(['material' => ['skeleton_g_cm3' => 0.9]]);
    $fast = beadInThick(['material' => ['skeleton_g_cm3' => 0.24]]);
    $of = fn(PlanAnswer $answer) => $answer->simulation->placementOf($answer->plan->inclusions[0]);
    expect($of($slow)->opens)->toBe(0.0)->and(-1e3 * $of($slow)->drift)->toBeGreaterThan(0.1)->toBeLessThan(0.5)
        ->and($of($fast)->opens)->toBeGreaterThan(10.0)
        // What drifts too little to wait for goes in as soon as hands are free.
        ->and(placingTask($slow)->start)->toBeGreaterThanOrEqual($slow->simulation->starts()[0])
        ->and(placingTask($slow)->start - $slow->simulation->starts()[0])->toBeLessThan(1.0);
});

it('pours on a day after which hands are there when it is thick', function (): void {
    $hours = fn(string ...$days): array => ['/studio/hours' => array_map(
        fn(string $day): array => ['days' => $day, 'from' => '18:00', 'to' => '22:00'],
        $days,
    )];
    // Monday evening is the first; nobody comes on Tuesday or Wednesday, when it would be thick.
    $late = beadInThick([], $hours('mon', 'thu', 'fri'));
    expect($late->simulation->starts()[0])->toBeGreaterThan(72.0)->and(saidOfBead($late))->not->toContain('outside-hours.late')
        ->and(fmod(8.0 + placingTask($late)->start, 24.0))->toBeGreaterThanOrEqual(18.0)
        ->and(floor((8.0 + placingTask($late)->start) / 24.0))->toBe(4.0)
        // Where nobody ever is, it is said.
        ->and(saidOfBead(beadInThick([], $hours('mon'))))->toContain('outside-hours.late');
    $given = beadInThick([], $hours('mon', 'thu', 'fri') + ['/pours' => [['resin' => 'deep', 'depth_mm' => 30, 'start_h' => 10.25]]]);
    expect(saidOfBead($given))->toContain('outside-hours.late');
});

it('says that nothing but a layer or a thread holds it deep in its coat', function (): void {
    // 5 mm of glass sink 400 mm an hour where resin just wets (Stokes at 30 Pa·s), hours before the gel.
    $deep = beadInThick(['target_bottom_mm' => 12, 'cover_mm' => 0]);
    expect($deep->isFeasible())->toBeFalse()->and(saidOfBead($deep))->toContain('never-thick')
        ->and(beadInThick(['target_bottom_mm' => 12, 'cover_mm' => 0, 'hold' => 'hang'])->isFeasible())->toBeTrue();
});

it('is offered for what stands proud where no layer can be had for it', function (): void {
    // 5 mm high, 2 mm proud of 8 mm: a layer below it would leave 3 mm, and the label asks for 5.
    $shell = ['target_bottom_mm' => 5, 'cover_mm' => -2, 'hold' => 'auto'];
    $answer = beadInThick($shell, ['/vessel/height_mm' => 8]);
    $mends = array_map(fn(Finding $one): mixed => $one->mend?->value, array_filter(
        $answer->said(),
        fn(Finding $one): bool => $one->code->value === 'would-do.thick',
    ));
    expect($answer->isFeasible())->toBeFalse()->and(array_values($mends))->toBe(['thick'])
        ->and(beadInThick(['hold' => 'thick'] + $shell, ['/vessel/height_mm' => 8])->isFeasible())->toBeTrue();
});

it('ends no coat between its foot and its middle', function (): void {
    $tall = ['size_mm' => [5, 5, 16], 'target_bottom_mm' => 44, 'cover_mm' => 0, 'hold' => 'thick'];
    $answer = beadInThick($tall, ['/vessel/height_mm' => 60, '/resins/0/sheet/max_pour_mm' => 25]);
    foreach ($answer->layout->pours ?? [] as $pour) {
        expect($pour->top <= 0.044 + 1e-9 || $pour->top >= 0.052 - 1e-9)->toBeTrue();
    }
    expect(count($answer->layout->pours))->toBeGreaterThan(2);
    $at = fn(float $depth): PlanAnswer => beadInThick($tall, ['/vessel/height_mm' => 60, '/pours' => [
        ['resin' => 'deep', 'depth_mm' => $depth, 'start_h' => 0], ['resin' => 'deep', 'depth_mm' => 60 - $depth, 'start_h' => 90],
    ]]);
    $found = array_values(array_filter($at(48.0)->said(), fn(Finding $one): bool => $one->code->value === 'no-layer.whole-coat'));
    expect($found)->toHaveCount(1)->and($found[0]->pointer)->toBe('/inclusions/0/target_bottom_mm')->and($found[0]->mend->value)->toBe(48.0)
        ->and(saidOfBead($at(44.0)))->not->toContain('no-layer.whole-coat');
});
