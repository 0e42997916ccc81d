<?php

declare(strict_types=1);

use Pensilis\Simulation\Simulation;
use Tests\Plans;
use Tests\SharedCalibrations;

/** The cone in its three pours, with so much sand in the last. */
function sandy(float $percent): Simulation
{
    $mix = $percent > 0.0 ? ['/pours/2/mix' => [['colour' => 'sand', 'pct' => $percent]]] : [];

    return Simulation::of(Plans::read($mix, ['pours' => Plans::coneWithPours()['pours']] + Plans::coloured()), new SharedCalibrations());
}

// Krieger & Dougherty 1959, by hand: 30 g of sand of 2.65 in 100 g of mix of 1.08 g/ml are 10.9 % of the volume.
it('is thicker by its solids, and sooner too thick to work', function (): void {
    [$clear, $sand] = [sandy(0.0), sandy(30.0)];
    $share = 30.0 / 2.65 / (30.0 / 2.65 + 100.0 / 1.08);
    $times = (1.0 - $share / 0.63) ** (-2.5 * 0.63);
    $first = fn(Simulation $one): float => $one->pours[2]->thickening->points[0][1];
    expect($first($sand) / $first($clear))->toEqualWithDelta($times, 1e-6)
        ->and($sand->pours[2]->workingUntil)->toBeLessThan($clear->pours[2]->workingUntil)
        ->and($first(sandy(0.001)) / $first($clear))->toEqualWithDelta(1.0, 1e-3)
        // What is below it is poured clear.
        ->and($sand->pours[0]->thickening->points)->toBe($clear->pours[0]->thickening->points);
});

it('sets none the sooner for being thick, but for the heat that sand takes up', function (): void {
    [$clear, $sand] = [sandy(0.0), sandy(30.0)];
    expect($sand->pours[2]->gelFirst)->toBeGreaterThan(0.98 * $clear->pours[2]->gelFirst)
        ->and($sand->pours[2]->peakCelsius)->toBeLessThan($clear->pours[2]->peakCelsius);
});

it('is a paste where its grains are packed, and is followed all the same', function (): void {
    $paste = sandy(500.0)->pours[2];
    expect($paste->workingUntil)->toBeLessThan(0.1)
        ->and($paste->gelLast)->toBeGreaterThan(1.0);
});
