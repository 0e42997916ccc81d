<?php

declare(strict_types=1);

use Pensilis\Quantity\Temperature;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Resin\CureLaw;
use Pensilis\Thermal\Grid\RadialMesh;
use Pensilis\Thermal\Room\Ambient;
use Pensilis\Thermal\Room\ConstantAmbient;
use Pensilis\Thermal\Room\SeriesAmbient;
use Pensilis\Thermal\Run\HeatRun;
use Pensilis\Thermal\Run\PourTrack;
use Pensilis\Thermal\Run\Stack;
use Pensilis\Vessel\Sheet;
use Tests\Plans;

/** Fourteen pours of 4 mm, a day apart, in a round mold of 80 mm; rows of old ones up to so high, m. */
function fourteenPours(float $most, Ambient $room): HeatRun
{
    $resin = new CalibratedResin(Plans::deep(), CureLaw::usual(1.2e-4, 298.15), 343.15, false);
    $wall = Sheet::siliconeMold();
    $run = Stack::run(RadialMesh::round(0.04, $wall), $wall, Sheet::board(), $room, most: $most);
    for ($k = 0; $k < 14; $k++) {
        $run->pour($resin, 0.004, 86400.0 * $k, 3);
    }
    $run->settle(30.0 * 86400.0);

    return $run;
}

/** @return int cells that hold resin in the end */
function cellsOf(HeatRun $run): int
{
    return count(array_unique(array_merge(...array_map(fn(PourTrack $track): array => $track->reaction->cells, $run->tracks()))));
}

it('joins the rows of old pours without being felt by later ones', function (): void {
    // The limit of finer cells: the same with every row kept.
    $room = ConstantAmbient::of(Temperature::celsius(26.0));
    [$fine, $coarse] = [fourteenPours(0.0, $room), fourteenPours(0.005, $room)];
    expect(cellsOf($fine))->toBe(14 * 3 * 8)
        ->and(cellsOf($coarse))->toBeLessThan(cellsOf($fine) / 2)
        ->and($coarse->energyError())->toBeLessThan(1e-9)
        ->and($coarse->reading()->lattice())->toEqual($fine->reading()->lattice());
    foreach ($fine->tracks() as $k => $track) {
        $other = $coarse->tracks()[$k];
        expect($other->peak)->toEqualWithDelta($track->peak, 0.01);
        foreach (['gelFirst', 'gelLast', 'opens', 'closes', 'demold', 'cured'] as $moment) {
            expect(($other->$moment - $track->start) / ($track->$moment - $track->start))->toEqualWithDelta(1.0, 2e-3);
        }
    }
});

it('remembers how hot each row was before it became one with others', function (): void {
    // Warm for the first two pours, cold from then on; the lowest row stays the hotter one of those with which it is one now.
    $day = 24.0;
    $room = SeriesAmbient::through([[0.0, 30.0], [2.0 * $day, 30.0], [2.0 * $day + 1.0, 18.0], [20.0 * $day, 18.0]]);
    [$fine, $coarse] = [fourteenPours(0.0, $room), fourteenPours(0.005, $room)];
    foreach ($fine->field()->rows() as $j => [$bottom, $top, $rings]) {
        [$from, $to, $others] = $coarse->field()->rows()[$j];
        expect([$from, $to])->toBe([$bottom, $top]);
        foreach ($rings as $i => $kelvin) {
            expect($others[$i])->toEqualWithDelta($kelvin, 0.02);
        }
    }
    expect($coarse->field()->at(0.002, 0.0))->toBeGreaterThan(303.15)
        ->and($coarse->field()->at(0.03, 0.0))->toBeLessThan(298.15);
});

it('shows every row as it was laid, whatever it is one with', function (): void {
    $run = fourteenPours(0.005, ConstantAmbient::of(Temperature::celsius(26.0)));
    $frame = $run->reading()->frame();
    expect($frame->kelvin)->toHaveCount(14 * 3)
        ->and($frame->alpha)->toHaveCount(14 * 3)
        ->and($frame->kelvin[0])->toHaveCount(8)
        ->and(min(array_map(min(...), $frame->alpha)))->toBeGreaterThan(0.9);
});
