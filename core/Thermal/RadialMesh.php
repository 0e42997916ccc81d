<?php

declare(strict_types=1);

namespace Pensilis\Thermal;

use Pensilis\Exception\ImpossibleValue;
use Pensilis\Vessel\Sheet;

/**
 * Rings from the axis outward: resin first, narrower towards the wall (Grades), then the wall. Lengths in metres.
 *
 * Areas grow with the distance to the power j + 1: by what a circle has (j = 1), or less where it stands for a section that is long
 * (EquivalentSection). Invariant: faces strictly increase from 0; a slab is one ring of 1 m² whose rim lets no heat through.
 */
final readonly class RadialMesh
{
    /** Rings across the resin and across the wall. */
    private const RESIN_RINGS = 8;

    private const WALL_RINGS = 2;

    /** @param non-empty-list<float> $faces */
    private function __construct(public array $faces, public int $resinRings, public bool $open, private float $power) {}

    public static function round(float $radius, ?Sheet $wall, int $rings = self::RESIN_RINGS): self
    {
        return self::ofSection(EquivalentSection::circle($radius), $wall, $rings);
    }

    public static function ofSection(EquivalentSection $section, ?Sheet $wall, int $rings = self::RESIN_RINGS): self
    {
        ImpossibleValue::unlessPositive('radius', $section->radius);
        $radius = $section->radius;
        $faces = array_map(fn(float $share): float => $radius * $share, Grades::outward($rings));
        for ($i = 1; $wall !== null && $i <= self::WALL_RINGS; $i++) {
            $faces[] = $radius + $wall->thickness * $i / self::WALL_RINGS;
        }

        return new self($faces, $rings, true, $section->power);
    }

    /** Wide enough that only depth counts. */
    public static function slab(): self
    {
        return new self([0.0, 1.0 / sqrt(M_PI)], 1, false, 1.0);
    }

    public function rings(): int
    {
        return count($this->faces) - 1;
    }

    public function width(int $ring): float
    {
        return $this->faces[$ring + 1] - $this->faces[$ring];
    }

    /** m² of the ring seen from above */
    public function area(int $ring): float
    {
        return $this->within($this->faces[$ring + 1]) - $this->within($this->faces[$ring]);
    }

    /** m² of the outer face of a ring, for a metre of height */
    public function side(int $ring): float
    {
        return $this->around($this->faces[$ring + 1]);
    }

    /** Radius of the disc that has the area within a face, m */
    public function disc(int $face): float
    {
        return sqrt($this->within($this->faces[$face]) / M_PI);
    }

    /** m² within a distance of the middle; within the resin, what a circle has */
    public function within(float $distance): float
    {
        $radius = $this->faces[$this->resinRings];

        return M_PI * $radius * $radius * ($distance / $radius) ** ($this->power + 1.0);
    }

    /** m² at a distance of the middle, for a metre of height */
    public function around(float $distance): float
    {
        return ($this->power + 1.0) * $this->within($distance) / $distance;
    }
}
