<?php

declare(strict_types=1);

namespace Pensilis\Material;

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

    /**
     * With bodies of something else spread in it, by their share of volume: capacities add up, conductivity by Maxwell's law for bodies
     * that do not touch [1].
     *
     * [1] J. C. Maxwell, A Treatise on Electricity and Magnetism, 1873, art. 314.
     */
    public function around(self $bodies, float $share): self
    {
        [$here, $there] = [$this->conductivity, $bodies->conductivity];
        $density = (1.0 - $share) * $this->density + $share * $bodies->density;

        return new self(
            $here * ($there + 2.0 * $here + 2.0 * $share * ($there - $here)) / ($there + 2.0 * $here - $share * ($there - $here)),
            $density,
            ((1.0 - $share) * $this->volumetric() + $share * $bodies->volumetric()) / $density,
        );
    }

    /** This and another side by side, by the share of the volume that the other has. */
    public function beside(self $other, float $share): self
    {
        $mean = fn(float $here, float $there): float => (1.0 - $share) * $here + $share * $there;
        $density = $mean($this->density, $other->density);

        return new self(
            $mean($this->conductivity, $other->conductivity),
            $density,
            $mean($this->volumetric(), $other->volumetric()) / $density,
        );
    }

    /** Air at room temperature (Incropera & DeWitt, table A.4). */
    public static function air(): self
    {
        return new self(0.026, 1.16, 1007.0);
    }

    /** J/(m³·K) */
    public function volumetric(): float
    {
        return $this->density * $this->heatCapacity;
    }
}
