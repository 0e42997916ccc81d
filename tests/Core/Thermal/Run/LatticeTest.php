<?php

declare(strict_types=1);

use Pensilis\Material\Stuff;
use Pensilis\Thermal\Grid\RadialMesh;
use Pensilis\Thermal\Grid\Row;
use Pensilis\Thermal\Run\LaidRow;
use Pensilis\Thermal\Run\Lattice;

it('reads what is straight in height and bends from the axis as it is', function (): void {
    // By hand: T = 20 + 300 z − 2000 r², z and r in metres, known in the middles of three rows and six rings alone.
    $mesh = RadialMesh::round(0.05, null, 6);
    $true = fn(float $z, float $r): float => 20.0 + 300.0 * $z - 2000.0 * $r ** 2;
    [$laid, $values] = [[], []];
    foreach ([0.0, 0.01, 0.02] as $j => $bottom) {
        $laid[] = LaidRow::of($bottom, Row::upright($mesh, 0.01, Stuff::of(0.2, 1100.0, 2100.0), null, $j < 2 ? 0 : 1), $j);
        $values[] = array_map(fn(int $i): float => $true($bottom + 0.005, $mesh->middle($i, 0)), range(0, 5));
    }
    $lattice = Lattice::of($mesh, $laid);
    // Around the axis exactly, further out by no more than a chord leaves out, at the wall by as much beyond the last ring.
    expect($lattice->at($values, 0.0, 0.0))->toEqualWithDelta($true(0.0, 0.0), 1e-9)
        ->and($lattice->at($values, 0.012, 0.3 * $mesh->middle(1, 0)))->toEqualWithDelta($true(0.012, 0.3 * $mesh->middle(1, 0)), 1e-9)
        ->and($lattice->at($values, 0.03, 0.03))->toEqualWithDelta($true(0.03, 0.03), 0.04)
        ->and($lattice->at($values, 0.015, 0.05))->toEqualWithDelta($true(0.015, 0.05), 0.1)
        ->and($lattice->at($values, 0.031, 0.0))->toBeNull();
});

it('does not carry what one pour is like over into the next', function (): void {
    $mesh = RadialMesh::slab();
    $row = fn(float $bottom, int $pour): LaidRow => LaidRow::of(
        $bottom,
        Row::upright($mesh, 0.01, Stuff::of(0.2, 1100.0, 2100.0), null, $pour),
        (int) round(100.0 * $bottom),
    );
    $lattice = Lattice::of($mesh, [$row(0.0, 0), $row(0.01, 0), $row(0.02, 1)]);
    $alpha = [[0.8], [0.9], [0.0]];
    expect($lattice->at($alpha, 0.02, 0.0, true))->toEqualWithDelta(0.95, 1e-9)
        ->and($lattice->at($alpha, 0.02, 0.0))->toEqualWithDelta(0.45, 1e-9)
        ->and($lattice->at($alpha, 0.021, 0.0, true))->toEqualWithDelta(0.0, 1e-9);
});
