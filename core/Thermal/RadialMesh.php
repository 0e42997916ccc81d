<?php

declare(strict_types=1);

namespace Pensilis\Thermal;

use Pensilis\Exception\ImpossibleValue;
use Pensilis\Vessel\Sheet;

/**
 * Rings from the axis outward: resin first, narrower towards the wall (Grades), then the wall. Lengths in metres.
 *
 * Invariant: faces strictly increase from 0; a slab is one ring of 1 m² whose rim lets no heat through.
 */
final readonly class RadialMesh
{
    /** Rings across the resin and across the wall. */
    private const RESIN_RINGS = 8;

    private const WALL_RINGS = 2;

    /** @param non-empty-list<float> $faces */
    private function __construct(public array $faces, public int $resinRings, public bool $open) {}

    public static function round(float $radius, ?Sheet $wall, int $rings = self::RESIN_RINGS): self
    {
        ImpossibleValue::unlessPositive('radius', $radius);
        $faces = array_map(fn(float $share): float => $radius * $share, Grades::outward($rings));
        for ($i = 1; $wall !== null && $i <= self::WALL_RINGS; $i++) {
            $faces[] = $radius + $wall->thickness * $i / self::WALL_RINGS;
        }

        return new self($faces, $rings, true);
    }

    /** Wide enough that only depth counts. */
    public static function slab(): self
    {
        return new self([0.0, 1.0 / sqrt(M_PI)], 1, false);
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
        return M_PI * ($this->faces[$ring + 1] ** 2 - $this->faces[$ring] ** 2);
    }

    /** m² of the outer face of a ring, for a metre of height */
    public function side(int $ring): float
    {
        return 2.0 * M_PI * $this->faces[$ring + 1];
    }
}
