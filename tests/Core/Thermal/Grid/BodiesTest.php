<?php

declare(strict_types=1);


use Pensilis\Geometry\Ellipsoid;
use Pensilis\Geometry\Prism;
use Pensilis\Geometry\Solid;
use Pensilis\Geometry\Upright;
use Pensilis\Geometry\VesselShape;
use Pensilis\Material\Inclusion;
use Pensilis\Material\Stuff;
use Pensilis\Material\Substance;
use Pensilis\Quantity\Temperature;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Resin\CureLaw;
use Pensilis\Thermal\Grid\Bodies;
use Pensilis\Thermal\Grid\Body;
use Pensilis\Thermal\Grid\RadialMesh;
use Pensilis\Thermal\Grid\Row;
use Pensilis\Thermal\PieceHeat;
use Pensilis\Thermal\Room\ConstantAmbient;
use Pensilis\Thermal\Run\Reaction;
use Pensilis\Vessel\Sheet;
use Pensilis\Vessel\Vessel;
use Tests\Plans;

/** @param list<array{float, float}> $copies */
function castIn(Solid $solid, float $density, float $x = 0.0, array $copies = []): Inclusion
{
    return new Inclusion('one', $solid, Substance::of($density), $x, 0.0, 0.0, 0.01, copies: $copies);
}

/** @return array{RadialMesh, Row} a row of a vessel as its mesh has it, with what an object takes of it */
function rowWith(VesselShape $shape, float $radius, Inclusion $inclusion, float $bottom, float $to): array
{
    $vessel = Vessel::of($shape, Sheet::siliconeMold(), Sheet::board());
    $mesh = RadialMesh::round($radius, null, 24);
    $row = Row::upright($mesh, $to, Stuff::of(0.2, 1100.0, 2100.0));

    return [$mesh, $row->around((new Bodies($vessel, [Body::of($inclusion, $bottom, $vessel)]))->within($mesh, $row->inside, 0.0, $to))];
}

it('takes the room of an object from the resin, and holds its heat instead', function (): void {
    [, $row] = rowWith(Prism::cylinder(0.1, 0.05), 0.05, castIn(Ellipsoid::of(0.04, 0.04, 0.04), 8500.0), 0.005, 0.05);
    $ball = 4.0 / 3.0 * M_PI * 0.02 ** 3;
    $all = M_PI * 0.05 ** 2 * 0.05;
    $resin = array_sum(array_map($row->resin(...), range(0, 23)));
    $capacity = array_sum(array_map($row->capacity(...), range(0, 23)));
    // By hand: brass holds about 3.0 MJ/(m³·K), where tables have 8530 · 380 = 3.2 (Incropera & DeWitt, table A.1); resin 1100 · 2100.
    // All but a thousandth, that a cell keeps of resin.
    expect($resin)->toEqualWithDelta($all - $ball, 1e-3 * $ball)
        ->and($capacity)->toEqualWithDelta(($all - $ball) * 1100.0 * 2100.0 + $ball * 3.0e6, 1e-3 * $ball * 3.0e6);
});

it('takes it where the object is', function (): void {
    // A post 10 mm across, 30 mm off the middle: nothing within 25 mm and nothing beyond 35.
    [$mesh, $row] = rowWith(Prism::cylinder(0.1, 0.05), 0.05, castIn(Upright::cylinder(0.01, 0.01, 0.05), 2600.0, 0.03), 0.0, 0.05);
    foreach (range(0, 23) as $i) {
        $taken = $row->inside[$i] - $row->resin($i);
        $mayBe = $mesh->face($i + 1) > 0.025 && $mesh->face($i) < 0.035;
        expect($taken > 0.0)->toBe($mayBe);
    }
});

it('takes as much of a round mesh as of the box that it stands for', function (): void {
    $two = castIn(Upright::block(0.02, 0.02, 0.03), 2600.0, -0.02, [[0.02, 0.0]]);
    [, $row] = rowWith(Prism::box(0.1, 0.06, 0.03), 0.041, $two, 0.0, 0.03);
    $resin = array_sum(array_map($row->resin(...), range(0, 23)));
    expect(1.0 - $resin / array_sum($row->inside))->toEqualWithDelta(2.0 * 0.02 * 0.02 / (0.1 * 0.06), 1e-9);
});

it('conducts as Maxwell found for bodies spread thinly', function (): void {
    // Maxwell 1873, art. 314: perfect conductors give k (1 + 3φ), perfect insulators k (1 − 3φ/2), to first order in φ.
    $resin = Stuff::of(0.2, 1100.0, 2100.0);
    expect($resin->around(Stuff::of(1e9, 8000.0, 400.0), 1e-4)->conductivity)->toEqualWithDelta(0.2 * (1.0 + 3e-4), 1e-8)
        ->and($resin->around(Stuff::of(1e-9, 1.2, 1000.0), 1e-4)->conductivity)->toEqualWithDelta(0.2 * (1.0 - 1.5e-4), 1e-8)
        ->and($resin->around(Stuff::of(2.0, 2600.0, 850.0), 1.0)->conductivity)->toEqualWithDelta(2.0, 1e-12);
});

it('knows wood, stone and metal by their density', function (): void {
    // Incropera & DeWitt, tables A.1 and A.3: oak across the grain 0.16 W/(m·K), quartzite about 2.6 g/cm³ and 0.8 to 1.1 kJ/(kg·K).
    $oak = Substance::of(1500.0, 0.5, 0.03)->stuff();
    $quartz = Substance::of(2650.0)->stuff();
    expect($oak->conductivity)->toBeGreaterThan(0.06)->toBeLessThan(0.2)
        ->and($oak->density)->toEqualWithDelta(706.0, 1.0)
        ->and($quartz->heatCapacity)->toEqualWithDelta(850.0, 1e-9)
        ->and(Substance::of(10500.0)->stuff()->volumetric())->toEqualWithDelta(10500.0 * 235.0, 0.25 * 10500.0 * 235.0);
});

it('gives off no heat of cure where an object is, and warms with it', function (): void {
    // Half of every cell is glass: the rise of a full cure is ΔH ρ / (ρ cp + ρg cg), by hand 300000 · 1100 / (1100 · 2100 + 2500 · 850).
    $law = new CureLaw(1e-3, 0.0, 0.0, 0.0, 298.15, 0.0, 1.0, 3.0e5, 0.577);
    $resin = new CalibratedResin(Plans::deep(), $law, INF, false);
    $vessel = Prism::box(0.1, 0.1, 0.03);
    [, $row] = rowWith($vessel, 0.05, castIn(Upright::block(0.1, 0.05, 0.03), 2500.0), 0.0, 0.03);
    $reaction = Reaction::of($resin, [$row], 0);
    $density = Plans::deep()->density;
    $left = array_sum(array_map($row->resin(...), range(0, 23)));
    expect(array_sum($reaction->heat))->toEqualWithDelta(3.0e5 * $density * $left, 1e-6 * array_sum($reaction->heat))
        // The outermost rings, which the block does not reach, rise by ΔH/cp.
        ->and($reaction->heat[23] / $row->capacity(23))->toEqualWithDelta(3.0e5 / 2100.0, 0.5);
    $half = $row->resin(3) / $row->inside[3];
    $rise = 3.0e5 * $density * $half / ($half * 1100.0 * 2100.0 + (1.0 - $half) * 2500.0 * 850.0);
    expect($reaction->heat[3] / $row->capacity(3))->toEqualWithDelta($rise, 0.005 * $rise);
});

it('keeps a pour cooler that has a stone in it', function (): void {
    $vessel = Vessel::of(Prism::cylinder(0.09, 0.05), Sheet::siliconeMold(), Sheet::board());
    $resin = new CalibratedResin(Plans::deep(), CureLaw::usual(7e-5, 298.15), 343.15, false);
    $peak = fn(array $bodies): float => (new PieceHeat($vessel, ConstantAmbient::of(Temperature::celsius(24.0)), $bodies))
        ->follow([[$resin, 0.05, 0.0]])->tracks()[0]->peak;
    $stone = Body::of(castIn(Ellipsoid::of(0.05, 0.05, 0.03), 2650.0), 0.01, $vessel);
    expect($peak([$stone]))->toBeLessThan($peak([]) - 3.0);
});

it('takes what is stirred in out of all of a pour alike', function (): void {
    // 30 ml of sand in 100 ml: by hand 30 % of every ring is no resin and gives off no heat.
    $vessel = Vessel::of(Prism::box(0.1, 0.1, 0.01), Sheet::siliconeMold(), Sheet::board());
    $mesh = RadialMesh::round(0.055, null, 6);
    $row = Row::upright($mesh, 0.005, Stuff::of(0.2, 1100.0, 2100.0));
    $sand = Body::spread(30e-6, 0.0, 0.01, Substance::of(2650.0)->stuff(), $vessel);
    $row = $row->around((new Bodies($vessel, [$sand]))->within($mesh, $row->inside, 0.0, 0.005));
    foreach (range(0, 5) as $i) {
        expect($row->resin($i) / $row->inside[$i])->toEqualWithDelta(0.7, 1e-9);
    }
});
