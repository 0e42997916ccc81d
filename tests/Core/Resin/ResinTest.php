<?php

declare(strict_types=1);

use Pensilis\Exception\ContradictorySheet;
use Pensilis\Exception\ImpossibleValue;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Resin\CureLaw;
use Pensilis\Resin\DataSheet;
use Pensilis\Resin\MixRatio;
use Pensilis\Resin\Viscosity;
use Tests\Plans;

it('splits a mix in the ratios in use', function (MixRatio $ratio, float $a, float $b): void {
    // Common practice: 100 : 50 by weight, 3 : 1, 1 : 1.
    [$massA, $massB] = $ratio->split(120.0);
    expect($massA)->toEqualWithDelta($a, 1e-9)
        ->and($massB)->toEqualWithDelta($b, 1e-9);
})->with([
    '100 : 50 by weight'             => [MixRatio::byWeight(100.0, 50.0, 1130.0, 980.0), 80.0, 40.0],
    '3 : 1 by weight'                => [MixRatio::byWeight(3.0, 1.0, 1130.0, 980.0), 90.0, 30.0],
    '1 : 1 by volume, equal density' => [MixRatio::byVolume(1.0, 1.0, 1100.0, 1100.0), 60.0, 60.0],
    // 2 : 1 by volume at 1.2 and 0.9 g/ml is 2.4 : 0.9 by weight.
    '2 : 1 by volume, as weight' => [MixRatio::byVolume(2.0, 1.0, 1200.0, 900.0), 120.0 * 2.4 / 3.3, 120.0 * 0.9 / 3.3],
]);

it('gives back the volumes that a volume ratio names', function (): void {
    [$a, $b] = MixRatio::byVolume(2.0, 1.0, 1200.0, 900.0)->volumes(1.0);
    expect($a / $b)->toEqualWithDelta(2.0, 1e-12)
        ->and($a * 1200.0 + $b * 900.0)->toEqualWithDelta(1.0, 1e-12);
});

it('names a sheet that contradicts itself, and where', function (array $said, string $key): void {
    try {
        DataSheet::of(['celsius' => 25.0, ...$said]);
    } catch (ContradictorySheet $refusal) {
        expect($refusal->key)->toBe($key)
            ->and($refusal->fact()->name)->toStartWith('sheet.');

        return;
    }
    $this->fail('The sheet was taken.');
})->with([
    'recoat on liquid'       => [['gel_h' => 20.0, 'recoat_open_h' => 12.0], 'recoat_open_h'],
    'closes before it opens' => [['gel_h' => 3.0, 'recoat_open_h' => 8.0, 'recoat_close_h' => 6.0], 'recoat_close_h'],
    'least above greatest'   => [['min_pour_mm' => 60.0, 'max_pour_mm' => 50.0], 'min_pour_mm'],
]);

it('fills what a sheet leaves out from its class', function (): void {
    $deep = DataSheet::of(['celsius' => 25.0, 'gel_h' => 20.0, 'max_pour_mm' => 50.0]);
    $coat = DataSheet::of(['celsius' => 25.0, 'gel_h' => 3.5]);
    expect($deep->gelThickness)->toBe(0.05)
        ->and($coat->gelThickness)->toBe(0.003)
        ->and($coat->recoatOpens)->toBeGreaterThan($coat->gel)
        ->and($coat->recoatCloses)->toBeGreaterThan($coat->recoatOpens)
        ->and($coat->fullCure)->toBeGreaterThan($coat->demold);
});

it('refuses a time of nothing', function (): void {
    DataSheet::of(['celsius' => 25.0, 'gel_h' => 0.0]);
})->throws(ImpossibleValue::class, 'gel_h');

it('is 10 Pa·s at the end of the sheet\'s working time', function (float $working): void {
    $law = CureLaw::usual(2e-5, 298.15);
    $reached = $law->conversionAfter($working, 298.15);
    $viscosity = Viscosity::calibrated(0.3, 298.15, $law->gelConversion, 298.15, $working, $reached);
    expect($viscosity->at(298.15, $reached, $working))->toEqualWithDelta(10.0, 1e-9)
        ->and($viscosity->at(298.15, 0.0, 0.0))->toEqualWithDelta(0.3, 1e-9);
})->with([3600.0, 14400.0]);

it('needs no thickening where the gel law is there already', function (): void {
    $law = CureLaw::usual(2e-5, 298.15);
    $viscosity = Viscosity::calibrated(0.3, 298.15, $law->gelConversion, 298.15, 1e5, 0.56);
    $plain = 0.3 * ($law->gelConversion / ($law->gelConversion - 0.5)) ** 2.0;
    expect($viscosity->at(298.15, 0.5, 5e4))->toEqualWithDelta($plain, 1e-9);
});

it('is infinitely thick from gel on (Castro & Macosko 1982), and thinner when warm', function (): void {
    $viscosity = Viscosity::calibrated(0.3, 298.15, 0.577, 298.15, 14400.0, 0.05);
    expect($viscosity->at(298.15, 0.577, 0.0))->toBe(INF)
        ->and($viscosity->at(308.15, 0.1, 0.0))->toBeLessThan($viscosity->at(298.15, 0.1, 0.0));
});

it('counts milestones from gel, never below nothing', function (): void {
    $resin = Plans::resin([
        'gel_h'       => 20.0, 'recoat_open_h' => 22.0, 'recoat_close_h' => 40.0, 'demold_h' => 19.0, 'full_cure_h' => 168.0,
        'max_pour_mm' => 50.0,
    ]);
    $calibrated = new CalibratedResin($resin, CureLaw::usual(2e-5, 298.15), 343.15, false);
    expect($calibrated->opensAge)->toBe(2 * 3600.0)
        ->and($calibrated->closesAge)->toBe(20 * 3600.0)
        ->and($calibrated->demoldAge)->toBe(0.0)
        ->and($calibrated->curedAge)->toBe(148 * 3600.0);
});
