<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

use Pensilis\Exception\ImpossibleValue;

/** An upright rectangular vessel, length along x. Invariant: all sizes above 0. */
final readonly class Box implements VesselShape
{
    private function __construct(private float $length, private float $width, private float $height) {}

    public static function of(float $length, float $width, float $height): self
    {
        ImpossibleValue::unlessPositive('length', $length);
        ImpossibleValue::unlessPositive('width', $width);
        ImpossibleValue::unlessPositive('height', $height);

        return new self($length, $width, $height);
    }

    public function height(): float
    {
        return $this->height;
    }

    public function sectionAt(float $z): Section
    {
        return Section::rectangle(0.5 * $this->length, 0.5 * $this->width);
    }

    public function volumeTo(float $z): float
    {
        return $this->length * $this->width * min(max($z, 0.0), $this->height);
    }

    public function isUpright(): bool
    {
        return true;
    }
}
