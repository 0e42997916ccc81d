<?php

declare(strict_types=1);

use Pensilis\Exception\ImpossibleValue;
use Pensilis\Geometry\Ellipsoid;
use Pensilis\Geometry\Upright;
use Pensilis\Material\Inclusion;
use Pensilis\Material\Substance;
use Pensilis\Material\Verdict;
use Pensilis\Settling\Buoyancy;
use Tests\Plans;

function larchCone(int $coats = 0, float $moisture = 8.0): Inclusion
{
    return new Inclusion(
        'cone',
        Ellipsoid::of(0.028, 0.028, 0.034),
        Substance::of(1400.0, 0.55, 0.05, $moisture, 70.0),
        0.0,
        0.0,
        0.014,
        0.002,
        coats: $coats,
    );
}

it('is as dense as its skeleton without its pores', function (): void {
    // ρs(1 − φ − φc), by hand: 1.4 × 0.4 = 0.56 g/cm³; quartz 2.65 (CRC Handbook) stays 2.65.
    expect(larchCone()->bulkDensity())->toEqualWithDelta(560.0, 1e-9)
        ->and(Substance::of(2650.0)->dryBulkDensity())->toBe(2650.0);
});

it('is as dense as it weighs, whatever its kind says', function (): void {
    // A steel ball of 6 mm: π/6 d³ = 0.1131 cm³ and 0.887 g, as balls of 7.84 g/cm³ weigh (steel, CRC Handbook).
    $ball = 1e-9 * M_PI / 6.0 * 6.0 ** 3;
    expect(Substance::of(1000.0)->weighing(0.887e-3, $ball)->dryBulkDensity())->toEqualWithDelta(7840.0, 10.0)
        // Pores are kept: what is around them is denser by as much.
        ->and(Substance::of(1400.0, 0.5, 0.1)->weighing(0.56e-3, 1e-6)->skeletonDensity)->toEqualWithDelta(1400.0, 1e-9)
        ->and(fn() => Substance::of(1400.0)->weighing(0.1, 1e-6))->toThrow(ImpossibleValue::class)
        ->and(fn() => Substance::of(1400.0)->weighing(1e-9, 1e-6))->toThrow(ImpossibleValue::class);
});

it('gains the mass of its coats and nothing else', function (): void {
    $cone = larchCone(2);
    $added = 2 * 0.040 * $cone->solid->surfaceArea();
    expect($cone->bulkDensity() * $cone->envelope())->toEqualWithDelta(560.0 * $cone->envelope() + $added, 1e-12)
        ->and($cone->envelope())->toBe(larchCone()->envelope());
});

it('can let go of the air in its open pores', function (): void {
    // 4/3 π 14 · 14 · 17 mm³ × 0.55 = 7.68 ml, by hand.
    expect(1e6 * larchCone()->releasableAir())->toEqualWithDelta(7.676, 0.001)
        ->and(larchCone(2)->releasableAir())->toBe(larchCone()->releasableAir());
});

it('must be sealed from a bubble of 0.8 mm on', function (): void {
    // A sphere of 0.8 mm holds 0.268 mm³.
    $speck = fn(float $share): Inclusion => new Inclusion(
        'speck',
        Upright::block(0.001, 0.001, 0.001),
        Substance::of(1500.0, $share),
        0.0,
        0.0,
        0.01,
        0.001,
    );
    expect($speck(0.267)->mustSeal())->toBeFalse()
        ->and($speck(0.269)->mustSeal())->toBeTrue();
});

it('says what comes first', function (Inclusion $object, Verdict $verdict): void {
    expect($object->verdict())->toBe($verdict);
})->with([
    'porous and bare'      => [larchCone(), Verdict::SealFirst],
    'porous and sealed'    => [larchCone(2), Verdict::Ready],
    'damp, even if sealed' => [larchCone(2, 12.0), Verdict::DryFirst],
    'just dry enough'      => [larchCone(2, 10.0), Verdict::Ready],
    'dense but bleeding'   => [
        new Inclusion('ink', Ellipsoid::of(0.01, 0.01, 0.01), Substance::of(1500.0, bleeds: true), 0.0, 0.0, 0.01, 0.001),
        Verdict::SealFirst,
    ],
    'dense but soaking' => [
        new Inclusion('paper', Ellipsoid::of(0.01, 0.01, 0.01), Substance::of(800.0, soaks: true), 0.0, 0.0, 0.01, 0.001),
        Verdict::SealFirst,
    ],
    'glass' => [
        new Inclusion('glass', Ellipsoid::of(0.01, 0.01, 0.01), Substance::of(2500.0), 0.0, 0.0, 0.01, 0.001),
        Verdict::Ready,
    ],
]);

it('displaces its whole envelope over all layers, however they are cut', function (): void {
    $cone = larchCone(2);
    $sum = 0.0;
    foreach ([[0.0, 0.014], [0.014, 0.0201], [0.0201, 0.033], [0.033, 0.06]] as [$from, $to]) {
        $sum += $cone->displaced($from, $to);
    }
    expect($sum)->toEqualWithDelta($cone->envelope(), 1e-15)
        ->and($cone->displaced(0.0, 0.014))->toBe(0.0);
});

it('drinks with its open pores only while nothing seals them', function (): void {
    expect(larchCone()->drunk(0.0, 0.1))->toEqualWithDelta(0.55 * larchCone()->envelope(), 1e-15)
        ->and(larchCone(1)->drunk(0.0, 0.1))->toBe(0.0);
});

it('refuses stuff that nothing is made of', function (callable $make): void {
    expect($make)->toThrow(ImpossibleValue::class);
})->with([
    'no skeleton'       => [fn() => Substance::of(0.0)],
    'all pores'         => [fn() => Substance::of(1400.0, 0.7, 0.4)],
    'negative pores'    => [fn() => Substance::of(1400.0, -0.1)],
    'wetter than water' => [fn() => Substance::of(1400.0, 0.1, 0.1, 120.0)],
]);

it('lets bare petals fill with resin and stay down, and thick things float that do not fill in time', function (): void {
    // Washburn (1921): 1 mm of half thickness fills in 2 η L² / (γ r cosθ) = 2 · 1e-6 / 5.6e-8 = 36 s, 5.8 mm in 20 minutes.
    expect(Inclusion::soaks(35.7))->toEqualWithDelta(1e-3, 1e-5)->and(Inclusion::soaks(1200.0))->toEqualWithDelta(5.8e-3, 1e-4);
    $petal = fn(float $thick, string $school, int $coats = 0): Inclusion => Plans::read([
        '/sealing/school'        => $school, '/inclusions/0/shape' => 'box', '/inclusions/0/size_mm' => [30, 30, $thick],
        '/inclusions/0/material' => ['skeleton_g_cm3' => 1.4, 'open_porosity' => 0.6], '/inclusions/0/sealed_coats' => $coats,
    ])->inclusions[0];
    // 0.4 of 1.4 g/cm³ and 0.6 of resin of 1.08: 1.208 in it, where it is 0.56 dry.
    expect($petal(1.0, 'none')->densityIn(1080.0))->toEqualWithDelta(1208.0, 1e-6)
        ->and($petal(1.0, 'none')->bulkDensity())->toEqualWithDelta(560.0, 1e-6)
        ->and(Buoyancy::of($petal(1.0, 'none'), 1080.0)->floats())->toBeFalse()
        ->and(Buoyancy::of($petal(15.0, 'none'), 1080.0)->floats())->toBeTrue()
        // Sealed it keeps its air.
        ->and(Buoyancy::of($petal(1.0, 'resin', 1), 1080.0)->floats())->toBeTrue();
});
