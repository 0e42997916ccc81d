<?php

declare(strict_types=1);

namespace Pensilis\Resin;

use Pensilis\Exception\ImpossibleValue;
use Pensilis\Value\Copied;

/**
 * A two-part resin as a practitioner knows it: ratio, densities, sheet, and what is known of its cure and heat.
 *
 * kg/m³, Pa·s, J/(kg·K), W/(m·K). A null law is found from the sheet (Thermal\Calibration).
 */
final readonly class Resin
{
    use Copied;

    /** J/(kg·K) and W/(m·K) unless known (memory). */
    private const HEAT_CAPACITY = 2100.0;

    private const CONDUCTIVITY = 0.20;

    /** Refractive index unless known (memory). */
    private const REFRACTION = 1.55;

    private function __construct(
        public string $id,
        public string $name,
        public MixRatio $ratio,
        public float $density,
        public float $curedDensity,
        public float $viscosity,
        public float $viscosityKelvin,
        public DataSheet $sheet,
        public ?CureLaw $law,
        public float $heatCapacity,
        public float $conductivity,
        public float $refraction,
        public float $pace = 1.0,
    ) {}

    /** The same curing so many times as fast as its sheet or its kinetics say. */
    public function curing(float $times): self
    {
        ImpossibleValue::unlessPositive('pace', $times);

        return $this->but(pace: $times * $this->pace);
    }

    /** Mix that makes up for the shrinking of a volume of it, as a share of that volume: ρ_cured/ρ_mixed − 1, at least 0. */
    public function shrinks(): float
    {
        return max(0.0, $this->curedDensity / $this->density - 1.0);
    }

    /**
     * @param array{mixed: float, cured: float}                         $density   kg/m³
     * @param array{value: float, kelvin: float}                        $viscosity Pa·s at K
     * @param array{capacity?: float, conduct?: float, refract?: float} $known
     */
    public static function of(
        string $id,
        string $name,
        MixRatio $ratio,
        array $density,
        array $viscosity,
        DataSheet $sheet,
        ?CureLaw $law = null,
        array $known = [],
    ): self {
        ImpossibleValue::unlessPositive('mixed-density', $density['mixed']);
        ImpossibleValue::unlessPositive('cured-density', $density['cured']);
        ImpossibleValue::unlessPositive('viscosity', $viscosity['value']);
        [$capacity, $conduct] = [$known['capacity'] ?? self::HEAT_CAPACITY, $known['conduct'] ?? self::CONDUCTIVITY];
        ImpossibleValue::unlessPositive('heat-capacity', $capacity);
        ImpossibleValue::unlessPositive('conductivity', $conduct);

        return new self(
            $id,
            $name,
            $ratio,
            $density['mixed'],
            $density['cured'],
            $viscosity['value'],
            $viscosity['kelvin'],
            $sheet,
            $law,
            $capacity,
            $conduct,
            $known['refract'] ?? self::REFRACTION,
        );
    }
}
