<?php

declare(strict_types=1);

use Pensilis\Geometry\Section;
use Pensilis\Material\Stuff;
use Pensilis\Thermal\Grid\EquivalentSection;
use Pensilis\Thermal\Grid\Jacket;
use Pensilis\Thermal\Grid\RadialMesh;
use Pensilis\Thermal\Grid\Row;
use Pensilis\Thermal\Run\HeatNetwork;
use Pensilis\Thermal\Run\HeatStep;

/**
 * A wall of half thickness L in air of 0 K (a reference, not a room), from 1 K everywhere, after a time.
 *
 * @return list<float> over the whole thickness
 */
function cooledWall(float $half, Stuff $stuff, int $cells, int $steps, float $seconds): array
{
    $rows = array_fill(0, $cells, Row::upright(RadialMesh::slab(), 2.0 * $half / $cells, $stuff));
    $step = new HeatStep(new HeatNetwork(RadialMesh::slab(), $rows), []);
    $kelvin = array_fill(0, $cells, 1.0);
    for ($n = 0; $n < $steps; $n++) {
        [$kelvin] = $step->take($kelvin, $kelvin, $seconds / $steps, 0.0);
    }

    return $kelvin;
}

// Incropera & DeWitt, Fundamentals of Heat and Mass Transfer, table 5.1.
it('cools a plane wall of Bi = 1 as the table says', function (float $fourier): void {
    // θ0 = C1 exp(−ζ1² Fo), ζ1 = 0.8603, C1 = 1.1191 (table 5.1), good for Fo > 0.2; h = 10, L = 20 mm, k = 0.2.
    $stuff = Stuff::of(0.2, 1100.0, 2100.0);
    $seconds = $fourier * 0.02 ** 2 * $stuff->volumetric() / 0.2;
    $kelvin = cooledWall(0.02, $stuff, 40, 200, $seconds);
    expect(0.5 * ($kelvin[19] + $kelvin[20]))->toEqualWithDelta(1.1191 * exp(-0.8603 ** 2 * $fourier), 4e-4);
})->with([0.7, 1.0, 2.0]);

it('cools a long cylinder of Bi = 1 as the table says', function (): void {
    // θ0 = C1 exp(−ζ1² Fo), ζ1 = 1.2558, C1 = 1.2071 (table 5.1); R = 20 mm, k = 0.2; ends too far to matter.
    $stuff = Stuff::of(0.2, 1100.0, 2100.0);
    $mesh = RadialMesh::round(0.02, null, 40);
    $step = new HeatStep(new HeatNetwork($mesh, [Row::upright($mesh, 1000.0, $stuff)]), []);
    $kelvin = array_fill(0, 40, 1.0);
    $seconds = 0.8 * 0.02 ** 2 * $stuff->volumetric() / 0.2;
    for ($n = 0; $n < 200; $n++) {
        [$kelvin] = $step->take($kelvin, $kelvin, $seconds / 200, 0.0);
    }
    expect($kelvin[0])->toEqualWithDelta(1.2071 * exp(-1.2558 ** 2 * 0.8), 5e-4);
});

it('cools a short cylinder as the product of wall and cylinder', function (): void {
    // Incropera & DeWitt, section 5.8: θ(short cylinder) = θ(plane wall) · θ(long cylinder), here both of Bi = 1, Fo = 0.8.
    $stuff = Stuff::of(0.2, 1100.0, 2100.0);
    $mesh = RadialMesh::round(0.02, null, 30);
    $step = new HeatStep(new HeatNetwork($mesh, array_fill(0, 31, Row::upright($mesh, 0.04 / 31, $stuff))), []);
    $kelvin = array_fill(0, 30 * 31, 1.0);
    $seconds = 0.8 * 0.02 ** 2 * $stuff->volumetric() / 0.2;
    for ($n = 0; $n < 150; $n++) {
        [$kelvin] = $step->take($kelvin, $kelvin, $seconds / 150, 0.0);
    }
    $expected = 1.1191 * exp(-0.8603 ** 2 * 0.8) * 1.2071 * exp(-1.2558 ** 2 * 0.8);
    expect($kelvin[15 * 30])->toEqualWithDelta($expected, 6e-4);
});

it('is of second order in time', function (): void {
    $stuff = Stuff::of(0.2, 1100.0, 2100.0);
    $exact = cooledWall(0.02, $stuff, 20, 4096, 3000.0)[10];
    $coarse = abs(cooledWall(0.02, $stuff, 20, 16, 3000.0)[10] - $exact);
    $fine = abs(cooledWall(0.02, $stuff, 20, 32, 3000.0)[10] - $exact);
    expect(log($coarse / $fine, 2.0))->toBeGreaterThan(1.8)->toBeLessThan(2.3);
});

it('is of second order in cell size', function (): void {
    // Against the plane wall series, four terms, roots of ζ tan ζ = 1 (table 5.1 and its source): middle at Fo = 1.
    $theta = 0.0;
    foreach ([0.860333589, 3.425618459, 6.437298179, 9.529334405] as $zeta) {
        $theta += 4.0 * sin($zeta) / (2.0 * $zeta + sin(2.0 * $zeta)) * exp(-$zeta ** 2);
    }
    $stuff = Stuff::of(0.2, 1100.0, 2100.0);
    $seconds = 0.02 ** 2 * $stuff->volumetric() / 0.2;
    $error = function (int $cells) use ($stuff, $seconds, $theta): float {
        $kelvin = cooledWall(0.02, $stuff, $cells, 2000, $seconds);

        // An odd number of cells has one in the very middle.
        return abs($kelvin[intdiv($cells, 2)] - $theta);
    };
    expect(log($error(5) / $error(15), 3.0))->toBeGreaterThan(1.7)->toBeLessThan(2.3);
});

it('neither makes nor loses heat', function (): void {
    $stuff = Stuff::wood();
    $mesh = RadialMesh::round(0.045, null, 6);
    $network = new HeatNetwork($mesh, array_fill(0, 5, Row::upright($mesh, 0.01, $stuff)));
    $kelvin = array_map(fn(int $c): float => 290.0 + ($c * 37) % 23, range(0, 29));
    $held = fn(array $kelvin): float => array_sum(array_map(fn(float $c, float $t): float => $c * $t, $network->capacities(), $kelvin));
    $before = $held($kelvin);
    $lost = 0.0;
    $step = new HeatStep($network, []);
    foreach ([10.0, 300.0, 5000.0] as $dt) {
        [$kelvin, , , $given] = $step->take($kelvin, $kelvin, $dt, 295.0);
        $lost += $given;
    }
    expect(($before - $held($kelvin) - $lost) / $before)->toEqualWithDelta(0.0, 1e-12);
});

it('comes to rest at the temperature of the air, without overshooting', function (): void {
    $stuff = Stuff::silicone();
    $mesh = RadialMesh::round(0.03, null, 5);
    $step = new HeatStep(new HeatNetwork($mesh, array_fill(0, 6, Row::upright($mesh, 0.004, $stuff))), []);
    $kelvin = array_fill(0, 30, 350.0);
    // As a run goes: from a second on, each twice as long as the one before.
    for ($n = 0; $n < 40; $n++) {
        [$kelvin] = $step->take($kelvin, $kelvin, 2.0 ** min(12, $n), 294.0);
        expect(min($kelvin))->toBeGreaterThan(293.0);
    }
    expect(max($kelvin))->toEqualWithDelta(294.0, 1e-3);
});

it('gives a square of circles the radius that cools as it does', function (): void {
    $radius = EquivalentSection::of(Section::rectangle(0.05, 0.05), Jacket::bare(1e6), 0.2, 1.0)->radius;
    // With a held wall ζ = π/2, C = 4/π of a wall, 2.4048 and 1.6021 of a cylinder (Incropera & DeWitt, table 5.1): closed form.
    $time = log((4.0 / M_PI) ** 2 / 0.15) / (2.0 * (M_PI / 0.1) ** 2);
    expect($radius)->toEqualWithDelta(2.404825557695773 * sqrt($time / log(1.6021 / 0.15)), 1e-5);
});

it('takes a long bar as a wall of its width, and a square nearly as a circle', function (): void {
    $bar = EquivalentSection::of(Section::rectangle(0.4, 0.02), Jacket::bare(8.6), 0.2);
    $square = EquivalentSection::of(Section::rectangle(0.03, 0.03), Jacket::bare(8.6), 0.2);
    expect($bar->power)->toBeLessThan(0.02)
        ->and($bar->radius)->toEqualWithDelta(0.02, 4e-4)
        ->and($square->power)->toEqualWithDelta(1.0, 0.25);
});

it('never gives a rectangle a radius outside its own inscribed and circumscribed circles', function (float $a, float $b): void {
    $radius = EquivalentSection::of(Section::rectangle($a, $b), Jacket::bare(8.6), 0.2)->radius;
    expect($radius)->toBeGreaterThan(min($a, $b))->toBeLessThan(hypot($a, $b));
})->with([[0.05, 0.03], [0.05, 0.05], [0.09, 0.055], [0.01, 0.008]]);
