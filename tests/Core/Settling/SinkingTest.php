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
