<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Fit;

use Pensilis\Numerics\Brent;
use Pensilis\Quantity\Temperature;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Resin\CureLaw;
use Pensilis\Resin\DataSheet;
use Pensilis\Resin\Resin;
use Pensilis\Thermal\Grid\RadialMesh;
use Pensilis\Thermal\Room\ConstantAmbient;
use Pensilis\Thermal\Run\HeatRun;
use Pensilis\Thermal\Run\PourTrack;
use Pensilis\Thermal\Run\Stack;
use Pensilis\Vessel\Sheet;

/**
 * Finds the rate and the tolerated heat that a data sheet implies.
 *
 * The sheet's slab is a wide pour on a 4 mm silicone floor on an 18 mm board, h = 10 on both faces, at the
 * sheet's temperature. The rate is the one with which a slab of the sheet's gel thickness first gels at its
 * gel time (root search on ln K; the isothermal K = I/t_gel is the first guess). The maker tolerates the
 * peak of his own deepest pour, taken between 45 and 70 °C (memory).
 */
final class Calibration
{
    private const ROWS = 12;

    /** By how much a rate is looked for on either side of where it must lie, as a logarithm. */
    private const MARGIN = 0.05;

    /** A peak that so many times its time has not passed is the peak. */
    private const LONG_PAST = 1.5;

    private const LEAST_TOLERATED = 45.0;

    private const GREATEST_TOLERATED = 70.0;

    public static function of(Resin $resin): CalibratedResin
    {
        $law = ($resin->law ?? self::lawFrom($resin))->faster($resin->pace);
        $peak = self::sheetPeak($resin, $law)->c();
        $tolerated = min(max($peak, self::LEAST_TOLERATED), self::GREATEST_TOLERATED);

        return new CalibratedResin(
            $resin,
            $law,
            Temperature::celsius($tolerated)->k(),
            $peak > self::GREATEST_TOLERATED,
        );
    }

    /** The peak of the sheet's deepest pour in its own conditions. */
    public static function sheetPeak(Resin $resin, CureLaw $law): Temperature
    {
        return self::slabPeak($resin, $law, $resin->sheet->greatestPour, Temperature::kelvin($resin->sheet->temperature));
    }

    /** The peak of a wide pour of any depth on the sheet's floor and board. */
    public static function slabPeak(Resin $resin, CureLaw $law, float $depth, Temperature $room): Temperature
    {
        $run = self::slab($resin, $law, $depth, $room);
        $run->goOnUntil(
            fn(PourTrack $track): bool => $track->gelLast !== null && $run->time() > self::LONG_PAST * $track->peakAt,
            HeatRun::HORIZON,
        );

        return Temperature::kelvin($run->tracks()[0]->peak);
    }

    private static function lawFrom(Resin $resin): CureLaw
    {
        $sheet = $resin->sheet;
        $unit = CureLaw::usual(1.0, $sheet->temperature);
        $guess = $unit->timeTo($unit->gelConversion, $sheet->temperature) / $sheet->gel;
        $known = [];
        $late = function (float $logRate) use ($resin, $sheet, &$known): float {
            $law = CureLaw::usual(exp($logRate), $sheet->temperature);

            return $known["at {$logRate}"] ??= log(self::firstGel($resin, $law, $sheet) / $sheet->gel);
        };
        // Self-heating only ever hastens gel, so the true rate lies below the isothermal one; and the more so the faster it is, so that
        // it lies above the one that would make up for all of what came too early.
        $most = log($guess) + self::MARGIN;
        $logRate = Brent::root($late, $most + min(0.0, $late($most)) - 2.0 * self::MARGIN, $most, 1e-4);

        return CureLaw::usual(exp($logRate), $sheet->temperature);
    }

    /** Seconds to the first gel in the sheet's slab of its gel thickness. */
    private static function firstGel(Resin $resin, CureLaw $law, DataSheet $sheet): float
    {
        $run = self::slab($resin, $law, $sheet->gelThickness, Temperature::kelvin($sheet->temperature));
        $run->goOnUntil(fn(PourTrack $track): bool => $track->gelFirst !== null, 40.0 * $sheet->gel);

        return $run->tracks()[0]->gelFirst ?? 40.0 * $sheet->gel;
    }

    private static function slab(Resin $resin, CureLaw $law, float $depth, Temperature $room): HeatRun
    {
        $run = Stack::run(RadialMesh::slab(), Sheet::siliconeMold(), Sheet::board(), ConstantAmbient::of($room));
        $run->pour(new CalibratedResin($resin, $law, INF, false), $depth, 0.0, self::ROWS);

        return $run;
    }
}
