<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Fit;

use Pensilis\Resin\CalibratedResin;
use Pensilis\Resin\Resin;
use WeakMap;

/**
 * Keeps calibrated resins for as long as it lives, by all that their sheets say: two resins of one id, as two plans may have, are two.
 */
final class CalibrationMemory implements CalibrationStore
{
    /** @var array<string, CalibratedResin> */
    private array $kept = [];

    /** @var WeakMap<Resin, CalibratedResin> of objects that were asked for, so that what they say is not read each time */
    private WeakMap $known;

    public function __construct()
    {
        $this->known = new WeakMap();
    }

    public function calibrated(Resin $resin): CalibratedResin
    {
        return $this->known[$resin] ??= $this->kept[serialize($resin)] ??= Calibration::of($resin);
    }
}
