<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Room;

use Pensilis\Resin\Resin;

/**
 * A pass with hot air or a flame over the face of a pour: so short that heat goes in as into a body without end,
 *
 *     ΔT = 2 q √(t / (π k ρ cp)) at the face [1].
 *
 * Ten seconds on one place at 5 kW/m² (memory). What it adds is shown; burns are not reckoned.
 *
 * [1] F. P. Incropera, D. P. DeWitt, Fundamentals of Heat and Mass Transfer, section 5.7: constant surface heat flux.
 */
final class HotAir
{
    /** W/m² */
    private const FLUX = 5000.0;

    /** s */
    private const PASS = 10.0;

    /** By how much a pass warms the face, K. */
    public static function warms(Resin $resin, float $flux = self::FLUX, float $pass = self::PASS): float
    {
        return 2.0 * $flux * sqrt($pass / (M_PI * $resin->conductivity * $resin->density * $resin->heatCapacity));
    }
}
