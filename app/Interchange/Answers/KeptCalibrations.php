<?php

declare(strict_types=1);

namespace App\Interchange\Answers;

use Illuminate\Support\Facades\Cache;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Resin\Resin;
use Pensilis\Thermal\Fit\Calibration;
use Pensilis\Thermal\Fit\CalibrationStore;

/** Keeps calibrated resins between requests, by what the resin is. */
final readonly class KeptCalibrations implements CalibrationStore
{
    public function __construct(private ModelVersion $models) {}

    public function calibrated(Resin $resin): CalibratedResin
    {
        $key = "calibration:{$this->models->hash()}:" . hash('xxh128', serialize($resin));

        return Cache::remember($key, now()->addDays(30), fn(): CalibratedResin => Calibration::of($resin));
    }
}
