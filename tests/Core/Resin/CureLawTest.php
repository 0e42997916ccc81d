<?php

declare(strict_types=1);

use Pensilis\Exception\ImpossibleValue;
use Pensilis\Resin\CureLaw;

it('follows the exact solution of the m = n = 1 law', function (float $seconds): void {
    // α = (e^{(k1+k2)t} − 1)/(k2/k1 + e^{(k1+k2)t}): calculus.
    [$k1, $k2] = [1e-5, 9e-5];
    $law = new CureLaw($k1, 5e4, $k2, 5e4, 298.15, 1.0, 1.0, 3e5, 0.577);
    $growth = exp(($k1 + $k2) * $seconds);
    expect($law->conversionAfter($seconds, 298.15))->toEqualWithDelta(($growth - 1.0) / ($k2 / $k1 + $growth), 1e-7);
})->with([600.0, 3600.0, 20000.0, 60000.0]);

it('gels where Flory says', function (int $f, int $g, float $alpha): void {
    // P. J. Flory, Principles of Polymer Chemistry, 1953: 1/√((f−1)(g−1)).
    expect(CureLaw::gelPoint($f, $g))->toEqualWithDelta($alpha, 5e-5);
})->with([[2, 4, 0.5774], [3, 3, 0.5], [2, 3, 0.7071]]);

it('doubles its rate in ten degrees', function (): void {
    // The workshop rule (common practice); E = 52.9 kJ/mol between 25 and 35 °C, by Arrhenius.
    $law = CureLaw::usual(2e-5, 298.15);
    expect($law->rate(308.15, 0.3) / $law->rate(298.15, 0.3))->toEqualWithDelta(2.0, 0.005)
        ->and($law->pace(308.15, 298.15))->toEqualWithDelta(2.0, 0.005)
        ->and($law->pace(298.15, 298.15))->toBe(1.0);
});

it('takes as long as its own rate needs', function (): void {
    // Differential and integral form must agree: d(timeTo)/dα = 1/rate.
    $law = CureLaw::usual(2e-5, 298.15);
    foreach ([0.1, 0.4, 0.8] as $alpha) {
        $slope = ($law->timeTo($alpha + 1e-4, 298.15) - $law->timeTo($alpha - 1e-4, 298.15)) / 2e-4;
        expect($slope * $law->rate(298.15, $alpha))->toEqualWithDelta(1.0, 1e-5);
    }
});

it('never goes back and never passes full conversion', function (): void {
    $law = CureLaw::usual(2e-5, 298.15);
    $last = -1.0;
    foreach ([0.0, 1e3, 1e4, 1e5, 1e6, 1e9] as $seconds) {
        $alpha = $law->conversionAfter($seconds, 298.15);
        expect($alpha)->toBeGreaterThan($last)->toBeLessThan(1.0);
        $last = $alpha;
    }
});

it('refuses a law under which nothing can cure', function (callable $make): void {
    expect($make)->toThrow(ImpossibleValue::class);
})->with([
    'no rate'        => [fn() => new CureLaw(0.0, 5e4, 0.0, 5e4, 298.15, 1.0, 1.3, 3e5, 0.577)],
    'never starts'   => [fn() => new CureLaw(0.0, 5e4, 1e-5, 5e4, 298.15, 1.0, 1.3, 3e5, 0.577)],
    'gel beyond all' => [fn() => new CureLaw(1e-6, 5e4, 1e-5, 5e4, 298.15, 1.0, 1.3, 3e5, 1.0)],
    'negative rate'  => [fn() => new CureLaw(-1e-6, 5e4, 1e-5, 5e4, 298.15, 1.0, 1.3, 3e5, 0.577)],
]);
