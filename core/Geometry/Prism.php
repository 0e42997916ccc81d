<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

use Pensilis\Exception\ImpossibleValue;

/** An upright vessel over any section: cylinder, box, regular prism, outline, dammed panel. Invariant: height above 0. */
final readonly class Prism implements VesselShape
{
    private function __construct(private Section $section, private float $height) {}

    public static function over(Section $section, float $height): self
    {
        ImpossibleValue::unlessPositive('height', $height);
        ImpossibleValue::unlessPositive('area', $section->area());

        return new self($section, $height);
    }

    public static function cylinder(float $diameter, float $height): self
    {
        ImpossibleValue::unlessPositive('diameter', $diameter);

        return self::over(Section::ellipse(0.5 * $diameter, 0.5 * $diameter), $height);
    }

    public static function box(float $length, float $width, float $height): self
    {
        ImpossibleValue::unlessPositive('length', $length);
        ImpossibleValue::unlessPositive('width', $width);

        return self::over(Section::rectangle(0.5 * $length, 0.5 * $width), $height);
    }

    public function height(): float
    {
        return $this->height;
    }

    public function sectionAt(float $z): Section
    {
        return $this->section;
    }

    public function volumeTo(float $z): float
    {
        return $this->section->area() * min(max($z, 0.0), $this->height);
    }

    public function isUpright(): bool
    {
        return true;
    }
}
