<?php

declare(strict_types=1);

use Pensilis\Geometry\Ellipsoid;
use Pensilis\Geometry\Upright;
use Pensilis\Settling\Drag;

it('meets the resistance that the handbook gives', function (float $a, float $b, float $c, float $known): void {
    // Happel & Brenner 1973, chapter 5: sphere 6πμa; disc 16μa broadside and (32/3)μa edgewise.
    expect(Drag::ellipsoid($a, $b, $c) / $known)->toEqualWithDelta(1.0, 2e-3);
})->with([
    'sphere'         => [0.01, 0.01, 0.01, 6.0 * M_PI * 0.01],
    'disc broadside' => [0.01, 0.01, 1e-6, 16.0 * 0.01],
    'disc edgewise'  => [1e-6, 0.01, 0.01, 32.0 / 3.0 * 0.01],
]);

it('is hindered by a wall as Faxén found', function (): void {
    // 1.263 at a tenth of the width, 5.97 at a half (Happel & Brenner 1973, table 7-3.1).
    expect(Drag::wall(0.0))->toBe(1.0)
        ->and(Drag::wall(0.1))->toEqualWithDelta(1.263, 0.001)
        ->and(Drag::wall(0.5))->toEqualWithDelta(5.97, 0.05);
});

it('sinks as Stokes says while it creeps, and slower beyond', function (): void {
    $ball = Drag::of(Ellipsoid::of(0.001, 0.001, 0.001), 1.0);
    // 2(ρ − ρr) g a²/9μ: quartz of 1 mm in 10 Pa·s.
    $stokes = 2.0 * (2650.0 - 1100.0) * 9.80665 * 0.0005 ** 2 / (9.0 * 10.0);
    expect($ball->speed(2650.0, 1100.0, 10.0) / $stokes)->toEqualWithDelta(1.0 / Drag::wall(0.001), 2e-3)
        // A cork rises as fast as it would sink were it so much heavier.
        ->and($ball->speed(600.0, 1100.0, 10.0))->toEqualWithDelta(-$ball->speed(1600.0, 1100.0, 10.0), 1e-12);
    // Steel of 20 mm in water: Schiller and Naumann's own drag coefficient must carry its weight.
    $heavy = Drag::of(Ellipsoid::of(0.02, 0.02, 0.02), 100.0);
    $speed = $heavy->speed(1050.0, 1000.0, 0.1);
    $reynolds = 1000.0 * $speed * 0.02 / 0.1;
    $coefficient = 24.0 / $reynolds * (1.0 + 0.15 * $reynolds ** 0.687);
    $drag = $coefficient * 0.5 * 1000.0 * $speed ** 2 * M_PI * 0.01 ** 2;
    expect($reynolds)->toBeGreaterThan(5.0)
        ->and($drag / (50.0 * 9.80665 * 4.0 / 3.0 * M_PI * 0.01 ** 3))->toEqualWithDelta(1.0, 5e-3)
        // Their formula at Re = 100: 1.09.
        ->and(24.0 / 100.0 * (1.0 + 0.15 * 100.0 ** 0.687))->toEqualWithDelta(1.09, 0.005);
});

it('sinks a thin disc as a disc', function (): void {
    $disc = Drag::of(Upright::cylinder(0.04, 0.04, 0.0002), 100.0);
    $weight = 100.0 * 9.80665 * M_PI * 0.02 ** 2 * 0.0002;
    expect($disc->speed(1200.0, 1100.0, 50.0) / ($weight / (16.0 * 0.02 * 50.0)))->toEqualWithDelta(1.0, 0.02);
});
