<?php

declare(strict_types=1);

use Pensilis\Exception\ImpossibleValue;
use Pensilis\Geometry\Outline;
use Pensilis\Geometry\Region\Band;
use Pensilis\Geometry\Region\Blot;
use Pensilis\Geometry\Region\Parcels;
use Pensilis\Geometry\Region\Patch;
use Pensilis\Geometry\Region\Ring;
use Pensilis\Geometry\Region\Stroke;
use Pensilis\Geometry\Section;
use Pensilis\Numerics\Intervals;

it('joins, cuts and takes away intervals', function (): void {
    $one = Intervals::between(0.0, 4.0)->or(Intervals::between(6.0, 9.0));
    expect($one->length())->toBe(7.0)
        ->and($one->and(Intervals::between(3.0, 7.0))->spans)->toBe([[3.0, 4.0], [6.0, 7.0]])
        ->and($one->without(Intervals::between(1.0, 8.0))->spans)->toBe([[0.0, 1.0], [8.0, 9.0]])
        ->and($one->or(Intervals::between(4.0, 6.0))->spans)->toBe([[0.0, 9.0]])
        ->and(Intervals::between(2.0, 2.0)->isEmpty())->toBeTrue()
        ->and(Intervals::ofCrossings([5.0, 1.0, 3.0, 2.0])->spans)->toBe([[1.0, 2.0], [3.0, 5.0]]);
});

// Areas of plane figures: CRC Standard Mathematical Tables. The circular segment beyond a chord at distance d: R² acos(d/R) − d √(R² − d²).
it('shares a round vessel as the segments of a circle say', function (float $degrees): void {
    $circle = Section::ellipse(0.045, 0.045);
    $segment = fn(float $d): float => 0.045 ** 2 * acos($d / 0.045) - $d * sqrt(0.045 ** 2 - $d ** 2);
    $shares = (new Parcels($circle, [Band::across($degrees, 0.01, 0.03), Band::half($degrees, 0.03)]))->shares();
    $whole = M_PI * 0.045 ** 2;
    expect($shares[0])->toEqualWithDelta(($segment(0.01) - $segment(0.03)) / $whole, 5e-5)
        ->and($shares[1])->toEqualWithDelta($segment(0.03) / $whole, 5e-5)
        ->and(array_sum($shares))->toEqualWithDelta(1.0, 1e-12);
})->with([0.0, 37.0, 90.0, 135.0, 270.0]);

it('shares a rectangle among bands, rings, outlines and lines', function (): void {
    $plate = Section::rectangle(0.06, 0.04);
    $share = fn($patch): float => (new Parcels($plate, [$patch]))->shares()[0] * 0.12 * 0.08;
    expect($share(Band::across(0.0, -0.06, -0.02)))->toEqualWithDelta(0.04 * 0.08, 1e-12)
        ->and($share(Band::across(90.0, 0.01, 0.02)))->toEqualWithDelta(0.12 * 0.01, 1e-12)
        ->and($share(Ring::about(0.01, 0.0, 0.01, 0.02)))->toEqualWithDelta(M_PI * (0.02 ** 2 - 0.01 ** 2), 2e-7)
        // A quarter of a disc in the corner.
        ->and($share(Ring::about(0.06, 0.04, 0.0, 0.03)))->toEqualWithDelta(0.25 * M_PI * 0.03 ** 2, 2e-7)
        ->and($share(Blot::at(Outline::fromPath('M0 0H20V10H0Z'), 0.0, 0.01)))->toEqualWithDelta(0.02 * 0.01, 1e-9)
        // A line 40 mm long and 4 wide, with half a disc at either end.
        ->and($share(Stroke::through([[-0.02, 0.0], [0.02, 0.0]], 0.004)))->toEqualWithDelta(0.04 * 0.004 + M_PI * 0.002 ** 2, 5e-8)
        ->and($share(Ring::about(0.5, 0.5, 0.0, 0.03)))->toBe(0.0);
});

it('lets later regions lie over those before', function (): void {
    $plate = Section::rectangle(0.05, 0.05);
    $parcels = new Parcels($plate, [Band::half(0.0), Ring::about(0.0, 0.0, 0.0, 0.02)]);
    $shares = $parcels->shares();
    expect($shares[1])->toEqualWithDelta(M_PI * 0.02 ** 2 / 0.01, 3e-5)
        ->and($shares[0])->toEqualWithDelta(0.5 - 0.5 * M_PI * 0.02 ** 2 / 0.01, 3e-5)
        ->and($parcels->at(0.01, 0.0))->toBe(1)
        ->and($parcels->at(0.04, 0.04))->toBe(0)
        ->and($parcels->at(-0.04, 0.04))->toBe(-1)
        ->and($parcels->middles()[1][0])->toEqualWithDelta(0.0, 1e-9)
        ->and($parcels->neighbours())->toEqualCanonicalizing([[-1, 0], [-1, 1], [0, 1]]);
});

it('parts two by a clear line between them', function (): void {
    $plate = Section::rectangle(0.05, 0.05);
    [$left, $right, $line] = [Band::half(180.0), Band::half(0.0), Stroke::through([[0.0, -0.06], [0.0, 0.06]], 0.004)];
    expect((new Parcels($plate, [$left, $right]))->neighbours())->toBe([[0, 1]])
        ->and((new Parcels($plate, [$left, $right, $line]))->neighbours())->toEqualCanonicalizing([[0, 2], [1, 2]]);
});

// Arithmetic: once level, area goes with volume. A disc of 20 mm given half as much again has a radius of 20 √1.5.
it('moves a boundary as far as its share asks', function (): void {
    $plate = Section::rectangle(0.06, 0.06);
    $disc = new Parcels($plate, [Ring::about(0.0, 0.0, 0.0, 0.02)]);
    $area = M_PI * 0.02 ** 2 / 0.12 ** 2;
    expect($disc->shift(0, 1.5 * $area))->toEqualWithDelta(0.02 * (sqrt(1.5) - 1.0), 3e-6)
        ->and($disc->shift(0, 0.5 * $area))->toEqualWithDelta(0.02 * (sqrt(0.5) - 1.0), 3e-6)
        // A band of 40 mm in 120: given half, it takes 10 mm on either side.
        ->and((new Parcels($plate, [Band::across(0.0, -0.02, 0.02)]))->shift(0, 0.5))->toEqualWithDelta(0.01, 1e-6)
        // A half at its one edge.
        ->and((new Parcels($plate, [Band::half(90.0)]))->shift(0, 0.75))->toEqualWithDelta(0.03, 1e-6)
        // A square of 20 mm grown to 28 mm: 4 mm on each side.
        ->and(
            (new Parcels($plate, [Blot::at(Outline::fromPath('M0 0H20V20H0Z'), 0.0, 0.0)]))->shift(0, (0.028 / 0.12) ** 2),
        )->toEqualWithDelta(0.004, 1e-5);
});

// Arithmetic on a plate of 120 mm: what lies at the wall stays there, the one edge inside moves by all that a share asks; round edges
// go by chords, 0.06 mm off at this radius.
it('leaves an edge at the wall where it is', function (Patch $patch, float $share, float $moves): void {
    expect((new Parcels(Section::rectangle(0.06, 0.06), [$patch]))->shift(0, $share))->toEqualWithDelta($moves, 6e-5);
})->with([
    // 60 of 120 mm given a quarter keep 30: the edge moves 30 mm, and the wall nothing.
    'a band along the wall, given less'  => [Band::across(0.0, -0.06, 0.0), 0.25, -0.03],
    'a band beyond the wall, given less' => [Band::across(0.0, -0.08, 0.0), 0.25, -0.03],
    'the same, given more'               => [Band::across(0.0, -0.06, 0.0), 0.75, 0.03],
    'a half'                             => [Band::half(0.0), 0.25, -0.03],
    // A disc of 60 mm about the corner has a quarter of its circle inside, π/4 · 60² mm²; of half the area √½ of the radius is left.
    'a disc about a corner, given less'     => [Ring::about(0.06, 0.06, 0.0, 0.06), M_PI / 32.0, -0.06 * (1.0 - M_SQRT1_2)],
    'an outline along the wall, given less' => [Blot::at(Outline::fromPath('M0 0H60V120H0Z'), -0.03, 0.0), 0.25, -0.03],
]);

it('cuts edges off at the wall', function (): void {
    $circle = new Parcels(Section::ellipse(0.03, 0.03), [Band::half(0.0, 0.018)]);
    // The chord 18 mm from the middle of a circle of 30: 3 : 4 : 5.
    [[$x, $y, $toX, $toY]] = $circle->edgesOf(0);
    expect([$x, $toX])->each->toEqualWithDelta(0.018, 1e-9)
        ->and(abs($toY - $y))->toEqualWithDelta(0.048, 1e-9);
});

it('refuses regions that cannot be drawn', function (callable $make): void {
    expect($make)->toThrow(ImpossibleValue::class);
})->with([
    'a band inside out'  => [fn() => Band::across(0.0, 0.02, 0.01)],
    'a ring inside out'  => [fn() => Ring::about(0.0, 0.0, 0.02, 0.01)],
    'a hole of nothing'  => [fn() => Ring::about(0.0, 0.0, -0.01, 0.01)],
    'a line of a point'  => [fn() => Stroke::through([[0.0, 0.0]], 0.002)],
    'a line of no width' => [fn() => Stroke::through([[0.0, 0.0], [0.1, 0.0]], 0.0)],
]);
