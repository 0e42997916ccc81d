<?php

declare(strict_types=1);

use Pensilis\Geometry\Bowl;
use Pensilis\Geometry\Frustum;
use Pensilis\Geometry\Prism;
use Pensilis\Geometry\VesselShape;
use Pensilis\Material\Stuff;
use Pensilis\Quantity\Temperature;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Resin\CureLaw;
use Pensilis\Resin\MixRatio;
use Pensilis\Resin\Resin;
use Pensilis\Thermal\Fit\Calibration;
use Pensilis\Thermal\Grid\Hull;
use Pensilis\Thermal\Grid\RadialMesh;
use Pensilis\Thermal\PieceHeat;
use Pensilis\Thermal\Room\ConstantAmbient;
use Pensilis\Thermal\Room\DailyAmbient;
use Pensilis\Thermal\Run\HeatRun;
use Pensilis\Thermal\Run\PourTrack;
use Pensilis\Thermal\Run\Stack;
use Pensilis\Thermal\Run\Steps;
use Pensilis\Thermal\SimulatedPour;
use Pensilis\Vessel\Sheet;
use Pensilis\Vessel\Vessel;
use Tests\Plans;

function deepResin(float $rate = 2.06e-5): CalibratedResin
{
    return new CalibratedResin(Plans::deep(), CureLaw::usual($rate, 298.15), 343.15, false);
}

function room(float $celsius): ConstantAmbient
{
    return ConstantAmbient::of(Temperature::celsius($celsius));
}

it('cures at an even temperature as its law says', function (): void {
    // Limiting case: without heat of cure the run must follow the isothermal integral of the law.
    $law = new CureLaw(1.65e-6, 52.9e3, 2.06e-5, 52.9e3, 298.15, 1.0, 1.3, 0.0, 0.577);
    $run = Stack::run(RadialMesh::slab(), Sheet::siliconeMold(), Sheet::board(), room(21.0));
    $run->pour(new CalibratedResin(Plans::deep(), $law, 343.15, false), 0.02, 0.0, 8);
    $run->settle(60.0 * 86400.0);
    $track = $run->tracks()[0];
    expect($track->gelFirst / $law->timeTo(0.577, 294.15))->toEqualWithDelta(1.0, 1e-3)
        ->and($track->peak)->toEqualWithDelta(294.15, 1e-9)
        ->and($run->energyError())->toBe(0.0);
});

it('warms an insulated pour by the heat of cure over the heat capacity', function (): void {
    // Adiabatic limit: ΔH/cp = 300/2.1 = 142.9 K; a pour so deep that its middle feels no face.
    $run = Stack::run(RadialMesh::slab(), null, null, room(25.0));
    $run->pour(deepResin(5e-4), 2.0, 0.0, 12);
    $run->goOnUntil(fn(PourTrack $track): bool => $track->gelLast !== null, 86400.0);
    $run->advance($run->time() + 36000.0);
    $peak = SimulatedPour::of($run->tracks()[0], 298.15)->peakCelsius;
    expect($peak)->toEqualWithDelta(25.0 + 300.0 / 2.1, 0.5);
});

it('closes its energy balance over a sequence of pours', function (float $celsius, float $rate): void {
    $heat = new PieceHeat(Vessel::of(Prism::cylinder(0.09, 0.06), Sheet::siliconeMold(), Sheet::board()), room($celsius));
    $resin = deepResin($rate);
    $run = $heat->follow([[$resin, 0.014, 0.0], [$resin, 0.012, 72 * 3600.0], [$resin, 0.034, 144 * 3600.0]], 86400.0 * 60);
    // Nine tenths of its heat were set free, so that there is a balance to close.
    expect($run->energyError())->toBeLessThan(1e-9)->and($run->reading()->mean()[1])->toBeGreaterThan(0.9);
})->with(['cool and slow' => [18.0, 2.06e-5], 'warm and fast' => [28.0, 1e-4]]);

// Heat and cure coupled, on an even step that is halved three times: the error must fall as the method's order says.
it('is of the order in time that it claims, cure and conduction coupled', function (): void {
    $peak = function (float $seconds): float {
        $run = new HeatRun(
            RadialMesh::round(0.05, Sheet::siliconeMold()),
            [],
            Sheet::siliconeMold()->stuff,
            room(24.0),
            Steps::even($seconds),
        );
        $run->pour(deepResin(5e-5), 0.03, 0.0, 8);
        $run->advance(6.0 * 3600.0);

        return $run->tracks()[0]->peak;
    };
    [$coarse, $middle, $fine, $finest] = array_map($peak, [480.0, 240.0, 120.0, 60.0]);
    // Still warming, so that the peak so far is the temperature of the moment.
    expect($coarse - 297.15)->toBeGreaterThan(6.0)
        ->and(log(($coarse - $middle) / ($middle - $fine), 2.0))->toBeGreaterThan(1.8)->toBeLessThan(2.2)
        ->and(log(($middle - $fine) / ($fine - $finest), 2.0))->toBeGreaterThan(1.9)->toBeLessThan(2.1);
});

it('stops where Frank-Kamenetskii says', function (
    RadialMesh $mesh,
    int $rows,
    float $critical,
    float $depth,
    ?Closure $radius = null,
): void {
    // δc = 0.878 for a slab, 2.000 for a long cylinder, 3.322 for a sphere (Frank-Kamenetskii 1955; Bowes 1984): zero order, held faces.
    // E/RT = 80 puts the critical value about 1/80 above it; a thick body makes the air's resistance negligible.
    $outcome = function (float $delta) use ($mesh, $rows, $depth, $radius): float {
        [$room, $half, $conductivity] = [300.0, 1.0, 0.02];
        $activation = 80.0 * CureLaw::GAS_CONSTANT * $room;
        $heat = 1e12;
        $density = 1100.0;
        // δ = E/(RT²) · L² ρ ΔH k0 / λ
        $rate = $delta * $conductivity * $room / (80.0 * $half ** 2 * $density * $heat);
        $law = new CureLaw($rate, $activation, 0.0, $activation, $room, 0.0, 0.0, $heat, 0.577);
        // Light enough that heat crosses it in about a day.
        $stuff = Stuff::of($conductivity, $density, 1.8);
        $resin = Resin::of(
            'fk',
            'fk',
            MixRatio::byWeight(1.0, 1.0, 1000.0, 1000.0),
            ['mixed' => $density, 'cured' => $density],
            ['value' => 0.3, 'kelvin' => 298.15],
            Plans::deep()->sheet,
            $law,
            ['capacity' => $stuff->heatCapacity, 'conduct' => $conductivity],
        );
        $hull = $radius === null ? null : Hull::of($radius, $depth, 0.0);
        $run = new HeatRun($mesh, [], $stuff, ConstantAmbient::of(Temperature::kelvin($room)), hull: $hull);
        $run->pour(new CalibratedResin($resin, $law, INF, false), $depth, 0.0, $rows);
        $diffusion = $half ** 2 * $stuff->volumetric() / $conductivity;
        $run->goOnUntil(fn(PourTrack $track): bool => $track->peak > $room + 25.0, 12.0 * $diffusion);

        return $run->tracks()[0]->peak - $room;
    };
    // The largest steady rise is 1.19 (slab), 1.39 (cylinder) or 1.61 (sphere) times RT²/E = 3.75 K.
    expect($outcome(0.9 * $critical))->toBeLessThan(7.0)
        ->and($outcome(1.2 * $critical))->toBeGreaterThan(20.0);
})->with([
    'slab'     => [RadialMesh::slab(), 40, 0.878, 2.0],
    'cylinder' => [RadialMesh::round(1.0, null, 40), 1, 2.000, 2000.0],
    'sphere'   => [RadialMesh::round(1.0, null, 16), 32, 3.322, 2.0, fn(float $z): float => sqrt(max(0.0, $z * (2.0 - $z)))],
]);

it('calibrates to the gel time that the sheet tells', function (array $sheet, float $isothermal): void {
    // physics of docs/model.md: a deep resin gelling in 20 h at 50 mm is isothermally a 41 h resin, a coating one of
    // 3.5 h at 3 mm is isothermally 4.3 h.
    $resin = Plans::resin($sheet);
    $law = Calibration::of($resin)->law;
    $run = Stack::run(RadialMesh::slab(), Sheet::siliconeMold(), Sheet::board(), room(25.0));
    $run->pour(new CalibratedResin($resin, $law, INF, false), $resin->sheet->gelThickness, 0.0, 16);
    $run->goOnUntil(fn(PourTrack $track): bool => $track->gelFirst !== null, 1e7);
    expect($run->tracks()[0]->gelFirst / $resin->sheet->gel)->toEqualWithDelta(1.0, 0.002)
        ->and($law->timeTo($law->gelConversion, 298.15) / 3600.0)->toEqualWithDelta(
            $isothermal,
            0.5 * 10 ** (floor(log10($isothermal)) - 1),
        );
})->with([
    'deep'    => [['gel_h' => 20.0, 'gel_mm' => 50.0, 'max_pour_mm' => 50.0], 41.0],
    'coating' => [['gel_h' => 3.5, 'max_pour_mm' => 6.0], 4.3],
]);

it('peaks in wide slabs as the model\'s check values say', function (): void {
    // docs/model.md: 50 mm of the deep resin near 64 °C in a room of 25 °C and near 104 °C in one of 30 °C.
    $resin = Plans::deep();
    $law = Calibration::of($resin)->law;
    expect(Calibration::slabPeak($resin, $law, 0.05, Temperature::celsius(25.0))->c())->toEqualWithDelta(64.0, 1.0)
        ->and(Calibration::slabPeak($resin, $law, 0.05, Temperature::celsius(30.0))->c())->toEqualWithDelta(104.0, 1.0);
});

it('never reports more than the hottest start and the whole heat of cure', function (): void {
    // A coating resin poured as a 50 mm slab runs to its adiabatic bound (docs/model.md: about 165 °C).
    $law = Calibration::of(Plans::coat())->law;
    $run = Stack::run(RadialMesh::slab(), Sheet::siliconeMold(), Sheet::board(), room(25.0));
    $run->pour(new CalibratedResin(Plans::coat(), $law, INF, false), 0.05, 0.0, 16);
    $run->settle(86400.0 * 30);
    $pour = SimulatedPour::of($run->tracks()[0], 298.15);
    expect($pour->peakCelsius)->toBeLessThanOrEqual(25.0 + 300.0 / 2.1 + 1e-9)
        ->and($pour->peakCelsius)->toBeGreaterThan(160.0)
        ->and($pour->isRunaway())->toBeTrue();
});

it('tolerates what the sheet\'s own deepest pour reaches, within bounds', function (): void {
    $deep = Calibration::of(Plans::deep());
    $mild = Calibration::of(Plans::coat());
    expect($deep->toleratedPeak - 273.15)->toEqualWithDelta(64.4, 1.0)
        ->and($deep->sheetRunsHot)->toBeFalse()
        ->and($mild->toleratedPeak - 273.15)->toBe(45.0)
        ->and(Calibration::of(Plans::resin(['gel_h' => 6.0, 'gel_mm' => 50.0, 'max_pour_mm' => 80.0]))->sheetRunsHot)->toBeTrue();
});

it('runs on depth alone only where that is cool and wide', function (): void {
    $tray = new PieceHeat(Vessel::of(Prism::box(0.4, 0.3, 0.012), Sheet::siliconeMold(), Sheet::board()), room(21.0));
    $block = new PieceHeat(Vessel::of(Prism::cylinder(0.09, 0.06), Sheet::siliconeMold(), Sheet::board()), room(21.0));
    expect($tray->mayBeThin())->toBeTrue()
        ->and($block->mayBeThin())->toBeFalse();
});

it('agrees with depth alone where the vessel is very wide', function (): void {
    // Limiting case: (r, z) on a 4 m radius against the slab.
    $peaks = [];
    foreach ([RadialMesh::slab(), RadialMesh::round(4.0, Sheet::siliconeMold())] as $mesh) {
        $run = Stack::run($mesh, Sheet::siliconeMold(), Sheet::board(), room(25.0));
        $run->pour(deepResin(), 0.04, 0.0, 12);
        $run->settle(86400.0 * 60);
        $peaks[] = $run->tracks()[0]->peak;
    }
    expect($peaks[1])->toEqualWithDelta($peaks[0], 0.15);
});

it('is cooler in a small mold than in a wide slab', function (): void {
    // A 90 × 50 mm block reads far too hot in one dimension: the wall takes most of its heat.
    $heat = new PieceHeat(Vessel::of(Prism::cylinder(0.09, 0.05), Sheet::siliconeMold(), Sheet::board()), room(25.0));
    $run = $heat->follow([[deepResin(), 0.05, 0.0]], 86400.0 * 60);
    $slab = Calibration::slabPeak(Plans::deep(), CureLaw::usual(2.06e-5, 298.15), 0.05, Temperature::celsius(25.0));
    expect($run->tracks()[0]->peak)->toBeLessThan($slab->k() - 15.0);
});

it('changes little on finer cells', function (): void {
    $peaks = [];
    foreach ([[12, 16], [24, 32]] as [$rings, $rows]) {
        $run = Stack::run(RadialMesh::round(0.05, Sheet::siliconeMold(), $rings), Sheet::siliconeMold(), Sheet::board(), room(27.0));
        $run->pour(deepResin(5e-5), 0.05, 0.0, $rows);
        $run->goOnUntil(fn(PourTrack $track): bool => $track->demold !== null, 86400.0 * 30);
        $peaks[] = $run->tracks()[0]->peak;
    }
    expect($peaks[0])->toEqualWithDelta($peaks[1], 0.4);
});

it('keeps its milestones in order, and a late gel moves all of them', function (float $celsius): void {
    $heat = new PieceHeat(Vessel::of(Prism::cylinder(0.09, 0.06), Sheet::siliconeMold(), Sheet::board()), room($celsius));
    $pour = SimulatedPour::of($heat->follow([[deepResin(), 0.02, 3600.0]], 86400.0 * 60)->tracks()[0], 300.0);
    expect($pour->workingUntil)->toBeGreaterThan(0.0)->toBeLessThan($pour->gelFirst)
        ->and($pour->gelFirst)->toBeLessThanOrEqual($pour->gelLast)
        ->and($pour->recoatOpens)->toBeGreaterThan($pour->gelFirst)->toBeLessThan($pour->recoatCloses)
        ->and($pour->demold)->toBeGreaterThan($pour->gelLast)->toBeLessThan($pour->fullCure)
        ->and($pour->window()->joint($pour->recoatCloses - 0.1)->value)->toBe('chemical')
        ->and($pour->window()->joint($pour->recoatCloses + 0.1)->value)->toBe('sanded')
        ->and($pour->window()->joint(1.0)->value)->toBe('wet');
})->with([16.0, 21.0, 30.0]);

it('doubles its pace in ten degrees', function (): void {
    // The workshop rule (common practice), for a thin pour that hardly warms itself.
    $gel = function (float $celsius): float {
        $run = Stack::run(RadialMesh::slab(), Sheet::siliconeMold(), Sheet::board(), room($celsius));
        $run->pour(deepResin(), 0.002, 0.0, 6);
        $run->settle(86400.0 * 60);

        return (float) $run->tracks()[0]->gelFirst;
    };
    expect($gel(20.0) / $gel(30.0))->toEqualWithDelta(2.0, 0.12);
});

it('follows the day', function (): void {
    $room = DailyAmbient::between(Temperature::celsius(16.0), Temperature::celsius(24.0), 6.0, 18.0);
    expect($room->at(12 * 3600.0) - 273.15)->toEqualWithDelta(16.0, 1e-9)
        ->and($room->at(0.0) - 273.15)->toEqualWithDelta(24.0, 1e-9)
        ->and($room->at(36 * 3600.0))->toEqualWithDelta($room->at(12 * 3600.0), 1e-9);
});

it('keeps a bowl cooler than the round block of its rim, and warmer than one that it holds', function (): void {
    $of = fn(VesselShape $shape, float $fill): HeatRun => (new PieceHeat(
        Vessel::of($shape, Sheet::siliconeMold(), Sheet::board(), $fill),
        room(24.0),
    ))->follow([[deepResin(1e-4), $fill, 0.0]], 86400.0 * 30);
    $bowl = $of(Bowl::hemisphere(0.08), 0.04)->tracks()[0]->peak;
    expect($bowl)->toBeLessThan($of(Prism::cylinder(0.08, 0.04), 0.04)->tracks()[0]->peak - 10.0)
        // The block of half its volume that stands in it: 28 mm of a radius of 28 mm.
        ->and($bowl)->toBeGreaterThan($of(Prism::cylinder(0.0564, 0.0283), 0.0283)->tracks()[0]->peak + 1.0);
});

it('is near the limit of finer cells, and tells no coat to come early by more than a hundredth', function (VesselShape $shape): void {
    $track = function (int $rings, int $rows) use ($shape): PourTrack {
        $height = $shape->height();
        $widest = max($shape->sectionAt(0.0)->halfX, $shape->sectionAt($height)->halfX);
        $hull = $shape->isUpright() ? null
            : Hull::of(fn(float $z): float => $shape->sectionAt($z)->halfX, $height, Sheet::siliconeMold()->thickness);
        $run = Stack::run(
            RadialMesh::round($widest, Sheet::siliconeMold(), $rings),
            Sheet::siliconeMold(),
            Sheet::board(),
            room(24.0),
            $hull,
        );
        $run->pour(deepResin(7e-5), $height, 0.0, $rows);
        $run->settle(30.0 * 86400.0);

        return $run->tracks()[0];
    };
    $vessel = Vessel::of($shape, Sheet::siliconeMold(), Sheet::board());
    $coarse = (new PieceHeat($vessel, room(24.0)))->follow([[deepResin(7e-5), $shape->height(), 0.0]])->tracks()[0];
    [$middle, $fine] = [$track(20, 27), $track(36, 48)];
    // Richardson: what is first to second order in cell size, carried on to none; 1.5 between both.
    $limit = fn(?float $from, ?float $to): float => $to + ($to - $from) / ((36.0 / 20.0) ** 1.5 - 1.0);
    expect($coarse->peak)->toEqualWithDelta($limit($middle->peak, $fine->peak), 0.5)
        ->and($coarse->gelFirst / $limit($middle->gelFirst, $fine->gelFirst))->toEqualWithDelta(1.0, 0.01)
        ->and($coarse->opens / $limit($middle->opens, $fine->opens))->toEqualWithDelta(1.0, 0.015)
        ->and($coarse->gelLast / $limit($middle->gelLast, $fine->gelLast))->toEqualWithDelta(1.0, 0.02)
        ->and($coarse->demold / $limit($middle->demold, $fine->demold))->toEqualWithDelta(1.0, 0.02);
})->with([
    'block'           => fn(): VesselShape => Prism::cylinder(0.09, 0.05),
    'bowl'            => fn(): VesselShape => Bowl::hemisphere(0.09),
    'wider upwards'   => fn(): VesselShape => Frustum::cone(0.04, 0.1, 0.06),
    'wider downwards' => fn(): VesselShape => Frustum::cone(0.1, 0.04, 0.06),
]);

it('tells the heat that reaches a place', function (): void {
    $heat = new PieceHeat(Vessel::of(Prism::cylinder(0.1, 0.05), Sheet::siliconeMold(), Sheet::board()), room(27.0));
    $field = $heat->follow([[deepResin(5e-5), 0.05, 0.0]], 86400.0 * 30)->field();
    expect($field->greatestWithin(0.0, 0.05, 0.0, 0.05))->toBeGreaterThan($field->greatestWithin(0.0, 0.05, 0.045, 0.05))
        ->and($field->greatestWithin(0.06, 0.07, 0.0, 0.05))->toBeNull()
        ->and($field->radius())->toEqualWithDelta(0.05, 1e-12);
});
