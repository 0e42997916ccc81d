<?php

declare(strict_types=1);

use Pensilis\Quantity\Temperature;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Resin\CureLaw;
use Pensilis\Thermal\Fit\Observed;
use Pensilis\Thermal\Fit\StudioFit;
use Pensilis\Thermal\Fit\Tack;
use Pensilis\Thermal\Grid\RadialMesh;
use Pensilis\Thermal\Room\ConstantAmbient;
use Pensilis\Thermal\Run\PourTrack;
use Pensilis\Thermal\Run\Stack;
use Pensilis\Vessel\Sheet;
use Tests\Plans;

/**
 * @param list<float> $hours at which a probe is read; none for a gel
 *
 * @return list<array{float, float}>|float
 */
function sawOf(CureLaw $law, float $celsius, float $depth, float $diameter, array $hours = []): array|float
{
    $run = Stack::run(
        RadialMesh::round(0.5 * $diameter, Sheet::siliconeMold(), 16),
        Sheet::siliconeMold(),
        Sheet::board(),
        ConstantAmbient::of(Temperature::celsius($celsius)),
    );
    $run->pour(new CalibratedResin(Plans::deep(), $law, INF, false), $depth, 0.0, 20);
    if ($hours === []) {
        $run->goOnUntil(fn(PourTrack $track): bool => $track->gelFirst !== null, 1e7);

        return $run->tracks()[0]->gelFirst ?? INF;
    }
    $readings = [];
    foreach ($hours as $hour) {
        $run->advance(3600.0 * $hour);
        $readings[] = [3600.0 * $hour, $run->reading()->kelvinAt(0.5 * $depth, 0.0)];
    }

    return $readings;
}

function lawOf(float $rate, float $energy, float $heat): CureLaw
{
    return new CureLaw(0.08 * $rate, $energy, $rate, $energy, 298.15, 1.0, 1.3, $heat, CureLaw::gelPoint(2, 4));
}

it('moves the rate alone by one gel time, by as much as an even temperature says', function (): void {
    // Without heat of cure it stays as cold as its room: the time to gel is I/K, so that one in half the time has twice the rate.
    $law = lawOf(2e-5, 52.9e3, 0.0);
    $slow = $law->timeTo($law->gelConversion, 298.15);
    $fit = StudioFit::of(Plans::deep(), $law, [Observed::gel(0.5 * $slow, 298.15, 0.01, null)], null, null);
    expect($fit->fitted)->toBe(['rate'])
        ->and($fit->values['rate'])->toEqualWithDelta(2.0, 0.005)
        ->and($fit->values['energy'])->toBe($law->e2)
        ->and($fit->residual)->toBeLessThan(0.02)
        // A gel that is known to a twentieth: a tenth either way in 95 of 100.
        ->and(log($fit->confidence['rate'][1] / $fit->confidence['rate'][0]))->toEqualWithDelta(2.0 * 1.96 * 0.05, 0.02);
});

it('finds rate, energy and heat again that made a log, within what it says of itself', function (): void {
    // The log comes from finer cells than those that it is fitted with.
    $true = lawOf(5e-5, 60e3, 250e3);
    $log = [
        Observed::gel((float) sawOf($true, 18.0, 0.02, 0.06), 291.15, 0.02, 0.06),
        Observed::gel((float) sawOf($true, 28.0, 0.02, 0.06), 301.15, 0.02, 0.06),
        Observed::probe(
            (array) sawOf($true, 24.0, 0.05, 0.09, [2.0, 4.0, 6.0, 8.0, 10.0, 12.0, 15.0, 20.0]),
            0.025,
            0.0,
            297.15,
            0.05,
            0.09,
        ),
    ];
    $fit = StudioFit::of(Plans::deep(), CureLaw::usual(3e-5, 298.15), $log, Sheet::siliconeMold(), Sheet::board());
    expect($fit->fitted)->toBe(['rate', 'energy', 'heat'])
        ->and($fit->values['rate'] * 3e-5)->toEqualWithDelta(5e-5, 0.04 * 5e-5)
        ->and($fit->values['energy'])->toEqualWithDelta(60e3, 3e3)
        ->and($fit->values['heat'])->toEqualWithDelta(250e3, 15e3)
        ->and($fit->confidence['energy'][0])->toBeLessThan(60e3)
        ->and($fit->confidence['energy'][1])->toBeGreaterThan(60e3)
        ->and($fit->residual)->toBeLessThan(0.3);
});

it('learns from a tack test only what lies outside of what it knew', function (): void {
    // Without heat of cure: it gels at I/K, by hand; of a film that was still wet at 1.5 times that, the rate is at the most 2/3.
    $law = lawOf(2e-5, 52.9e3, 0.0);
    $gels = $law->timeTo($law->gelConversion, 298.15);
    $fit = fn(Tack $found, float $at): StudioFit => StudioFit::of(
        Plans::deep(),
        $law,
        [Observed::tack($found, $at * $gels, 298.15, 0.01, null)],
        null,
        null,
    );
    expect($fit(Tack::Wet, 0.9)->fitted)->toBe([])
        ->and($fit(Tack::Wet, 0.9)->law)->toBe($law)
        ->and($fit(Tack::Wet, 1.5)->values['rate'])->toEqualWithDelta(2.0 / 3.0, 0.01)
        ->and($fit(Tack::Prints, 0.5)->values['rate'])->toEqualWithDelta(2.0, 0.02)
        ->and($fit(Tack::Wet, 1.5)->confidence['rate'][1])->toBeLessThan(1.0);
});
