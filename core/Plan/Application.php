<?php

declare(strict_types=1);

namespace Pensilis\Plan;

/**
 * Thin decoration on a set surface: a step of its own between two coats (common practice; hours memory). The label of film, paint or
 * adhesive goes first.
 */
enum Application: string
{
    case Lettering = 'lettering';
    case Stencil = 'stencil';
    case Paint = 'paint';
    case Stamp = 'stamp';
    case Adhesive = 'adhesive';
    case Scatter = 'scatter';
    case Drops = 'drops';

    /** Whether it goes on the tacky surface; all others want it firm. */
    public function wantsTack(): bool
    {
        return $this === self::Scatter;
    }

    /** Whether it falls where it is strewn or dropped: on all of the face, where nothing says how much of it. */
    public function isStrewn(): bool
    {
        return $this === self::Scatter || $this === self::Drops;
    }

    /** Whether it has a right way round. */
    public function reads(): bool
    {
        return in_array($this, [self::Lettering, self::Stencil, self::Paint, self::Stamp], true);
    }

    /** Whether it is only ever done on a wet coat. */
    public function isOnlyWet(): bool
    {
        return $this === self::Drops;
    }

    /** Hours of work. */
    public function working(): float
    {
        return match ($this) {
            self::Lettering, self::Stencil, self::Stamp => 0.5,
            self::Paint    => 0.35,
            self::Adhesive => 0.25,
            self::Scatter, self::Drops => 0.1,
        };
    }

    /** Hours that it dries before a coat may cover it; an adhesive a quarter of an hour (common practice). */
    public function drying(): float
    {
        return match ($this) {
            self::Lettering, self::Scatter, self::Drops => 0.0,
            self::Stencil, self::Paint => 1.0,
            self::Stamp, self::Adhesive => 0.25,
        };
    }
}
