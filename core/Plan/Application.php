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

    public function words(): string
    {
        return match ($this) {
            self::Lettering => 'film lettering',
            self::Stencil   => 'stencil',
            self::Paint     => 'paint line or marker',
            self::Stamp     => 'stamp with fused powder',
            self::Adhesive  => 'adhesive with glitter or leaf',
            self::Scatter   => 'glitter scattered on tack',
        };
    }

    /** When the surface takes it. */
    public function readiness(): string
    {
        return $this->wantsTack() ? 'while it is tacky and firm: a fingernail marks it, nothing sticks to the glove' : 'once it is firm and takes no fingerprint';
    }

    /** Whether it goes on the tacky surface; all others want it firm. */
    public function wantsTack(): bool
    {
        return $this === self::Scatter;
    }

    /** Whether it has a right way round. */
    public function reads(): bool
    {
        return in_array($this, [self::Lettering, self::Stencil, self::Paint, self::Stamp], true);
    }

    /** Hours of work. */
    public function working(): float
    {
        return match ($this) {
            self::Lettering, self::Stencil, self::Stamp => 0.5,
            self::Paint    => 0.35,
            self::Adhesive => 0.25,
            self::Scatter  => 0.1,
        };
    }

    /** Hours that it dries before a coat may cover it; an adhesive a quarter of an hour (common practice). */
    public function drying(): float
    {
        return match ($this) {
            self::Lettering, self::Scatter => 0.0,
            self::Stencil, self::Paint => 1.0,
            self::Stamp, self::Adhesive => 0.25,
        };
    }

    /** @return list<string> what is done and looked for */
    public function checks(): array
    {
        return match ($this) {
            self::Lettering => ['weed it', 'press from the middle outward', 'lift the carrier slowly', 'look for raised corners: they hold air'],
            self::Stencil   => ['press the edge down', 'little on the brush', 'lift it while wet', 'clean the edges'],
            self::Paint     => ['one thin line', 'let it dry: wet paint bleeds into the coat'],
            self::Stamp     => ['powder on the wet stamp', 'fuse it from a distance, never with a flame near alcohol', 'blow strays off'],
            self::Adhesive  => ['thin and even', 'wait until it is clear and tacky', 'glitter or leaf on', 'lift strays with tape'],
            self::Scatter   => ['scatter from a hand\'s breadth', 'tap strays off', 'cover it: dust sticks too'],
        };
    }
}
