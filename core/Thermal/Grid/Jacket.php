<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Grid;

use Pensilis\Vessel\Convection;
use Pensilis\Vessel\Sheet;

/** The wall around a section and the air outside it, in series: what they let through, W/(m²·K) of the inside. */
final readonly class Jacket
{
    /**
     * What a square corner gives off besides, in thicknesses of the wall: its two outer faces, and a seventh more. With it peaks and first
     * gels came nearest to those of 32 boxes in molds of 4 and 10 mm in three dimensions (docs/model.md).
     */
    private const CORNER = 2.3;

    private function __construct(private float $air, private float $wall, private float $conductivity) {}

    public static function of(?Sheet $wall): self
    {
        return $wall === null ? self::bare() : new self(Convection::COEFFICIENT, $wall->thickness, $wall->stuff->conductivity);
    }

    /** Nothing but air. */
    public static function bare(float $toAir = Convection::COEFFICIENT): self
    {
        return new self($toAir, 0.0, 1.0);
    }

    public function flat(): float
    {
        return 1.0 / (1.0 / $this->air + $this->wall / $this->conductivity);
    }

    /** Around what is round, by its radius in m and the power by which its rings grow: outside there is more than inside. */
    public function around(float $radius, float $power): float
    {
        $grown = fn(float $thickness): float => (1.0 + $thickness / $radius) ** $power;

        return 1.0 / (1.0 / ($this->air * $grown($this->wall)) + $this->wall / ($this->conductivity * $grown(0.5 * $this->wall)));
    }

    /** How much longer an edge is, for what leaves, by a corner that turns it, radians (less than none: inward); m */
    public function corner(float $turn): float
    {
        return self::CORNER * $this->wall * tan(0.5 * $turn);
    }
}
