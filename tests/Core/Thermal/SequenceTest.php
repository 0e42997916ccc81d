<?php

declare(strict_types=1);

use Pensilis\Geometry\Prism;
use Pensilis\Material\Stuff;
use Pensilis\Quantity\Temperature;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Resin\CureLaw;
use Pensilis\Thermal\Fit\Calibration;
use Pensilis\Thermal\Grid\RadialMesh;
use Pensilis\Thermal\PieceHeat;
use Pensilis\Thermal\Room\ConstantAmbient;
use Pensilis\Thermal\Room\SeriesAmbient;
use Pensilis\Thermal\Run\EnergyLedger;
use Pensilis\Thermal\Run\HeatRun;
use Pensilis\Thermal\Run\PourTrack;
use Pensilis\Thermal\Run\Stack;
use Pensilis\Thermal\SimulatedPour;
use Pensilis\Vessel\Sheet;
use Pensilis\Vessel\Vessel;
use Tests\Plans;
use Tests\SharedCalibrations;

/** A deep resin whose cure gives no heat, so that everything stays at the room's temperature. */
function coldResin(): CalibratedResin
{
    $sheet = ['gel_h' => 20.0, 'gel_mm' => 50.0, 'recoat_open_h' => 22.0, 'recoat_close_h' => 40.0, 'demold_h' => 48.0,
        'full_cure_h' => 168.0, 'max_pour_mm' => 50.0];
    $law = new CureLaw(1.65e-6, 52.9e3, 2.06e-5, 52.9e3, 298.15, 1.0, 1.3, 0.0, 0.577);

    return new CalibratedResin(Plans::resin($sheet), $law, 343.15, false);
}

function slabRun(float $celsius): HeatRun
{
    $room = ConstantAmbient::of(Temperature::celsius($celsius));

    return Stack::run(RadialMesh::slab(), Sheet::siliconeMold(), Sheet::board(), $room);
}

it('counts milestones by the maturity method (ASTM C1074)', function (float $celsius): void {
    // At an even temperature: gel by the law, then (the sheet's time − its gel) divided by the Arrhenius pace.
    $run = slabRun($celsius);
    $run->pour(coldResin(), 0.02, 0.0, 6);
    $run->settle(60.0 * 86400.0);
    $pour = SimulatedPour::of($run->tracks()[0], 300.0);
    // The law of physics.md integrated here, the time as a sum over conversion: k = k(25 °C) exp[−E/R (1/T − 1/298.15)].
    $law = coldResin()->law;
    $factor = exp(-52.9e3 / 8.314462618 * (1.0 / ($celsius + 273.15) - 1.0 / 298.15));
    $gel = 0.0;
    for ($n = 0; $n < 20000; $n++) {
        $alpha = 0.577 * ($n + 0.5) / 20000;
        $gel += 0.577 / 20000 / (($law->k1 + $law->k2 * $alpha) * $factor * (1.0 - $alpha) ** 1.3) / 3600.0;
    }
    $pace = exp(52.9e3 / 8.314462618 * (1.0 / 298.15 - 1.0 / ($celsius + 273.15)));
    expect($pour->gelFirst)->toEqualWithDelta($gel, 0.05)
        ->and($pour->recoatOpens - $pour->gelFirst)->toEqualWithDelta(2.0 / $pace, 0.02)
        ->and($pour->recoatCloses - $pour->gelFirst)->toEqualWithDelta(20.0 / $pace, 0.02)
        ->and($pour->demold - $pour->gelLast)->toEqualWithDelta(28.0 / $pace, 0.02)
        ->and($pour->fullCure - $pour->gelLast)->toEqualWithDelta(148.0 / $pace, 0.05);
})->with([18.0, 25.0, 32.0]);

it('ends the working time where the sheet ends it', function (): void {
    // In the sheet's own conditions without heat: four hours, by conversion and by viscosity alike.
    $resin = Plans::resin(['gel_h' => 20.0, 'gel_mm' => 50.0, 'max_pour_mm' => 50.0, 'working_min' => 240.0]);
    $run = slabRun(25.0);
    $run->pour(new CalibratedResin($resin, coldResin()->law, 343.15, false), 0.02, 0.0, 6);
    $run->settle(60.0 * 86400.0);
    expect(SimulatedPour::of($run->tracks()[0], 300.0)->workingUntil)->toEqualWithDelta(4.0, 0.1);
});

it('shortens the working time in the warm and stretches it in the cold', function (): void {
    $until = [];
    foreach ([15.0, 25.0, 35.0] as $celsius) {
        $run = slabRun($celsius);
        $run->pour(coldResin(), 0.01, 0.0, 6);
        $run->settle(60.0 * 86400.0);
        $until[] = SimulatedPour::of($run->tracks()[0], 310.0)->workingUntil;
    }
    expect($until[0])->toBeGreaterThan(1.6 * $until[1])
        ->and($until[1])->toBeGreaterThan(1.6 * $until[2]);
});

it('lets earlier pours go on curing under later ones, hastened by their heat', function (): void {
    $resin = new CalibratedResin(Plans::deep(), CureLaw::usual(6e-5, 298.15), 343.15, false);
    $room = ConstantAmbient::of(Temperature::celsius(24.0));
    $heat = new PieceHeat(Vessel::of(Prism::cylinder(0.1, 0.06), Sheet::siliconeMold(), Sheet::board()), $room);
    $alone = $heat->follow([[$resin, 0.012, 0.0]], 60.0 * 86400.0)->tracks()[0];
    $covered = $heat->follow([[$resin, 0.012, 0.0], [$resin, 0.048, 20.0 * 3600.0]], 60.0 * 86400.0)->tracks()[0];
    expect($covered->cured)->toBeLessThan($alone->cured)
        ->and($covered->peak)->toBeGreaterThan($alone->peak)
        ->and($covered->gelFirst)->toEqualWithDelta($alone->gelFirst, 60.0);
});

it('grows hotter when poured at once than in two', function (): void {
    // The bulk school's warning (common practice): one deep pour cooks where two thin ones do not.
    $resin = new CalibratedResin(Plans::deep(), CureLaw::usual(5e-5, 298.15), 343.15, false);
    $room = ConstantAmbient::of(Temperature::celsius(25.0));
    $heat = new PieceHeat(Vessel::of(Prism::cylinder(0.12, 0.06), Sheet::siliconeMold(), Sheet::board()), $room);
    $peak = fn(array $pours): float => max(array_map(
        fn(PourTrack $track): float => $track->peak,
        $heat->follow($pours, 60.0 * 86400.0)->tracks(),
    ));
    $once = $peak([[$resin, 0.06, 0.0]]);
    $twice = $peak([[$resin, 0.03, 0.0], [$resin, 0.03, 48.0 * 3600.0]]);
    expect($once - 298.15)->toBeGreaterThan(1.5 * ($twice - 298.15));
});

it('begins each pour at the air of its own hour', function (): void {
    $room = SeriesAmbient::through([[0.0, 18.0], [10.0, 18.0], [11.0, 28.0]]);
    $run = Stack::run(RadialMesh::slab(), Sheet::siliconeMold(), Sheet::board(), $room);
    $run->pour(coldResin(), 0.01, 0.0, 6);
    $run->pour(coldResin(), 0.01, 20.0 * 3600.0, 6);
    [$first, $second] = $run->tracks();
    expect($second->peak)->toEqualWithDelta(301.15, 1e-9)
        ->and($first->start)->toBe(0.0)
        ->and(min($second->reaction->cells))->toBe(max($first->reaction->cells) + 1);
    $run->settle(60.0 * 86400.0);
    // The floor of the first pour was at 18 °C; nothing ever passes the air.
    expect(max($first->peak, $second->peak))->toBeLessThanOrEqual(301.15 + 1e-9);
});

it('keeps a warm board below as long as a thin one keeps it cool', function (): void {
    // An insulating board holds heat back: the same pour peaks higher on it than over open air.
    $resin = new CalibratedResin(Plans::deep(), CureLaw::usual(6e-5, 298.15), 343.15, false);
    $room = ConstantAmbient::of(Temperature::celsius(25.0));
    $peak = function (?Sheet $base) use ($resin, $room): float {
        $heat = new PieceHeat(Vessel::of(Prism::cylinder(0.1, 0.03), Sheet::siliconeMold(), $base), $room);

        return $heat->follow([[$resin, 0.03, 0.0]], 60.0 * 86400.0)->tracks()[0]->peak;
    };
    expect($peak(Sheet::board()))->toBeGreaterThan($peak(null) + 1.0)
        ->and($peak(Sheet::of(Stuff::glass(), 0.018)))->toBeLessThan($peak(Sheet::board()));
});

it('adds heat up, whatever it is', function (): void {
    $ledger = new EnergyLedger();
    $ledger->grow([], [2.0, 3.0], [300.0, 300.0]);
    $ledger->book(100.0, 40.0);
    // 60 J are left: 2 J/K warmed by 15 K, 3 J/K by 10 K.
    expect($ledger->error([315.0, 310.0], [2.0, 3.0]))->toEqualWithDelta(0.0, 1e-12);
    $ledger->grow([2.0, 3.0], [2.0, 3.0, 5.0], [315.0, 310.0, 295.0]);
    expect($ledger->error([315.0, 310.0, 295.0], [2.0, 3.0, 5.0]))->toEqualWithDelta(0.0, 1e-12)
        // Ten joules that nobody booked are a tenth of what was released.
        ->and($ledger->error([315.0, 310.0, 297.0], [2.0, 3.0, 5.0]))->toEqualWithDelta(0.1, 1e-12)
        ->and((new EnergyLedger())->error([300.0], [1.0]))->toBe(0.0);
});

it('keeps what it calibrated', function (): void {
    $memory = new SharedCalibrations();
    $resin = Plans::coat();
    expect($memory->calibrated($resin))->toBe($memory->calibrated($resin))
        ->and($memory->calibrated($resin)->law)->toEqual(Calibration::of($resin)->law);
});

it('takes a given law as it is', function (): void {
    $plan = Plans::read();
    $calibrated = Calibration::of($plan->resin());
    expect($calibrated->law)->toBe($plan->resin()->law)
        // The contract's own figures are those of its sheet: 20 h at 50 mm.
        ->and($calibrated->law->k2 / Calibration::of(Plans::deep())->law->k2)->toEqualWithDelta(1.0, 0.03);
});
