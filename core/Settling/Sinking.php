<?php

declare(strict_types=1);

namespace Pensilis\Settling;

use Pensilis\Resin\CalibratedResin;

/**
 * How far grains sink in a mix before it gels: the speed of Stokes, (ρ − ρr) g d²/18η, while the mix thickens at one temperature.
 * Negative for what rises. Metres, kg/m³, kelvin.
 */
final readonly class Sinking
{
    /** Steps of conversion from first contact to gel. */
    private const STEPS = 200;

    public function __construct(private CalibratedResin $resin, private float $kelvin) {}

    /** m/s in a liquid of a viscosity, Pa·s; G. G. Stokes, Trans. Camb. Phil. Soc. 9 (1851) 8. */
    public static function speed(float $across, float $density, float $liquid, float $viscosity): float
    {
        return ($density - $liquid) * Drag::GRAVITY * $across ** 2 / (18.0 * $viscosity);
    }

    /** @param float $from s after first contact, when the mix is poured */
    public function beforeGel(float $across, float $density, float $from = 0.0): float
    {
        $law = $this->resin->law;
        $pace = $law->pace($this->kelvin, $this->resin->resin->sheet->temperature);
        [$time, $sunk] = [0.0, 0.0];
        $step = $law->gelConversion / self::STEPS;
        for ($n = 0; $n < self::STEPS; $n++) {
            $alpha = ($n + 0.5) * $step;
            $lasts = $step / $law->rate($this->kelvin, $alpha);
            $counts = max(0.0, min($lasts, $time + $lasts - $from));
            $viscosity = $this->resin->viscosity->at($this->kelvin, $alpha, $pace * ($time + 0.5 * $lasts));
            $sunk += $counts * self::speed($across, $density, $this->resin->resin->density, $viscosity);
            $time += $lasts;
        }

        return $sunk;
    }
}
