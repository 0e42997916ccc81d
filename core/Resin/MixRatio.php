<?php

declare(strict_types=1);

namespace Pensilis\Resin;

use Pensilis\Exception\ImpossibleValue;

/**
 * How much hardener B goes to resin A, as the label says it: by weight or by volume.
 *
 * The other one follows from the densities of A and B. Invariant: both parts and densities above 0.
 */
final readonly class MixRatio
{
    /** How far from the label most resins cure well, as a share (memory). */
    private const TOLERANCE = 0.03;

    /** @param array{float, float}|null $volumeParts of a label that goes by volume */
    private function __construct(
        private float $hardenerPerResin,
        private float $densityA,
        private float $densityB,
        private ?array $volumeParts = null,
        public float $tolerance = self::TOLERANCE,
    ) {}

    /** The same that forgives so much, as a share. */
    public function within(float $tolerance): self
    {
        ImpossibleValue::unlessWithin('ratio-tolerance_pct', 100.0 * $tolerance, 0.1, 20.0);

        return new self($this->hardenerPerResin, $this->densityA, $this->densityB, $this->volumeParts, $tolerance);
    }

    public static function byWeight(float $a, float $b, float $densityA, float $densityB): self
    {
        ImpossibleValue::unlessPositive('part-a', $a);
        ImpossibleValue::unlessPositive('part-b', $b);
        ImpossibleValue::unlessPositive('density-a', $densityA);
        ImpossibleValue::unlessPositive('density-b', $densityB);

        return new self($b / $a, $densityA, $densityB);
    }

    public static function byVolume(float $a, float $b, float $densityA, float $densityB): self
    {
        ImpossibleValue::unlessPositive('density-a', $densityA);
        ImpossibleValue::unlessPositive('part-a', $a);

        $weight = self::byWeight($a * $densityA, $b * $densityB, $densityA, $densityB);

        return new self($weight->hardenerPerResin, $densityA, $densityB, [$a, $b]);
    }

    /** Mass of B for one of A. */
    public function byMass(): float
    {
        return $this->hardenerPerResin;
    }

    /** @return array{float, float}|null parts of A and B as a label by volume says them */
    public function volumeParts(): ?array
    {
        return $this->volumeParts;
    }

    /** g/ml */
    public function gramsA(): float
    {
        return 1e-3 * $this->densityA;
    }

    /** g/ml */
    public function gramsB(): float
    {
        return 1e-3 * $this->densityB;
    }

    /** @return array{float, float} mass of A and of B in a mass of mix, same unit */
    public function split(float $mass): array
    {
        $a = $mass / (1.0 + $this->hardenerPerResin);

        return [$a, $mass - $a];
    }

    /** @return array{float, float} volume of A and of B in a mass of mix: kg give m³ */
    public function volumes(float $mass): array
    {
        [$a, $b] = $this->split($mass);

        return [$a / $this->densityA, $b / $this->densityB];
    }
}
