<?php

declare(strict_types=1);

use Pensilis\Batching\Batch;
use Pensilis\Batching\CupLife;
use Pensilis\Batching\CupSplit;
use Pensilis\Batching\Leftover;
use Pensilis\Batching\Scale;
use Pensilis\Geometry\Frustum;
use Pensilis\Geometry\Prism;
use Pensilis\Geometry\VesselShape;
use Pensilis\Vessel\Sheet;
use Pensilis\Vessel\Vessel;
use Tests\Plans;
use Tests\SharedCalibrations;

it('lives as long as the sheet says in the cup that it is told for', function (): void {
    $coat = (new SharedCalibrations())->calibrated(Plans::coat());
    expect((new CupLife($coat))->of(100.0, 298.15) / $coat->resin->sheet->potLife)->toEqualWithDelta(1.0, 1e-6);
});

it('lives shorter in a larger cup and a warmer room, between the isothermal and the adiabatic limit', function (): void {
    $coat = (new SharedCalibrations())->calibrated(Plans::coat());
    $life = new CupLife($coat);
    $lives = array_map(fn(float $grams): float => $life->of($grams, 298.15), [1e-3, 1.0, 10.0, 100.0, 1000.0, 1e6]);
    $falling = $lives;
    rsort($falling);
    expect($lives)->toBe($falling)
        ->and($life->of(100.0, 308.15))->toBeLessThan(0.65 * $life->of(100.0, 298.15))
        // A milligram keeps no heat: a drop of a tenth as much lives as long.
        ->and($lives[0] / $life->of(1e-4, 298.15))->toEqualWithDelta(1.0, 0.01)
        // A tonne loses none: ten tonnes live as long.
        ->and($lives[5] / $life->of(1e7, 298.15))->toEqualWithDelta(1.0, 0.01);
});

it('splits a batch that would outlive its cup, and keeps its mass', function (): void {
    $store = new SharedCalibrations();
    $coat = $store->calibrated(Plans::resin(['gel_h' => 3.5, 'max_pour_mm' => 6.0, 'pot_life_min' => 20.0, 'working_min' => 30.0]));
    $life = new CupLife($coat);
    $split = fn(float $grams): CupSplit => CupSplit::of(
        Batch::of($coat->resin, $grams / 1100.0 / 1000.0, Scale::withStep(0.1), 0.0),
        $life,
        298.15,
    );
    expect($split(60.0)->mixes())->toBe(1)
        ->and($split(3000.0)->mixes())->toBeGreaterThan(2);
    foreach ([60.0, 500.0, 3000.0] as $grams) {
        expect($split($grams)->mixes() * $split($grams)->gramsEach())->toEqualWithDelta($grams, 0.1 * $split($grams)->mixes())
            ->and($split($grams)->life)->toBeGreaterThanOrEqual($split($grams)->needed);
    }
    // A slow resin needs no second cup for a kilogram.
    $deep = $store->calibrated(Plans::deep());
    expect(CupSplit::of(Batch::of($deep->resin, 9e-4, Scale::withStep(0.1)), new CupLife($deep), 294.15)->mixes())->toBe(1);
});

it('says when even the smallest cup dies too soon', function (): void {
    $fast = (new SharedCalibrations())->calibrated(Plans::resin([
        'gel_h' => 0.1, 'max_pour_mm' => 6.0, 'pot_life_min' => 1.5, 'working_min' => 2.0,
    ]));
    $split = CupSplit::of(Batch::of($fast->resin, 1e-4, Scale::withStep(0.1)), new CupLife($fast), 298.15);
    expect($split->isTooShort())->toBeTrue();
});

it('offers what is left to the vessel that it fills best', function (): void {
    $vessel = fn(VesselShape $shape): Vessel => Vessel::of($shape, Sheet::siliconeMold(), Sheet::board());
    $spare = [
        'tray'   => $vessel(Prism::box(0.2, 0.2, 0.01)),
        'cup'    => $vessel(Prism::cylinder(0.05, 0.02)),
        'button' => $vessel(Prism::cylinder(0.02, 0.006)),
        'cone'   => $vessel(Frustum::cone(0.03, 0.05, 0.03)),
    ];
    // 36 ml: the cone takes 38.5, the cup 39.3, the button 1.9 and leaves 34; in the tray it would stand 0.9 mm.
    $fits = Leftover::fits(36e-6, $spare, 0.0015, 0.05);
    expect(array_map(fn(Leftover $fit): int|string => $fit->key, $fits))->toBe(['cone', 'cup', 'button'])
        ->and($fits[1]->depth)->toEqualWithDelta(36e-6 / (M_PI * 0.025 ** 2), 1e-9)
        ->and($fits[2]->left)->toEqualWithDelta(36e-6 - M_PI * 0.01 ** 2 * 0.006, 1e-12);
    foreach ($fits as $fit) {
        // What is poured and what remains over are what there was.
        expect($spare[$fit->key]->volumeBetween(0.0, $fit->depth) + $fit->left)->toEqualWithDelta(36e-6, 1e-12);
    }
    expect(Leftover::fits(0.0, $spare, 0.0, 0.05))->toBe([]);
});
