<?php

declare(strict_types=1);

namespace Tests;

use Pensilis\Resin\CalibratedResin;
use Pensilis\Resin\Resin;
use Pensilis\Thermal\Fit\Calibration;
use Pensilis\Thermal\Fit\CalibrationStore;

/** Keeps calibrated resins by what they say, for all tests of a process. */
final class SharedCalibrations implements CalibrationStore
{
    /** @var array<string, CalibratedResin> */
    private static array $kept = [];

    public function calibrated(Resin $resin): CalibratedResin
    {
        return self::$kept[serialize($resin)] ??= Calibration::of($resin);
    }
}
