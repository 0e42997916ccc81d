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

    public function words(): string
    {
        return match ($this) {
            self::Display => 'to look at',
            self::Wall    => 'on a wall',
            self::Window  => 'in a window',
            self::Serving => 'to serve on',
            self::HotCups => 'under hot cups',
            self::Flame   => 'with a flame',
        };
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

    public function caution(): ?string
    {
        return match ($this) {
            self::Flame   => 'A candle needs a cup that does not burn, with air around it; never leave it alone.',
            self::HotCups => 'Under hot cups a face softens unless the resin or a top coat is made for it; not for pans.',
            self::Serving => 'Not for food contact unless the maker says so for this resin; put a plate or paper between.',
            self::Window  => 'Sunlight yellows most resins and a lens of resin can gather it: keep clear of what burns.',
            self::Wall    => 'Weigh the finished piece and hang it by what bears several times that.',
            default       => null,
        };
    }
}
