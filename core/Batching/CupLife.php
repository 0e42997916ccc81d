<?php

declare(strict_types=1);

namespace Pensilis\Batching;

use Pensilis\Resin\CalibratedResin;
use Pensilis\Vessel\Convection;

/**
 * How long a mix stays usable in its cup, where it keeps its own heat.
 *
 * The cup is a cylinder as high as wide, one temperature throughout:
 *     ρ V cp dT/dt = ρ V ΔH dα/dt − U S (T − T_room),  1/U = 1/h + R/2k,  h = 10 W/(m²·K)
 * with half the way to the middle as resistance (a lumped body corrected for its Biot number; Incropera & DeWitt,
 * chapter 5). Its life ends at the conversion that a cup of 100 g (memory) has reached, at the sheet's temperature, when
 * the sheet's pot life is over. Explicit steps of at most 1 K and 0.005 in conversion: first order.
 */
final readonly class CupLife
{
    /** The cup that a sheet's pot life is told for, g (memory). */
    private const TOLD_FOR = 100.0;

    /** s */
    private const LONGEST = 7.0 * 86400.0;

    private float $end;

    public function __construct(private CalibratedResin $calibrated)
    {
        $sheet = $calibrated->resin->sheet;
        $this->end = $this->run(self::TOLD_FOR, $sheet->temperature, $sheet->potLife, 1.0)[1];
    }

    /**
     * @param float $grams in one cup; of nothing it is the longest that is told
     * @param float $room  K
     *
     * @return float s
     */
    public function of(float $grams, float $room): float
    {
        return $grams <= 0.0 ? self::LONGEST : $this->run($grams, $room, self::LONGEST, $this->end)[0];
    }

    /** @return array{float, float} s and conversion at which it stops */
    private function run(float $grams, float $room, float $longest, float $until): array
    {
        $resin = $this->calibrated->resin;
        $volume = 1e-3 * $grams / $resin->density;
        $radius = 0.5 * (4.0 * $volume / M_PI) ** (1.0 / 3.0);
        $resistance = 1.0 / Convection::COEFFICIENT + 0.5 * $radius / $resin->conductivity;
        $loss = 6.0 * M_PI * $radius ** 2 / $resistance / ($resin->density * $volume * $resin->heatCapacity);
        [$time, $alpha, $kelvin, $rise] = [0.0, 0.0, $room, $this->calibrated->law->heat / $resin->heatCapacity];
        while ($time < $longest && $alpha < $until) {
            $rate = $this->calibrated->law->rate($kelvin, $alpha);
            $warming = $rise * $rate - $loss * ($kelvin - $room);
            $step = min($longest - $time, 0.005 / max($rate, 1e-12), 1.0 / max(abs($warming), 1e-9), 600.0);
            $step = $alpha + $rate * $step > $until ? ($until - $alpha) / $rate : $step;
            $time += $step;
            $alpha += $rate * $step;
            $kelvin += $warming * $step;
            if ($until - $alpha < 1e-12) {
                break;
            }
        }

        return [$time, $alpha];
    }
}
