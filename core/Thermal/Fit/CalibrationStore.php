<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Fit;

use Pensilis\Resin\CalibratedResin;
use Pensilis\Resin\Resin;

/** Where calibrated resins are kept, as finding one costs a tenth of a second. */
interface CalibrationStore
{
    public function calibrated(Resin $resin): CalibratedResin;
}
