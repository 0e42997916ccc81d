<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

use Pensilis\Exception\ImpossibleValue;

/**
 * A rod lying along x, round or oval: stems, feather shafts, needles.
 *
 * Below z its cross-section is a segment of an ellipse: ab(acos(u) − u√(1 − u²)), u = 1 − z/b (CRC Standard
 * Mathematical Tables). Invariant: all extents above 0.
 */
final readonly class Rod implements Solid
{
    private function __construct(private float $halfLength, private float $halfWidth, private float $halfHeight) {}

    public static function of(float $x, float $y, float $z): self
    {
        foreach ([$x, $y, $z] as $extent) {
            ImpossibleValue::unlessPositive('size', $extent);
        }

        return new self(0.5 * $x, 0.5 * $y, 0.5 * $z);
    }

    public function height(): float
    {
        return 2.0 * $this->halfHeight;
    }

    public function sectionAt(float $z): Section
    {
        $z = min(max($z, 0.0), 2.0 * $this->halfHeight);
        $scale = sqrt($z * (2.0 * $this->halfHeight - $z)) / $this->halfHeight;

        return Section::rectangle($this->halfLength, $this->halfWidth * $scale);
    }

    public function volumeBelow(float $z): float
    {
        $u = 1.0 - min(max($z / $this->halfHeight, 0.0), 2.0);

        return 2.0 * $this->halfLength * $this->halfWidth * $this->halfHeight * (acos($u) - $u * sqrt(max(0.0, 1.0 - $u * $u)));
    }

    public function surfaceArea(): float
    {
        $end = Section::ellipse($this->halfWidth, $this->halfHeight);

        return 2.0 * $end->area() + 2.0 * $this->halfLength * $end->perimeter();
    }

    public function footprint(): Section
    {
        return Section::rectangle($this->halfLength, $this->halfWidth);
    }

    public function support(float $x, float $y, float $z): array
    {
        [$py, $pz] = Section::ellipse($this->halfWidth, $this->halfHeight)->support($y, $z);

        return [$x < 0.0 ? -$this->halfLength : $this->halfLength, $py, $this->halfHeight + $pz];
    }
}
