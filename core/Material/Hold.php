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
    case Thick = 'thick';

    /** Whether it stays down however deep it is covered: pressed into tack, or onto a dab that has gelled (common practice). */
    public function holdsDown(): bool
    {
        return $this === self::Tack;
    }

    /** What hangs, or goes in once its coat has thickened, needs no set layer under it. */
    public function needsLayer(): bool
    {
        return $this !== self::Hang && $this !== self::Thick;
    }

    /** Whether it goes in when its coat has thickened so far that it drifts no more, not as that is poured. */
    public function isLate(): bool
    {
        return $this === self::Thick;
    }
}
