<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Colour\Shade;

/** What lies behind a piece where it is looked at (shades memory). Paper is the default: most are judged on a white sheet. */
enum Behind: string
{
    case Paper = 'paper';
    case Wood = 'wood';
    case Dark = 'dark';

    public function shade(): Shade
    {
        return Shade::hex(match ($this) {
            self::Paper => '#f2efe8',
            self::Wood  => '#b48a5c',
            self::Dark  => '#2b2a28',
        });
    }
}
