<?php

declare(strict_types=1);

namespace Pensilis\Plan;

/**
 * What a piece is for, and what follows for resin and thickness.
 *
 * Least heat ratings and thicknesses are memory; cautions common practice. Labels and data sheets go first.
 */
enum Service: string
{
    case Display = 'display';
    case Wall = 'wall';
    case Window = 'window';
    case Serving = 'serving';
    case HotCups = 'hot-cups';
    case Flame = 'flame';

    /** Whether its heat comes onto one face, and a top coat that bears it keeps it from what lies below (common practice). */
    public function heatsFace(): bool
    {
        return $this === self::HotCups || $this === self::Serving;
    }

    /** Heat deflection that its resin must have, °C; null where any does. */
    public function leastDeflection(): ?float
    {
        return match ($this) {
            self::HotCups => 70.0,
            self::Flame   => 80.0,
            self::Serving => 50.0,
            self::Window  => 45.0,
            default       => null,
        };
    }

    /** m */
    public function leastThickness(): float
    {
        return match ($this) {
            self::Serving => 0.008,
            self::HotCups => 0.006,
            self::Flame   => 0.010,
            self::Wall    => 0.004,
            default       => 0.0,
        };
    }
}
