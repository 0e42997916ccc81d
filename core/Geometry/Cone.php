<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

use Pensilis\Exception\ImpossibleValue;

/**
 * A cone standing along z, apex up, round or oval; the volume below z is that of a frustum (CRC Standard Mathematical Tables).
 *
 * Invariant: all extents above 0.
 */
final readonly class Cone implements Solid
{
    private function __construct(private Section $base, private float $height) {}

    public static function of(float $x, float $y, float $z): self
    {
        foreach ([$x, $y, $z] as $extent) {
            ImpossibleValue::unlessPositive('size', $extent);
        }

        return new self(Section::ellipse(0.5 * $x, 0.5 * $y), $z);
    }

    public function height(): float
    {
        return $this->height;
    }

    public function sectionAt(float $z): Section
    {
        $scale = 1.0 - min(max($z / $this->height, 0.0), 1.0);

        return Section::ellipse($this->base->halfX * $scale, $this->base->halfY * $scale);
    }

    public function volumeBelow(float $z): float
    {
        $left = 1.0 - min(max($z / $this->height, 0.0), 1.0);

        return $this->base->area() * $this->height / 3.0 * (1.0 - $left ** 3);
    }

    /** Base and flank πrs; an oval one by its mean radius (a few per cent; memory). */
    public function surfaceArea(): float
    {
        $radius = sqrt($this->base->halfX * $this->base->halfY);

        return $this->base->area() + M_PI * $radius * hypot($radius, $this->height);
    }

    public function footprint(): Section
    {
        return $this->base;
    }

    public function support(float $x, float $y, float $z): array
    {
        [$px, $py] = $this->base->support($x, $y);

        return $z * $this->height > $x * $px + $y * $py ? [0.0, 0.0, $this->height] : [$px, $py, 0.0];
    }
}
