<?php

declare(strict_types=1);

use Pensilis\Geometry\Ellipsoid;
use Pensilis\Geometry\Upright;
use Pensilis\Material\Hold;
use Pensilis\Settling\Buoyancy;
use Tests\Plans;

it('lifts a prism at its share of density times height', function (): void {
    // Archimedes, closed form for upright sides: (ρb/ρr) × height.
    $block = Plans::object('block', 10.0, solid: Upright::block(0.02, 0.03, 0.012), density: 550.0);
    expect(Buoyancy::of($block, 1100.0)->liftDepth())->toEqualWithDelta(0.006, 1e-9);
});

it('lifts a ball of half the density at its equator', function (): void {
    $ball = Plans::object('ball', 10.0, solid: Ellipsoid::of(0.02, 0.02, 0.02), density: 540.0);
    expect(Buoyancy::of($ball, 1080.0)->liftDepth())->toEqualWithDelta(0.01, 1e-9);
});

it('lifts a ball of 5/32 of the density at a quarter of its height', function (): void {
    // Cap of height R/2: V = π(R/2)²(3R − R/2)/3 = 5πR³/24, of 4πR³/3: 5/32.
    $ball = Plans::object('ball', 10.0, solid: Ellipsoid::of(0.02, 0.02, 0.02), density: 1000.0 * 5 / 32);
    expect(Buoyancy::of($ball, 1000.0)->liftDepth())->toEqualWithDelta(0.005, 1e-9);
});

it('never lifts what is as heavy as the resin', function (float $density, bool $floats): void {
    $buoyancy = Buoyancy::of(Plans::object('thing', 10.0, density: $density), 1100.0);
    expect($buoyancy->floats())->toBe($floats)
        ->and(is_finite($buoyancy->liftDepth()))->toBe($floats);
})->with(['cork 240' => [240.0, true], 'amber 1070' => [1070.0, true], 'equal' => [1100.0, false], 'quartz 2650' => [2650.0, false]]);

it('never lifts what is held down by tack or a dab', function (): void {
    $cork = Plans::object('cork', 10.0, hold: Hold::Tack, density: 240.0);
    expect(Buoyancy::of($cork, 1100.0)->floats())->toBeTrue()->and(Buoyancy::of($cork, 1100.0)->liftDepth())->toBe(INF);
});
