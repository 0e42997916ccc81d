<?php

declare(strict_types=1);

use Pensilis\Geometry\Prism;
use Pensilis\Geometry\Upright;
use Pensilis\Material\Inclusion;
use Pensilis\Material\Stuff;
use Pensilis\Material\Substance;
use Pensilis\Quantity\Temperature;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Resin\CureLaw;
use Pensilis\Thermal\Grid\Bodies;
use Pensilis\Thermal\Grid\Body;
use Pensilis\Thermal\Grid\BoxMesh;
use Pensilis\Thermal\Grid\Grades;
use Pensilis\Thermal\Grid\RadialMesh;
use Pensilis\Thermal\Grid\Row;
use Pensilis\Thermal\PieceHeat;
use Pensilis\Thermal\Room\ConstantAmbient;
use Pensilis\Thermal\Run\HeatNetwork;
use Pensilis\Thermal\Run\HeatRun;
use Pensilis\Thermal\Run\HeatStep;
use Pensilis\Vessel\Sheet;
use Pensilis\Vessel\Vessel;
use Tests\Plans;

/** A pour that fills a box of silicone on a board, at 24 °C. */
function boxed(float $length, float $width, float $depth, float $rate): HeatRun
{
    $vessel = Vessel::of(Prism::box($length, $width, $depth), Sheet::siliconeMold(), Sheet::board());
    $resin = new CalibratedResin(Plans::deep(), CureLaw::usual($rate, 298.15), INF, false);

    return (new PieceHeat($vessel, ConstantAmbient::of(Temperature::celsius(24.0))))->follow([[$resin, $depth, 0.0]]);
}

it('cools a block as the product of three walls, in its corner too', function (): void {
    // Incropera & DeWitt, section 5.8 and table 5.1: Bi = 1 (ζ = 0.8603, C = 1.1191) along and up, half as wide with Bi = 0.5 (ζ = 0.6533,
    // C = 1.0701) across; θ = Π C exp(−ζ² Fo) cos(ζ x/L), Fo > 0.2. h = 10, L = 20 mm, k = 0.2.
    $stuff = Stuff::of(0.2, 1100.0, 2100.0);
    $mesh = BoxMesh::of(0.02, 0.01, null, 16);
    $rows = array_map(
        fn(float $from, float $to): Row => Row::upright($mesh, 0.04 * ($to - $from), $stuff),
        array_slice(Grades::bothWays(25), 0, -1),
        array_slice(Grades::bothWays(25), 1),
    );
    $step = new HeatStep(new HeatNetwork($mesh, $rows), []);
    $kelvin = array_fill(0, 25 * $mesh->cells(), 1.0);
    $seconds = 0.5 * 0.02 ** 2 * $stuff->volumetric() / 0.2;
    for ($n = 0; $n < 60; $n++) {
        [$kelvin] = $step->take($kelvin, $kelvin, $seconds / 60, 0.0);
    }
    $wall = fn(float $zeta, float $c, float $fourier, float $x): float => $c * exp(-$zeta ** 2 * $fourier) * cos($zeta * $x);
    $at = fn(int $cell, float $z): float => $wall(0.8603, 1.1191, 0.5, $mesh->middle($cell, 0) / 0.02)
        * $wall(0.6533, 1.0701, 2.0, $mesh->middle($cell, 1) / 0.01)
        * $wall(0.8603, 1.1191, 0.5, $z / 0.02);
    $corner = $mesh->cells() - 1;
    expect($kelvin[12 * $mesh->cells()])->toEqualWithDelta($at(0, 0.0), 1e-3)
        ->and($kelvin[$corner])->toEqualWithDelta($at($corner, 0.02 - 0.5 * $rows[0]->height), 1e-3);
});

it('neither makes nor loses heat in a box, however long its steps', function (): void {
    $mesh = BoxMesh::of(0.05, 0.02, Sheet::of(Stuff::silicone(), 0.004), 4);
    $network = new HeatNetwork($mesh, array_fill(0, 5, Row::upright($mesh, 0.01, Stuff::wood(), Stuff::silicone())));
    $kelvin = array_map(fn(int $c): float => 290.0 + ($c * 37) % 23, range(0, 5 * $mesh->cells() - 1));
    $held = fn(array $kelvin): float => array_sum(array_map(fn(float $c, float $t): float => $c * $t, $network->capacities(), $kelvin));
    [$before, $lost, $step] = [$held($kelvin), 0.0, new HeatStep($network, [])];
    foreach ([1.0, 10.0, 300.0, 5000.0, 16384.0] as $dt) {
        [$kelvin, , , $given] = $step->take($kelvin, $kelvin, $dt, 295.0);
        $lost += $given;
    }
    expect(($before - $held($kelvin) - $lost) / $before)->toEqualWithDelta(0.0, 1e-12)
        ->and(max($kelvin))->toBeLessThan(313.0)
        ->and(min($kelvin))->toBeGreaterThan(290.0);
});

it('does not mind how a box is turned', function (): void {
    [$one, $other] = [boxed(0.12, 0.05, 0.02, 8e-5)->tracks()[0], boxed(0.05, 0.12, 0.02, 8e-5)->tracks()[0]];
    expect($one->peak)->toEqualWithDelta($other->peak, 0.02)
        ->and($one->gelLast / $other->gelLast)->toEqualWithDelta(1.0, 1e-3);
});

it('does not feel the ends of a long bar in its middle', function (): void {
    // Twice as long again makes no difference in the middle of what is 15 times as long as wide.
    [$long, $longer] = [boxed(0.45, 0.03, 0.03, 1e-4)->tracks()[0], boxed(0.9, 0.03, 0.03, 1e-4)->tracks()[0]];
    expect($long->peak)->toEqualWithDelta($longer->peak, 0.1)
        ->and($long->gelFirst / $longer->gelFirst)->toEqualWithDelta(1.0, 2e-3);
});

it('tells the heat of a box by how far out a place lies', function (): void {
    $field = boxed(0.1, 0.06, 0.03, 8e-5)->field();
    $in = fn(float $from, float $to): float => $field->greatestWithin(0.0, 0.03, $from * $field->radius(), $to * $field->radius());
    expect($in(0.0, 0.2))->toBeGreaterThan($in(0.6, 0.8) + 1.0)
        ->and($in(0.6, 0.8))->toBeGreaterThan($in(0.95, 1.0) + 1.0)
        ->and($in(0.0, 1.0))->toEqualWithDelta($field->span()[1], 1e-9);
});

it('has an object take its volume of a box, where it lies', function (): void {
    $vessel = Vessel::of(Prism::box(0.1, 0.06, 0.03), Sheet::siliconeMold(), Sheet::board());
    $mesh = BoxMesh::of(0.05, 0.03, Sheet::siliconeMold(), 6);
    $row = Row::upright($mesh, 0.03, Stuff::of(0.2, 1100.0, 2100.0));
    $post = new Inclusion('post', Upright::block(0.004, 0.004, 0.03), Substance::of(2600.0), 0.04, 0.0, 0.0, 0.0);
    $with = $row->around((new Bodies($vessel, [Body::of($post, 0.0, $vessel)]))->within($mesh, $row->inside, 0.0, 0.03));
    $taken = array_map(fn(int $c): float => $row->resin($c) - $with->resin($c), range(0, $mesh->cells() - 1));
    $reached = array_unique(array_map($mesh->ring(...), array_keys(array_filter($taken))));
    // Four fifths of the way to the edge.
    expect(array_sum($taken))->toEqualWithDelta(0.004 * 0.004 * 0.03, 1e-12)
        ->and($mesh->face(min($reached)))->toBeGreaterThan(0.03)
        ->and($mesh->face(max($reached) + 1))->toBeLessThan(0.051);
});

it('follows what a wall takes up, however thick it is', function (Stuff $stuff, float $thickness): void {
    // Incropera & DeWitt, section 5.5: a plane wall that nothing leaves on its inside, four terms, roots of ζ tan ζ = Bi by bisection.
    $biot = 10.0 * $thickness / $stuff->conductivity;
    $seconds = 0.5 * $thickness ** 2 * $stuff->volumetric() / $stuff->conductivity;
    $left = 0.0;
    foreach (range(0, 3) as $n) {
        [$low, $high] = [$n * M_PI, ($n + 0.5) * M_PI];
        for ($k = 0; $k < 60; $k++) {
            $zeta = 0.5 * ($low + $high);
            [$low, $high] = $zeta * sin($zeta) > $biot * cos($zeta) ? [$low, $zeta] : [$zeta, $high];
        }
        $left += 4.0 * sin($zeta) / (2.0 * $zeta + sin(2.0 * $zeta)) * exp(-0.5 * $zeta ** 2) * sin($zeta) / $zeta;
    }
    $faces = [0.0, ...Grades::into(Sheet::of($stuff, $thickness))];
    // From the inside up, so that only the last lies in the air: both ends of a stack do, so it is laid twice, the other way up first.
    $heights = array_map(fn(float $to, float $from): float => $to - $from, array_slice($faces, 1), array_slice($faces, 0, -1));
    $rows = array_map(
        fn(float $height): Row => Row::upright(RadialMesh::slab(), $height, $stuff),
        [...array_reverse($heights), ...$heights],
    );
    [$network, $kelvin] = [new HeatNetwork(RadialMesh::slab(), $rows), array_fill(0, count($rows), 1.0)];
    $step = new HeatStep($network, []);
    for ($n = 0; $n < 400; $n++) {
        [$kelvin] = $step->take($kelvin, $kelvin, $seconds / 400, 0.0);
    }
    $held = fn(array $kelvin): float => array_sum(array_map(fn(float $c, float $t): float => $c * $t, $network->capacities(), $kelvin));
    expect($held($kelvin) / array_sum($network->capacities()))->toEqualWithDelta($left, 0.012);
})->with([
    'a mold'        => fn(): array => [Stuff::silicone(), 0.004],
    'a thick mold'  => fn(): array => [Stuff::silicone(), 0.02],
    'a wooden form' => fn(): array => [Stuff::wood(), 0.018],
    'a beam'        => fn(): array => [Stuff::wood(), 0.04],
]);
