<?php

declare(strict_types=1);

namespace Pensilis\Material;

/** Ways to dry what is cast in, and how long each takes: the middle of the usual range (common practice). */
enum Drying: string
{
    case None = 'none';
    case Press = 'press';
    case Hang = 'hang';
    case Silica = 'silica';
    case Oven = 'oven';

    /** h */
    public function hours(): float
    {
        return match ($this) {
            self::None => 0.0,
            self::Press, self::Hang => 21.0 * 24.0,
            self::Silica => 5.0 * 24.0,
            // A few hours until it snaps, then a day in the open.
            self::Oven => 30.0,
        };
    }

    public function words(): string
    {
        return match ($this) {
            self::None   => 'nothing to dry',
            self::Press  => 'press flat, 2–4 weeks',
            self::Hang   => 'hang in the dark, 2–4 weeks',
            self::Silica => 'bury in silica gel, 3–7 days',
            self::Oven   => 'low oven until it snaps, then a day in the open',
        };
    }
}
