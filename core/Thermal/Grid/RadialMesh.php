<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Grid;

use Pensilis\Exception\ImpossibleValue;
use Pensilis\Vessel\Sheet;

/**
 * Rings from the axis outward: resin first, narrower towards the wall (Grades), then the wall. Lengths in metres.
 *
 * Areas grow with the distance to the power j + 1: by what a circle has (j = 1), or less where it stands for a section that is long
 * (EquivalentSection). Invariant: faces strictly increase from 0; a slab is one ring of 1 m² whose rim lets no heat through.
 */
final readonly class RadialMesh implements Mesh
{
    /** Rings across the resin. */
    private const RESIN_RINGS = 8;

    /** @param non-empty-list<float> $faces */
    private function __construct(private array $faces, private int $resinRings, private bool $open, private float $power) {}

    public static function round(float $radius, ?Sheet $wall, int $rings = self::RESIN_RINGS): self
    {
        return self::ofSection(EquivalentSection::circle($radius), $wall, $rings);
    }

    public static function ofSection(EquivalentSection $section, ?Sheet $wall, int $rings = self::RESIN_RINGS): self
    {
        ImpossibleValue::unlessPositive('radius', $section->radius);
        $radius = $section->radius;
        $faces = array_map(fn(float $share): float => $radius * $share, Grades::outward($rings));
        foreach (Grades::into($wall) as $into) {
            $faces[] = $radius + $into;
        }

        return new self($faces, $rings, true, $section->power);
    }

    /** Wide enough that only depth counts. */
    public static function slab(): self
    {
        return new self([0.0, 1.0 / sqrt(M_PI)], 1, false, 1.0);
    }

    public function cells(): int
    {
        return $this->rings();
    }

    public function rings(): int
    {
        return count($this->faces) - 1;
    }

    public function resinRings(): int
    {
        return $this->resinRings;
    }

    public function face(int $face): float
    {
        return $this->faces[$face];
    }

    public function isOpen(): bool
    {
        return $this->open;
    }

    public function ring(int $cell): int
    {
        return $cell;
    }

    public function area(int $cell): float
    {
        return $this->within($this->faces[$cell + 1]) - $this->within($this->faces[$cell]);
    }

    public function strides(): array
    {
        return [1];
    }

    public function isFirst(int $cell, int $direction): bool
    {
        return $cell === 0;
    }

    public function isLast(int $cell, int $direction): bool
    {
        return $cell + 1 === $this->rings();
    }

    public function width(int $cell, int $direction): float
    {
        return $this->faces[$cell + 1] - $this->faces[$cell];
    }

    public function side(int $cell, int $direction): float
    {
        return $this->around($this->faces[$cell + 1]);
    }

    public function middle(int $cell, int $direction): float
    {
        return 0.5 * ($this->faces[$cell] + $this->faces[$cell + 1]);
    }

    public function edges(): array
    {
        return [$this->faces[$this->resinRings]];
    }

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
