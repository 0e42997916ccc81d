<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

use Pensilis\Exception\ImpossibleValue;

/**
 * A cone or a pyramid with its top, or its bottom, cut off: the section changes evenly with height.
 *
 * V(z) = ∫ c (x0 + x' z)(y0 + y' z) dz, c = π for a cone (half sizes are radii), 4 for a pyramid.
 * Invariant: height above 0, no size negative, at least one end has an area; apex down is a bottom of 0.
 */
final readonly class Frustum implements VesselShape
{
    private function __construct(private Section $bottom, private Section $top, private float $height) {}

    public static function cone(float $bottomDiameter, float $topDiameter, float $height): self
    {
        return self::between(
            Section::ellipse(0.5 * $bottomDiameter, 0.5 * $bottomDiameter),
            Section::ellipse(0.5 * $topDiameter, 0.5 * $topDiameter),
            $height,
        );
    }

    /**
     * @param array{float, float} $bottom length and width
     * @param array{float, float} $top    length and width
     */
    public static function pyramid(array $bottom, array $top, float $height): self
    {
        return self::between(
            Section::rectangle(0.5 * $bottom[0], 0.5 * $bottom[1]),
            Section::rectangle(0.5 * $top[0], 0.5 * $top[1]),
            $height,
        );
    }

    private static function between(Section $bottom, Section $top, float $height): self
    {
        ImpossibleValue::unlessPositive('height', $height);
        foreach ([$bottom->halfX, $bottom->halfY, $top->halfX, $top->halfY] as $half) {
            ImpossibleValue::unlessWithin('end-size_mm', 2e3 * $half, 0.0, INF);
        }
        ImpossibleValue::unlessPositive('ends-area', $bottom->area() + $top->area());

        return new self($bottom, $top, $height);
    }

    public function height(): float
    {
        return $this->height;
    }

    public function sectionAt(float $z): Section
    {
        $share = min(max($z / $this->height, 0.0), 1.0);
        $halfX = $this->bottom->halfX + $share * ($this->top->halfX - $this->bottom->halfX);
        $halfY = $this->bottom->halfY + $share * ($this->top->halfY - $this->bottom->halfY);

        return $this->bottom->round ? Section::ellipse($halfX, $halfY) : Section::rectangle($halfX, $halfY);
    }

    public function volumeTo(float $z): float
    {
        $z = min(max($z, 0.0), $this->height);
        $slopeX = ($this->top->halfX - $this->bottom->halfX) / $this->height;
        $slopeY = ($this->top->halfY - $this->bottom->halfY) / $this->height;
        [$x, $y] = [$this->bottom->halfX, $this->bottom->halfY];

        return ($this->bottom->round ? M_PI : 4.0)
            * ($x * $y * $z + 0.5 * ($x * $slopeY + $y * $slopeX) * $z ** 2 + $slopeX * $slopeY * $z ** 3 / 3.0);
    }

    public function isUpright(): bool
    {
        return abs($this->top->halfX - $this->bottom->halfX) < 1e-12
            && abs($this->top->halfY - $this->bottom->halfY) < 1e-12;
    }
}
