<?php

declare(strict_types=1);

namespace Pensilis\Material;

use Pensilis\Exception\ImpossibleValue;
use Pensilis\Value\Copied;

/**
 * What an object is made of: a solid skeleton with pores.
 *
 * Invariant: skeleton density above 0 (kg/m³); open and closed porosity each in [0, 1], together below 1;
 * moisture is a mass share in percent, what is left of it where it was weighed while it dried.
 */
final readonly class Substance
{
    use Copied;

    private const DRYING = 14.0 * 24.0;

    /** Skeletons of things that people cast, g/cm³: lighter than any foam's, heavier than osmium (22.6, CRC Handbook). */
    private const LIGHTEST = 0.01;

    private const HEAVIEST = 25.0;

    /** Skeletons from here on are of stone, shell, bone or glass, and from there on of metal; kg/m³. */
    private const MINERAL = 1900.0;

    private const METAL = 5000.0;

    /** W/(m·K) and J/(kg·K): wood, paper, horn, plastics; stone, shell and glass (Incropera & DeWitt, table A.3, rounded). */
    private const ORGANIC_HEAT = [0.2, 1400.0];

    private const MINERAL_HEAT = [2.0, 850.0];

    /** Metals hold about as much in the same room, 2.4 to 3.9 MJ/(m³·K), and conduct so well that it makes no difference how well (A.1). */
    private const METAL_CONDUCTS = 100.0;

    private const METAL_HOLDS = 3.0e6;

    private function __construct(
        public float $skeletonDensity,
        public float $openPorosity,
        public float $closedPorosity,
        public float $moisturePercent,
        public ?float $greatestCelsius,
        public bool $bleeds,
        public bool $soaks,
        public bool $fades,
        public ?Drying $drying,
        private ?float $dryingHours,
        public ?Weighings $weighings = null,
        public Keeping $keeping = Keeping::Test,
    ) {}

    public static function of(
        float $skeletonDensity,
        float $openPorosity = 0.0,
        float $closedPorosity = 0.0,
        float $moisturePercent = 0.0,
        ?float $greatestCelsius = null,
        bool $bleeds = false,
        bool $soaks = false,
        bool $fades = false,
        ?Drying $drying = null,
        ?float $dryingHours = null,
        ?Weighings $weighings = null,
        Keeping $keeping = Keeping::Test,
    ): self {
        ImpossibleValue::unlessPositive('skeleton-density', $skeletonDensity);
        ImpossibleValue::unlessWithin('open-porosity', $openPorosity, 0.0, 1.0);
        ImpossibleValue::unlessWithin('closed-porosity', $closedPorosity, 0.0, 1.0);
        ImpossibleValue::unlessWithin('porosity', $openPorosity + $closedPorosity, 0.0, 0.999);
        ImpossibleValue::unlessWithin('moisture_pct', $moisturePercent, 0.0, 100.0);

        return new self(
            $skeletonDensity,
            $openPorosity,
            $closedPorosity,
            $weighings === null ? $moisturePercent : $weighings->left($moisturePercent),
            $greatestCelsius,
            $bleeds,
            $soaks,
            $fades,
            $drying,
            $dryingHours,
            $weighings,
            $keeping,
        );
    }

    /**
     * The same, of an object that was weighed dry: its skeleton is as dense as mass and volume say.
     *
     * @param float $kilograms dry, without coats
     * @param float $envelope  m³ that it takes, pores and all
     *
     * @throws ImpossibleValue where nothing is as light or as heavy as that
     */
    public function weighing(float $kilograms, float $envelope): self
    {
        $skeleton = $kilograms / $envelope / (1.0 - $this->openPorosity - $this->closedPorosity);
        ImpossibleValue::unlessWithin('weighed-density', 1e-3 * $skeleton, self::LIGHTEST, self::HEAVIEST);

        return $this->but(skeletonDensity: $skeleton);
    }

    /** Hours until it is dry, where it is damp now: as it is told, else as its way of drying takes, else two weeks (common practice). */
    public function dryingHours(): float
    {
        return $this->dryingHours ?? $this->drying?->hours() ?? self::DRYING;
    }

    /** Dry, pores full of air, as heat meets it: its skeleton by its density, and Maxwell's law for the pores. */
    public function stuff(): Stuff
    {
        [$conductivity, $capacity] = match (true) {
            $this->skeletonDensity < self::MINERAL => self::ORGANIC_HEAT,
            $this->skeletonDensity < self::METAL   => self::MINERAL_HEAT,
            default                                => [self::METAL_CONDUCTS, self::METAL_HOLDS / $this->skeletonDensity],
        };

        $skeleton = Stuff::of($conductivity, $this->skeletonDensity, $capacity);

        return $skeleton->around(Stuff::air(), $this->openPorosity + $this->closedPorosity);
    }

    /** Dry bulk density ρs(1 − φ − φc), kg/m³. */
    public function dryBulkDensity(): float
    {
        return $this->skeletonDensity * (1.0 - $this->openPorosity - $this->closedPorosity);
    }
}
