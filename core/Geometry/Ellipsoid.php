<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

use Pensilis\Exception\ImpossibleValue;

/**
 * An ellipsoid by its three full extents; cones, fruits, pebbles.
 *
 * Below z: the spherical cap πz²(3R − z)/3 (CRC Standard Mathematical Tables), stretched.
 * Invariant: all extents above 0.
 */
final readonly class Ellipsoid implements Solid
{
    /** Exponent of Thomsen's surface formula: within 1.1 % (memory). */
    private const P = 1.6075;

    private function __construct(private float $a, private float $b, private float $c) {}

    public static function of(float $x, float $y, float $z): self
    {
        foreach ([$x, $y, $z] as $extent) {
            ImpossibleValue::unlessPositive('size', $extent);
        }

        return new self(0.5 * $x, 0.5 * $y, 0.5 * $z);
    }

    public function height(): float
    {
        return 2.0 * $this->c;
    }

    public function sectionAt(float $z): Section
    {
        $z = min(max($z, 0.0), 2.0 * $this->c);
        $scale = sqrt($z * (2.0 * $this->c - $z)) / $this->c;

        return Section::ellipse($this->a * $scale, $this->b * $scale);
    }

    public function volumeBelow(float $z): float
    {
        $z = min(max($z, 0.0), 2.0 * $this->c);

        return M_PI * $z * $z * (3.0 * $this->c - $z) / 3.0 * $this->a * $this->b / $this->c ** 2;
    }

    public function surfaceArea(): float
    {
        [$a, $b, $c] = [$this->a ** self::P, $this->b ** self::P, $this->c ** self::P];

        return 4.0 * M_PI * (($a * $b + $a * $c + $b * $c) / 3.0) ** (1.0 / self::P);
    }

    public function support(float $x, float $y, float $z): array
    {
        $length = sqrt(($this->a * $x) ** 2 + ($this->b * $y) ** 2 + ($this->c * $z) ** 2);

        return $length > 0.0
            ? [$this->a ** 2 * $x / $length, $this->b ** 2 * $y / $length, $this->c + $this->c ** 2 * $z / $length]
            : [0.0, 0.0, $this->c];
    }

    public function footprint(): Section
    {
        return Section::ellipse($this->a, $this->b);
    }
}
