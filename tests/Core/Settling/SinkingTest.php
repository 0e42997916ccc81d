<?php

declare(strict_types=1);

use Pensilis\Settling\Sinking;
use Tests\Plans;
use Tests\SharedCalibrations;

it('sinks grains at the speed of Stokes', function (): void {
    // By hand: glass of 100 µm and 2500 kg/m³ in a liquid of 1000 kg/m³ and 1 Pa·s: 1500 · 9.80665 · 1e-8 / 18 m/s.
    expect(Sinking::speed(1e-4, 2500.0, 1000.0, 1.0))->toEqualWithDelta(8.1722e-6, 1e-9)
        // Hollow ones of 200 kg/m³ rise; twice across is four times as fast.
        ->and(Sinking::speed(1e-4, 200.0, 1000.0, 1.0))->toBeLessThan(0.0)
        ->and(Sinking::speed(2e-4, 2500.0, 1000.0, 1.0))->toEqualWithDelta(4 * 8.1722e-6, 1e-9);
});

it('follows the mix as it thickens until it gels', function (): void {
    $resin = (new SharedCalibrations())->calibrated(Plans::deep());
    $kelvin = $resin->resin->sheet->temperature;
    $sinking = new Sinking($resin, $kelvin);
    $sunk = $sinking->beforeGel(2e-4, 2500.0);
    // Summed up anew in small steps of time, not of conversion.
    [$sum, $step, $gel] = [0.0, 120.0, $resin->law->timeTo($resin->law->gelConversion, $kelvin)];
    for ($t = 0.5 * $step; $t < $gel; $t += $step) {
        $viscosity = $resin->viscosity->at($kelvin, $resin->law->conversionAfter($t, $kelvin), $t);
        $sum += is_finite($viscosity) ? $step * Sinking::speed(2e-4, 2500.0, $resin->resin->density, $viscosity) : 0.0;
    }
    expect($sunk)->toEqualWithDelta($sum, 0.02 * $sum)
        // Never farther than in the fresh mix for as long, less the later it is poured, nothing once it has gelled.
        ->and($sunk)->toBeLessThan($gel * Sinking::speed(2e-4, 2500.0, $resin->resin->density, 0.3))
        ->and($sinking->beforeGel(2e-4, 2500.0, 3600.0))->toBeLessThan($sunk)
        ->and($sinking->beforeGel(2e-4, 2500.0, $gel))->toEqualWithDelta(0.0, 1e-9);
});

it('packs no closer than grains lie, and hinders many', function (): void {
    $sinking = new Sinking((new SharedCalibrations())->calibrated(Plans::deep()), Plans::deep()->sheet->temperature);
    // Sand of a quarter of a millimetre and 2650 kg/m³ that fills 0.6 of its room: poured packed it stays, wherever the mix gels.
    $free = $sinking->beforeGel(2.5e-4, 2650.0);
    $left = fn(float $share, float $depth): float => $sinking->clears(2.5e-4, 2650.0, $depth, $share, 0.6);
    expect($free)->toBeGreaterThan(0.05)->and($left(0.6, 0.004))->toBe(0.0)
        // Half as many: they lie in the lower half (what is solid stays as much).
        ->and($left(0.3, 0.004))->toEqualWithDelta(0.002, 1e-12)
        // One grain goes its way; with 10 % solid 1 − 0.9^4.65 of it is lost (Richardson and Zaki 1954).
        ->and($left(0.0, 10.0))->toEqualWithDelta($free, 1e-12)
        ->and($left(0.1, 10.0) / $free)->toEqualWithDelta(0.6127, 1e-4)
        ->and($sinking->clears(2.5e-4, 200.0, 0.004, 0.3, 0.6))->toEqualWithDelta(-0.002, 1e-12);
});
