<?php

declare(strict_types=1);

namespace Pensilis\Thermal;

use Pensilis\Resin\CalibratedResin;
use Pensilis\Resin\Resin;

/** Keeps calibrated resins by their id for as long as it lives: one for each plan. */
final class CalibrationMemory implements CalibrationStore
{
    /** @var array<string, CalibratedResin> */
    private array $kept = [];

    public function calibrated(Resin $resin): CalibratedResin
    {
        return $this->kept[$resin->id] ??= Calibration::of($resin);
    }
}
