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

    /** How strongly grains hinder each other; J. F. Richardson and W. N. Zaki, Trans. Inst. Chem. Eng. 32 (1954) 35. */
    private const CROWDED = 4.65;

    public function __construct(private CalibratedResin $resin, private float $kelvin) {}

    /** m/s in a liquid of a viscosity, Pa·s; G. G. Stokes, Trans. Camb. Phil. Soc. 9 (1851) 8. */
    public static function speed(float $across, float $density, float $liquid, float $viscosity): float
    {
        return ($density - $liquid) * Drag::GRAVITY * $across ** 2 / (18.0 * $viscosity);
    }

    /**
     * How much of a coat grains leave clear before it gels: many hinder each other, and go no farther than until they lie packed.
     *
     * @param float $share  of its volume that is solid
     * @param float $packed the same where they lie as they will
     * @param float $from   s after first contact, when the mix is poured
     */
    public function clears(float $across, float $density, float $depth, float $share, float $packed, float $from = 0.0): float
    {
        $most = $depth * max(0.0, 1.0 - $share / $packed);
        $way = (1.0 - min(1.0, $share)) ** self::CROWDED * $this->beforeGel($across, $density, $from);

        return max(-$most, min($most, $way));
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
