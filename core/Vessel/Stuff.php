<?php

declare(strict_types=1);

namespace Pensilis\Vessel;

use Pensilis\Exception\ImpossibleValue;

/**
 * What heat passes through: conductivity W/(m·K), density kg/m³, heat capacity J/(kg·K); all above 0.
 *
 * Values of the named ones: silicone and wood as in docs/model.md (memory); soda-lime glass 1.0, 2500, 840
 * (Incropera & DeWitt, appendix A, rounded; memory).
 */
final readonly class Stuff
{
    private function __construct(public float $conductivity, public float $density, public float $heatCapacity) {}

    public static function of(float $conductivity, float $density, float $heatCapacity): self
    {
        ImpossibleValue::unlessPositive('conductivity', $conductivity);
        ImpossibleValue::unlessPositive('density', $density);
        ImpossibleValue::unlessPositive('heat-capacity', $heatCapacity);

        return new self($conductivity, $density, $heatCapacity);
    }

    public static function silicone(): self
    {
        return new self(0.25, 1150.0, 1300.0);
    }

    public static function wood(): self
    {
        return new self(0.12, 600.0, 1700.0);
    }

    public static function glass(): self
    {
        return new self(1.0, 2500.0, 840.0);
    }

    /** J/(m³·K) */
    public function volumetric(): float
    {
        return $this->density * $this->heatCapacity;
    }
}
