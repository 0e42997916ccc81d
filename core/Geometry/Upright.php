<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

use Pensilis\Exception\ImpossibleValue;

/**
 * An object with upright sides: a block, a cylinder or a disc, standing along z.
 *
 * Invariant: all extents above 0.
 */
final readonly class Upright implements Solid
{
    private function __construct(private Section $section, private float $height) {}

    public static function block(float $x, float $y, float $z): self
    {
        return self::standing(Section::rectangle(0.5 * $x, 0.5 * $y), $z);
    }

    /** A cylinder or disc; x and y differ for an oval one. */
    public static function cylinder(float $x, float $y, float $z): self
    {
        return self::standing(Section::ellipse(0.5 * $x, 0.5 * $y), $z);
    }

    private static function standing(Section $section, float $height): self
    {
        foreach ([$section->halfX, $section->halfY, $height] as $extent) {
            ImpossibleValue::unlessPositive('size', $extent);
        }

        return new self($section, $height);
    }

    public function height(): float
    {
        return $this->height;
    }

    public function sectionAt(float $z): Section
    {
        return $this->section;
    }

    public function volumeBelow(float $z): float
    {
        return $this->section->area() * min(max($z, 0.0), $this->height);
    }

    public function surfaceArea(): float
    {
        return 2.0 * $this->section->area() + $this->section->perimeter() * $this->height;
    }

    public function support(float $x, float $y, float $z): array
    {
        return [...$this->section->support($x, $y), $z < 0.0 ? 0.0 : $this->height];
    }

    public function footprint(): Section
    {
        return $this->section;
    }
}
