<?php

declare(strict_types=1);

namespace Pensilis\Material;

/** Ways to dry what is cast in, and how long each usually takes: the middle of the range (common practice). */
enum Drying: string
{
    case None = 'none';
    case Press = 'press';
    case Hang = 'hang';
    case Silica = 'silica';
    case Oven = 'oven';
    case Warm = 'warm';
    case Air = 'air';

    /** h */
    public function hours(): float
    {
        return match ($this) {
            self::None => 0.0,
            self::Press, self::Hang, self::Warm => 21.0 * 24.0,
            self::Silica => 5.0 * 24.0,
            // A few hours until it snaps, then a day in the open.
            self::Oven => 30.0,
            self::Air  => 24.0,
        };
    }
}
