<?php

declare(strict_types=1);

use Pensilis\Quantity\Temperature;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Resin\CureLaw;
use Pensilis\Resin\Glass;
use Pensilis\Thermal\Grid\RadialMesh;
use Pensilis\Thermal\Room\SeriesAmbient;
use Pensilis\Thermal\Run\Stack;
use Tests\Plans;

function glassy(): CureLaw
{
    return new CureLaw(1.65e-6, 52.9e3, 2.06e-5, 52.9e3, 298.15, 1.0, 1.3, 0.0, 0.577, Glass::of(null));
}

it('turns to glass between a fresh mix and a cured one, by DiBenedetto', function (): void {
    $glass = Glass::of(55.0);
    // Tg0 = −35 °C, Tg∞ = 55 + 10 °C (memory); half cured: −35 + 100 · 0.4 · 0.5/(1 − 0.6 · 0.5) = −6.43 °C by hand.
    expect(Temperature::kelvin($glass->temperature(0.0))->c())->toEqualWithDelta(-35.0, 1e-9)
        ->and(Temperature::kelvin($glass->temperature(1.0))->c())->toEqualWithDelta(65.0, 1e-9)
        ->and(Temperature::kelvin($glass->temperature(0.5))->c())->toEqualWithDelta(-6.4286, 1e-3)
        // 10 K below its glass temperature half of the rate is left.
        ->and($glass->leaves($glass->temperature(0.8) - 10.0, 0.8))->toEqualWithDelta(0.5, 1e-9)
        ->and($glass->stopsAt($glass->warmthFor(0.8)))->toEqualWithDelta(0.8, 1e-12)
        // Hotter than it can ever get as glass, nothing is held back.
        ->and($glass->stopsAt(400.0))->toBeGreaterThan(1.0)
        ->and($glass->leaves(400.0, 0.9))->toBeGreaterThan(0.99)
        ->and(Glass::of(null)->temperature(1.0))->toEqualWithDelta(338.15, 1e-9);
});

it('all but stops in a cold room, and goes on when that warms', function (): void {
    $run = Stack::run(RadialMesh::slab(), null, null, SeriesAmbient::through([[0.0, 10.0], [1200.0, 10.0], [1210.0, 60.0]]));
    $run->pour(new CalibratedResin(Plans::deep(), glassy(), 343.15, false), 0.01, 0.0, 4);
    $alpha = function (float $hours) use ($run): float {
        $run->advance(3600.0 * $hours);

        return $run->reading()->conversionAt(0.005, 0.0);
    };
    $stops = Glass::of(null)->stopsAt(283.15);
    [$month, $later, $warm] = [$alpha(720.0), $alpha(1200.0), $alpha(1500.0)];
    // Beyond αc it creeps: a twentieth of the rate is left 0.1 further on.
    expect($month)->toBeGreaterThan($stops)->toBeLessThan($stops + 0.13)
        ->and($later - $month)->toBeLessThan(0.03)
        ->and($warm)->toBeGreaterThan(0.95)
        ->and(CureLaw::usual(2.06e-5, 298.15)->conversionAfter(720.0 * 3600.0, 283.15))->toBeGreaterThan($month + 0.05);
});
