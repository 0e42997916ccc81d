<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

use Pensilis\Exception\ImpossibleValue;

/**
 * A bowl filled from its pole: V(z) = πz²(3R − z)/3, the spherical cap (CRC Standard Mathematical Tables).
 *
 * Invariant: diameter above 0; the height is the radius.
 */
final readonly class Hemisphere implements VesselShape
{
    private function __construct(private float $radius) {}

    public static function of(float $diameter): self
    {
        ImpossibleValue::unlessPositive('diameter', $diameter);

        return new self(0.5 * $diameter);
    }

    public function height(): float
    {
        return $this->radius;
    }

    public function sectionAt(float $z): Section
    {
        $z = min(max($z, 0.0), $this->radius);
        $radius = sqrt($z * (2.0 * $this->radius - $z));

        return Section::ellipse($radius, $radius);
    }

    public function volumeTo(float $z): float
    {
        $z = min(max($z, 0.0), $this->radius);

        return M_PI * $z * $z * (3.0 * $this->radius - $z) / 3.0;
    }

    public function isUpright(): bool
    {
        return false;
    }
}
