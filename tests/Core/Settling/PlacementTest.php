<?php

declare(strict_types=1);

use Pensilis\Finding\Finding;
use Pensilis\Judgement\DriftJudge;
use Pensilis\Settling\Placement;
use Pensilis\Simulation\Simulation;
use Tests\Plans;
use Tests\SharedCalibrations;

/**
 * A quartz pebble of 10 mm, 8 mm above the floor of one pour of 26 mm, that nothing holds.
 *
 * @param array<string, mixed> $changes
 */
function pebbleIn(array $changes = []): Simulation
{
    return Simulation::of(Plans::read([], Plans::changed([
        '/inclusions' => [[
            'id'           => 'pebble', 'shape' => 'ellipsoid', 'size_mm' => [10, 10, 10], 'at_mm' => [0, 0], 'target_bottom_mm' => 8,
            'tolerance_mm' => 2, 'material' => ['skeleton_g_cm3' => 2.65],
        ]],
        '/pours' => [['resin' => 'deep', 'depth_mm' => 26, 'start_h' => 0]],
    ] + $changes, Plans::coneWithPours())), new SharedCalibrations());
}

function placed(Simulation $simulation): Placement
{
    $placement = $simulation->placementOf($simulation->plan->inclusions[0]);
    assert($placement !== null);

    return $placement;
}

/** @param list<array{float, float}> $points as thick as at an hour, even on paper whose upright goes by tens */
function at(array $points, float $hour): float
{
    foreach ($points as $n => [$from, $here]) {
        [$to, $there] = $points[$n + 1] ?? [INF, $here];
        if ($hour <= $to) {
            return $here * ($there / $here) ** (($hour - $from) / ($to - $from));
        }
    }

    return INF;
}

it('lets a pebble in once it drifts no further than it may, by an integration of its own', function (): void {
    $simulation = pebbleIn(['/inclusions/0/tolerance_mm' => 5]);
    $placement = placed($simulation);
    $thickening = $simulation->pours[0]->thickening;
    // Stokes with Faxén at a ninth of the width, by hand: creeping throughout, as the resin is that thick by then.
    $speed = 2.0 * (2650.0 - 1080.0) * 9.80665 * 0.005 ** 2 / 9.0 * (1.0 - 2.104 / 9.0 + 2.09 / 729.0 - 0.95 / 9 ** 5);
    $drift = 0.0;
    for ($hour = $placement->opens; $hour < $thickening->gel; $hour += 0.005) {
        $drift += 18.0 * $speed / at($thickening->points, $hour + 0.0025);
    }
    expect($placement->opens)->toBeGreaterThan(1.0)
        ->and($drift)->toEqualWithDelta(0.005, 0.0002)
        ->and($placement->drift)->toEqualWithDelta(0.005, 1e-9)
        // Thirty pascal seconds come after ten, which end the working time of 4 h.
        ->and($placement->closes)->toBeGreaterThan($simulation->pours[0]->workingUntil);
});

it('drifts no further than it has room, down or up, and not where a thread or a layer holds it', function (): void {
    // 1 mm above the floor it cannot sink by its 2 mm.
    expect(placed(pebbleIn(['/inclusions/0/target_bottom_mm' => 1, '/inclusions/0/hold' => 'rest']))->opens)
        ->toBe(0.0)
        ->and(placed(pebbleIn(['/inclusions/0/hold' => 'hang']))->drift)->toBe(0.0)
        ->and(placed(pebbleIn(['/inclusions/0/target_bottom_mm' => 0]))->drift)->toBe(0.0)
        // Cork: it rises, and its drift is upward.
        ->and(placed(pebbleIn(['/inclusions/0/material/skeleton_g_cm3' => 0.24]))->drift)->toBeLessThan(0.0);
});

it('says when to put it in, or that it cannot be hung in one pour', function (): void {
    $said = fn(array $changes): array => array_map(
        fn(Finding $one): string => "{$one->code->value} {$one->pointer}",
        (new DriftJudge(pebbleIn($changes)))->findings(),
    );
    expect($said([]))->toBe(['drifts.anyway /inclusions/0'])
        // A grain of a twelfth of a millimetre sinks some thousand times slower.
        ->and($said(['/inclusions/0/size_mm' => [0.08, 0.08, 0.08]]))->toBe(['drifts /inclusions/0'])
        ->and($said(['/inclusions/0/target_bottom_mm' => 0]))->toBe([]);
    // What it offers mends it.
    $mend = (new DriftJudge(pebbleIn([])))->findings()[0]->mend;
    expect($mend)->not->toBeNull()->and($said([$mend->pointer => $mend->value]))->toBe([]);
});
