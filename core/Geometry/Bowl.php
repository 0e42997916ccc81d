<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

use Pensilis\Exception\ImpossibleValue;

/**
 * A hollow ball filled from its pole: a hemisphere, or a sphere with a neck to fill it through.
 *
 * V(z) = πz²(3R − z)/3, the spherical cap (CRC Standard Mathematical Tables), and a cylinder in the neck.
 * Invariant: diameter above 0, neck narrower than the ball.
 */
final readonly class Bowl implements VesselShape
{
    private function __construct(private float $radius, private float $cut, private float $neckRadius, private float $neckHeight) {}

    public static function hemisphere(float $diameter): self
    {
        ImpossibleValue::unlessPositive('diameter', $diameter);

        return new self(0.5 * $diameter, 0.5 * $diameter, 0.5 * $diameter, 0.0);
    }

    /** The ball is cut where it is as wide as its neck. */
    public static function sphere(float $diameter, float $neckDiameter = 0.0, float $neckHeight = 0.0): self
    {
        ImpossibleValue::unlessPositive('diameter', $diameter);
        ImpossibleValue::unlessWithin('neck-diameter_mm', 1e3 * $neckDiameter, 0.0, 999.0 * $diameter);
        ImpossibleValue::unlessWithin('neck-height_mm', 1e3 * $neckHeight, 0.0, $neckDiameter > 0.0 ? INF : 0.0);
        $radius = 0.5 * $diameter;

        return new self($radius, $radius + sqrt($radius ** 2 - 0.25 * $neckDiameter ** 2), 0.5 * $neckDiameter, $neckHeight);
    }

    public function height(): float
    {
        return $this->cut + $this->neckHeight;
    }

    public function sectionAt(float $z): Section
    {
        $z = min(max($z, 0.0), $this->height());
        $radius = $z > $this->cut ? $this->neckRadius : sqrt(max(0.0, $z * (2.0 * $this->radius - $z)));

        return Section::ellipse($radius, $radius);
    }

    public function volumeTo(float $z): float
    {
        $z = min(max($z, 0.0), $this->height());
        $below = min($z, $this->cut);

        return M_PI * ($below * $below * (3.0 * $this->radius - $below) / 3.0 + $this->neckRadius ** 2 * ($z - $below));
    }

    public function isUpright(): bool
    {
        return false;
    }
}
