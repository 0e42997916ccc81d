<?php

declare(strict_types=1);

use Pensilis\Geometry\Outline;
use Pensilis\Geometry\Region\Band;
use Pensilis\Geometry\Region\Blot;
use Pensilis\Geometry\Region\Parcels;
use Pensilis\Geometry\Region\Patch;
use Pensilis\Geometry\Region\Ring;
use Pensilis\Geometry\Region\Stroke;
use Pensilis\Geometry\Section;
use Pensilis\Numerics\Lehmer;

/** @return callable(float, float): float numbers between two bounds, the same for the same seed */
function drawn(int $seed): callable
{
    $numbers = Lehmer::from($seed);

    return function (float $from, float $to) use ($numbers): float {
        $number = $numbers->current();
        $numbers->next();

        return $from + ($to - $from) * $number;
    };
}

/** @return list<Patch> one of each kind, somewhere about a vessel of 100 mm */
function patches(int $seed): array
{
    $draw = drawn($seed);

    return [
        Band::across($draw(-180.0, 180.0), -0.02, $draw(-0.01, 0.03)),
        Band::half($draw(-180.0, 180.0), $draw(0.0, 0.04)),
        Ring::about($draw(-0.03, 0.03), $draw(-0.03, 0.03), $draw(0.0, 0.01), $draw(0.012, 0.03)),
        Blot::at(Outline::fromPath('M0 0C8 -6 22 -4 24 8L16 22L2 18Z'), $draw(-0.03, 0.03), $draw(-0.03, 0.03)),
        Stroke::through(
            [[$draw(-0.05, 0.0), $draw(-0.05, 0.05)], [0.0, $draw(-0.02, 0.02)], [$draw(0.0, 0.05), $draw(-0.05, 0.05)]],
            $draw(0.002, 0.01),
        ),
    ];
}

it('tells inside from outside alike along lines and at places', function (int $seed): void {
    $draw = drawn($seed + 1000);
    foreach (patches($seed) as $patch) {
        for ($n = 0; $n < 60; $n++) {
            [$x, $y, $turn] = [$draw(-0.05, 0.05), $draw(-0.05, 0.05), $draw(0.0, 2.0 * M_PI)];
            foreach ($patch->along($x, $y, cos($turn), sin($turn))->spans as [$from, $to]) {
                $middle = 0.5 * ($from + $to);
                // A round end cut by its chord may lie a thousandth of a millimetre off.
                expect($patch->grown(1e-6)->holds($x + $middle * cos($turn), $y + $middle * sin($turn)))->toBeTrue()
                    ->and($to - $from)->toBeGreaterThan(0.0);
                foreach ($to - $from > 1e-4 && $to < 1.0 ? [$to + 2e-6] : [] as $beyond) {
                    $outside = !$patch->grown(-1e-6)->holds($x + $beyond * cos($turn), $y + $beyond * sin($turn));
                    expect($outside)->toBeTrue();
                }
            }
        }
    }
})->with(range(1, 12));

// Brute force: places on a fine lattice, counted.
it('shares as counting does', function (int $seed): void {
    $sections = [
        Section::ellipse(0.05, 0.05), Section::rectangle(0.05, 0.04),
        Section::within(Outline::fromPath('M0 0H90V60A25 18 0 0 1 66 80H0Z')),
    ];
    $parcels = new Parcels($sections[$seed % 3], patches($seed));
    $counts = array_fill(-1, 6, 0);
    $steps = 240;
    for ($i = 0; $i < $steps; $i++) {
        $y = 0.05 * (2.0 * ($i + 0.5) / $steps - 1.0);
        $room = $parcels->section->along(0.0, $y, 1.0, 0.0)->spans;
        for ($j = 0; $j < $steps; $j++) {
            $x = 0.05 * (2.0 * ($j + 0.5) / $steps - 1.0);
            foreach ($room as [$from, $to]) {
                $counts[$parcels->at($x, $y)] += $x >= $from && $x <= $to ? 1 : 0;
            }
        }
    }
    foreach ($parcels->shares() as $index => $share) {
        expect($share)->toEqualWithDelta($counts[$index] / array_sum($counts), 4e-3);
    }
    expect(array_sum($parcels->shares()))->toEqualWithDelta(1.0, 1e-12);
})->with(range(1, 15));

it('moves every edge outward when it grows', function (int $seed): void {
    $square = Section::rectangle(0.05, 0.05);
    foreach (patches($seed) as $patch) {
        $area = fn(float $by): float => 0.01 * (new Parcels($square, [$patch->grown($by)]))->shares()[0];
        expect($area(0.002))->toBeGreaterThan($area(0.0) - 1e-12)
            ->and($area(-0.0005))->toBeLessThan($area(0.0) + 1e-12)
            ->and($area(0.0))->toEqualWithDelta(0.01 * (new Parcels($square, [$patch]))->shares()[0], 1e-12);
    }
})->with(range(1, 6));

it('keeps edges inside the wall and off what later regions cover', function (int $seed): void {
    $parcels = new Parcels(Section::ellipse(0.05, 0.05), patches($seed));
    foreach (array_keys($parcels->patches) as $index) {
        foreach ($parcels->edgesOf($index) as [$x, $y, $toX, $toY]) {
            [$middleX, $middleY] = [0.5 * ($x + $toX), 0.5 * ($y + $toY)];
            expect(max(hypot($x, $y), hypot($toX, $toY)))->toBeLessThanOrEqual(0.05 + 1e-9);
            foreach (array_slice($parcels->patches, $index + 1) as $later) {
                expect($later->grown(-2e-6)->holds($middleX, $middleY))->toBeFalse();
            }
        }
    }
})->with(range(1, 6));

it('finds neighbours that look at each other across a boundary', function (): void {
    // Rings about one middle meet only their next ones.
    $rings = new Parcels(
        Section::ellipse(0.05, 0.05),
        [Ring::about(0.0, 0.0, 0.0, 0.01), Ring::about(0.0, 0.0, 0.01, 0.02), Ring::about(0.0, 0.0, 0.02, 0.03)],
    );
    expect($rings->neighbours())->toEqualCanonicalizing([[0, 1], [1, 2], [-1, 2]]);
    // Apart from each other they meet only the ground.
    $apart = new Parcels(Section::rectangle(0.05, 0.05), [Ring::about(-0.03, 0.0, 0.0, 0.01), Ring::about(0.03, 0.0, 0.0, 0.01)]);
    expect($apart->neighbours())->toEqualCanonicalizing([[-1, 0], [-1, 1]]);
});
