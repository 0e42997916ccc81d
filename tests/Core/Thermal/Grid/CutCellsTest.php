<?php

declare(strict_types=1);

use Pensilis\Geometry\Section;
use Pensilis\Material\Stuff;
use Pensilis\Thermal\Grid\EquivalentSection;
use Pensilis\Thermal\Grid\Hull;
use Pensilis\Thermal\Grid\Jacket;
use Pensilis\Thermal\Grid\RadialMesh;
use Pensilis\Thermal\Grid\Row;
use Pensilis\Thermal\Run\HeatNetwork;
use Pensilis\Thermal\Run\HeatStep;
use Pensilis\Vessel\Sheet;

/** @return list<Row> rows of a hull from its floor up */
function rowsOf(RadialMesh $mesh, Hull $hull, float $height, int $rows, Stuff $stuff): array
{
    return array_map(
        fn(int $j): Row => Row::cut($mesh, $hull, $height * $j / $rows, $height * ($j + 1) / $rows, $stuff, $stuff),
        range(0, $rows - 1),
    );
}

/** @param callable(Row): list<float> $what */
function summed(array $rows, callable $what): float
{
    return array_sum(array_map(fn(Row $row): float => array_sum($what($row)), $rows));
}

it('holds what a cone and a ball hold, and shows the air as much of them', function (callable $radius, float $height, array $true): void {
    $stuff = Stuff::of(0.2, 1100.0, 2100.0);
    $mesh = RadialMesh::round(0.05, null, 24);
    $rows = rowsOf($mesh, Hull::of($radius, $height, 0.0), $height, 30, $stuff);
    [$volume, $side] = $true;
    expect(summed($rows, fn(Row $row): array => $row->inside) / $volume)->toEqualWithDelta(1.0, 1e-3)
        ->and(summed($rows, fn(Row $row): array => [...$row->sides[0]->skin, ...$row->slope]) / $side)->toEqualWithDelta(1.0, 2e-3);
})->with([
    // CRC Standard Mathematical Tables: frustum πh(a² + ab + b²)/3 and π(a + b)√(h² + (a − b)²); sphere 4πr³/3 and 4πr².
    'frustum' => [
        fn(float $z): float => 0.02 + 0.03 * $z / 0.06, 0.06,
        [M_PI * 0.06 * (0.02 ** 2 + 0.02 * 0.05 + 0.05 ** 2) / 3.0, M_PI * 0.07 * hypot(0.06, 0.03)],
    ],
    'ball' => [
        fn(float $z): float => sqrt(max(0.0, $z * (0.1 - $z))), 0.1, [4.0 * M_PI * 0.05 ** 3 / 3.0, 4.0 * M_PI * 0.05 ** 2],
    ],
]);

it('cuts a long loaf as its rings grow', function (): void {
    // With m(r) = πR²(r/R)^(j+1) of it within r, and r from 0.6 R to R: ∫ m dz, and ∫ m' ds along the slant, by calculus.
    $section = EquivalentSection::of(Section::rectangle(0.1, 0.03), Jacket::bare(), 0.2);
    $mesh = RadialMesh::ofSection($section, null, 24);
    [$end, $grows, $height] = [$section->radius, $section->power + 1.0, 0.05];
    $hull = Hull::of(fn(float $z): float => $end * (0.6 + 0.4 * $z / $height), $height, 0.0);
    $rows = rowsOf($mesh, $hull, $height, 30, Stuff::of(0.2, 1100.0, 2100.0));
    $volume = M_PI * $end ** 2 * $height * (1.0 - 0.6 ** ($grows + 1.0)) / (0.4 * ($grows + 1.0));
    $side = M_PI * $end * hypot($height, 0.4 * $end) * (1.0 - 0.6 ** $grows) / 0.4;
    expect($grows)->toBeLessThan(1.6)
        ->and(summed($rows, fn(Row $row): array => $row->inside) / $volume)->toEqualWithDelta(1.0, 1e-3)
        ->and(summed($rows, fn(Row $row): array => [...$row->sides[0]->skin, ...$row->slope]) / $side)->toEqualWithDelta(1.0, 2e-3);
});

it('puts a wall of even thickness around a slant, and around a bowl that stands on its pole', function (): void {
    $stuff = Stuff::of(0.2, 1100.0, 2100.0);
    $hull = Hull::of(fn(float $z): float => sqrt(max(0.0, $z * (0.1 - $z))), 0.05, 0.004);
    $mesh = RadialMesh::round(0.05, Sheet::of($stuff, 0.004), 24);
    $rows = [Row::cut($mesh, $hull, -0.004, 0.0, $stuff, $stuff), ...rowsOf($mesh, $hull, 0.05, 30, $stuff)];
    // Half of the shell between balls of 50 and 54 mm.
    expect(summed($rows, fn(Row $row): array => $row->around) / (2.0 * M_PI * (0.054 ** 3 - 0.05 ** 3) / 3.0))->toEqualWithDelta(1.0, 0.02)
        ->and($hull->outer(-0.0041))->toBe(0.0)
        // At a slant of 45° it is √2 as thick seen level.
        ->and(Hull::of(fn(float $z): float => $z, 0.1, 0.004)->outer(0.05))->toEqualWithDelta(0.05 + 0.004 * M_SQRT2, 5e-5);
});

it('cools a ball as the handbook says', function (): void {
    // Incropera & DeWitt, table 5.1: sphere at Bi = 1, ζ1 = 1.5708, C1 = 1.2732: θ0 = C1 exp(−ζ1² Fo) at its centre.
    [$radius, $conductivity] = [0.05, 10.0 * 0.05];
    $stuff = Stuff::of($conductivity, 1100.0, 2100.0);
    $mesh = RadialMesh::round($radius, null, 24);
    $hull = Hull::of(fn(float $z): float => sqrt(max(0.0, $z * (2.0 * $radius - $z))), 2.0 * $radius, 0.0);
    $step = new HeatStep(new HeatNetwork($mesh, rowsOf($mesh, $hull, 2.0 * $radius, 49, $stuff)), []);
    $kelvin = array_fill(0, 24 * 49, 1.0);
    $second = $radius ** 2 * $stuff->volumetric() / $conductivity;
    for ($n = 0; $n < 200; $n++) {
        [$kelvin] = $step->take($kelvin, $kelvin, 0.5 * $second / 200.0, 0.0);
    }
    expect($kelvin[24 * 24])->toEqualWithDelta(1.2732 * exp(-1.5708 ** 2 * 0.5), 0.001);
});
