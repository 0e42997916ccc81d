<?php

declare(strict_types=1);

namespace Pensilis\Material;

/** What keeps an object at its height while it is covered. */
enum Hold: string
{
    case Auto = 'auto';
    case Rest = 'rest';
    case Tack = 'tack';
    case Hang = 'hang';

    /** Whether it stays down however deep it is covered: pressed into tack, or onto a dab that has gelled (common practice). */
    public function holdsDown(): bool
    {
        return $this === self::Tack;
    }

    /** Hung objects need no set layer under them. */
    public function needsLayer(): bool
    {
        return $this !== self::Hang;
    }
}
