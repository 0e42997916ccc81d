<?php

declare(strict_types=1);

use Pensilis\Material\Stuff;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Resin\CureLaw;
use Pensilis\Thermal\Grid\RadialMesh;
use Pensilis\Thermal\Grid\Row;
use Pensilis\Thermal\Run\HeatNetwork;
use Pensilis\Thermal\Run\HeatStep;
use Pensilis\Thermal\Run\LaidRow;
use Pensilis\Thermal\Run\PeakField;
use Pensilis\Thermal\Run\Reaction;
use Tests\Plans;

/** m */
const DEEP = 1e7;

/**
 * Conversion and warming of a cell that keeps all its heat, by the classical Runge–Kutta method of fourth order on the equations of Kamal
 * and Sourour: an integration of their own, which shares nothing with the core.
 *
 * @param array{k1: float, k2: float, e1: float, e2: float, m: float, n: float} $law of 298.15 K
 *
 * @return array{float, float} conversion, K
 */
function keptHeat(array $law, float $start, float $rise, float $seconds, int $steps): array
{
    $rate = function (float $a) use ($law, $start, $rise): float {
        $x = (1.0 / ($start + $rise * $a) - 1.0 / 298.15) / 8.314462618;

        return ($law['k1'] * exp(-$law['e1'] * $x) + $law['k2'] * exp(-$law['e2'] * $x) * $a ** $law['m']) * (1.0 - $a) ** $law['n'];
    };
    [$a, $h] = [0.0, $seconds / $steps];
    for ($i = 0; $i < $steps; $i++) {
        $one = $rate($a);
        $two = $rate($a + 0.5 * $h * $one);
        $three = $rate($a + 0.5 * $h * $two);
        $a += $h / 6.0 * ($one + 2.0 * $two + 2.0 * $three + $rate($a + $h * $three));
    }

    return [$a, $start + $rise * $a];
}

/**
 * One cell, a square metre and so high that its faces do not matter to it, cured in so many steps.
 *
 * @return array{float, float, float} K, conversion, J
 */
function alone(CureLaw $law, float $kelvin, float $alpha, float $seconds, int $steps): array
{
    $resin = Plans::deep();
    $row = Row::upright(RadialMesh::slab(), DEEP, Stuff::of($resin->conductivity, $resin->density, $resin->heatCapacity));
    $reaction = Reaction::of(new CalibratedResin($resin, $law, 400.0, false), [$row], 0);
    $step = new HeatStep(new HeatNetwork(RadialMesh::slab(), [$row]), [$reaction]);
    [$warm, $cured, $released] = [[$kelvin], [$alpha], 0.0];
    for ($i = 0; $i < $steps; $i++) {
        [$warm, $cured, $more] = $step->take($warm, $cured, $seconds / $steps, $kelvin);
        $released += $more;
    }

    return [$warm[0], $cured[0], $released];
}

// The default kinetics, and constants of their own for both paths (m and n as Horie et al. found them for amines: near 1 and 2).
$laws = [
    'usual'          => [['k1' => 1.65e-6, 'k2' => 2.06e-5, 'e1' => 52.9e3, 'e2' => 52.9e3, 'm' => 1.0, 'n' => 1.3], 30.0],
    'paths of two'   => [['k1' => 4e-6, 'k2' => 9e-5, 'e1' => 70e3, 'e2' => 48e3, 'm' => 0.7, 'n' => 1.9], 6.0],
    'without a seed' => [['k1' => 3e-5, 'k2' => 0.0, 'e1' => 55e3, 'e2' => 55e3, 'm' => 1.0, 'n' => 1.0], 2.0],
];

it('cures a cell that keeps its heat as its equations say', function (array $law, float $hours): void {
    // 40 J/g: warm enough to matter, too little to run away within the span.
    $cure = new CureLaw($law['k1'], $law['e1'], $law['k2'], $law['e2'], 298.15, $law['m'], $law['n'], 40e3, 0.577);
    [$kelvin, $alpha, $released] = alone($cure, 296.15, 0.0, 3600.0 * $hours, 400);
    $rise = 40e3 / Plans::deep()->heatCapacity;
    [$conversion, $warm] = keptHeat($law, 296.15, $rise, 3600.0 * $hours, 4000);
    expect($conversion)->toBeGreaterThan(0.05)->toBeLessThan(0.95)
        ->and($alpha)->toEqualWithDelta($conversion, 2e-5)
        ->and($kelvin)->toEqualWithDelta($warm, 1e-3)
        // Joule on a square metre: heat of cure times what has reacted.
        ->and($released)->toEqualWithDelta(40e3 * 1100.0 * DEEP * $alpha, 1e-6 * $released);
})->with($laws);

it('is of second order in its step', function (array $law, float $hours): void {
    $cure = new CureLaw($law['k1'], $law['e1'], $law['k2'], $law['e2'], 298.15, $law['m'], $law['n'], 40e3, 0.577);
    $exact = keptHeat($law, 296.15, 40e3 / Plans::deep()->heatCapacity, 3600.0 * $hours, 8000)[0];
    $error = fn(int $steps): float => abs(alone($cure, 296.15, 0.0, 3600.0 * $hours, $steps)[1] - $exact);
    expect(log($error(20) / $error(40), 2.0))->toBeGreaterThan(1.6)->toBeLessThan(2.4);
})->with($laws);

it('never cures past the whole, however long the step', function (): void {
    [$kelvin, $alpha, $released] = alone(CureLaw::usual(1e-3, 298.15), 350.0, 0.5, 1e6, 1);
    expect($alpha)->toBeLessThanOrEqual(1.0)->toBeGreaterThan(0.5)
        ->and($kelvin)->toBeLessThanOrEqual(350.0 + 0.5 * 300.0 / 2.1 + 1e-6)
        ->and($released)->toBeLessThanOrEqual(0.5 * 300e3 * 1100.0 * DEEP * (1.0 + 1e-9));
});

it('looks up the heat of a place by height and distance from the axis', function (): void {
    // Two rows of resin, 10 and 20 mm, three rings of 10 mm; below them in the stack a row that does not count.
    $mesh = RadialMesh::round(0.03, null, 3);
    $resin = Stuff::of(0.2, 1100.0, 2100.0);
    $rings = $mesh->rings();
    $hottest = [...array_fill(0, $rings, 999.0), ...array_map(fn(int $i): float => 310.0 + $i, range(0, $rings - 1)),
        ...array_map(fn(int $i): float => 330.0 - 5.0 * $i, range(0, $rings - 1))];
    $laid = [
        LaidRow::of(0.0, Row::upright($mesh, 0.01, $resin, pour: 0), 1),
        LaidRow::of(0.01, Row::upright($mesh, 0.02, $resin, pour: 1), 2),
    ];
    $field = new PeakField($mesh, $laid, $hottest);
    expect($field->rows())->toHaveCount(2)
        ->and($field->rows()[1][0])->toEqualWithDelta(0.01, 1e-15)
        ->and($field->rows()[1][1])->toEqualWithDelta(0.03, 1e-15)
        // On the axis, in the lower row, in the upper, and across both.
        ->and($field->greatestWithin(0.002, 0.008, 0.0, 0.005))->toBe(310.0)
        ->and($field->greatestWithin(0.012, 0.02, 0.0, 0.005))->toBe(330.0)
        ->and($field->greatestWithin(0.002, 0.02, 0.0, 0.005))->toBe(330.0)
        // At the rim the lower row is the hotter one.
        ->and($field->greatestWithin(0.0, 0.03, 0.029, 0.03))->toBe(320.0)
        ->and($field->greatestWithin(0.03, 0.05, 0.0, 0.03))->toBeNull();
});
