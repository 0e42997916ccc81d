<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

use Pensilis\Exception\ImpossibleValue;

/** An upright round vessel. Invariant: diameter and height above 0. */
final readonly class Cylinder implements VesselShape
{
    private function __construct(private float $radius, private float $height) {}

    public static function of(float $diameter, float $height): self
    {
        ImpossibleValue::unlessPositive('diameter', $diameter);
        ImpossibleValue::unlessPositive('height', $height);

        return new self(0.5 * $diameter, $height);
    }

    public function height(): float
    {
        return $this->height;
    }

    public function sectionAt(float $z): Section
    {
        return Section::ellipse($this->radius, $this->radius);
    }

    public function volumeTo(float $z): float
    {
        return M_PI * $this->radius ** 2 * min(max($z, 0.0), $this->height);
    }

    public function isUpright(): bool
    {
        return true;
    }
}
