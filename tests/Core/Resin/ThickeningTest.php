<?php

declare(strict_types=1);

use Pensilis\Resin\Viscosity;
use Tests\Plans;
use Tests\SharedCalibrations;

it('is as thick at the end of its working time as its sheet implies', function (): void {
    foreach ([Plans::deep(), Plans::coat()] as $resin) {
        $calibrated = (new SharedCalibrations())->calibrated($resin);
        // 10 Pa·s at the sheet's temperature when its working time is over (memory), unless the gel law is there already.
        expect($calibrated->thickens(Viscosity::WORKABLE, $resin->sheet->temperature))->toBeLessThanOrEqual($resin->sheet->working * 1.001)
            ->and($calibrated->thickens(Viscosity::WORKABLE, $resin->sheet->temperature))->toBeGreaterThan(0.5 * $resin->sheet->working);
    }
});

it('keeps a line before it can hardly be moved, later in the cold, and never after gel', function (): void {
    $resin = (new SharedCalibrations())->calibrated(Plans::coat());
    [$cold, $warm] = [288.15, 303.15];
    foreach ([$cold, $warm] as $room) {
        $line = $resin->thickens(Viscosity::KEEPS_A_LINE, $room);
        $stiff = $resin->thickens(Viscosity::WORKABLE, $room);
        expect($line)->toBeGreaterThan(0.0)->toBeLessThan($stiff)
            ->and($stiff)->toBeLessThanOrEqual($resin->law->timeTo($resin->law->gelConversion, $room) * 1.001);
    }
    expect($resin->thickens(Viscosity::KEEPS_A_LINE, $cold))->toBeGreaterThan($resin->thickens(Viscosity::KEEPS_A_LINE, $warm));
});

// What is read back from the law is the viscosity that was asked for.
it('inverts the law of thickening', function (float $wanted): void {
    $resin = (new SharedCalibrations())->calibrated(Plans::deep());
    $kelvin = 294.15;
    $time = $resin->thickens($wanted, $kelvin);
    $alpha = $resin->law->conversionAfter($time, $kelvin);
    expect($resin->viscosity->at(
        $kelvin,
        $alpha,
        $resin->law->pace($kelvin, $resin->resin->sheet->temperature) * $time,
    ))->toEqualWithDelta($wanted, 0.01 * $wanted);
})->with([1.0, 3.0, 10.0, 30.0]);
