<?php

declare(strict_types=1);

namespace App\Interchange\Answers;

use Illuminate\Support\Facades\Cache;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Resin\Resin;
use Pensilis\Thermal\Calibration;
use Pensilis\Thermal\CalibrationStore;

/** Keeps calibrated resins between requests, by what the resin is. */
final class KeptCalibrations implements CalibrationStore
{
    public function calibrated(Resin $resin): CalibratedResin
    {
        $key = 'calibration:' . hash('xxh128', serialize($resin));

        return Cache::remember($key, now()->addDays(30), fn(): CalibratedResin => Calibration::of($resin));
    }
}
