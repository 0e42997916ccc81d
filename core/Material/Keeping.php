<?php

declare(strict_types=1);

namespace Pensilis\Material;

/**
 * The schools of what is done about a colour that may fade in resin (common practice). A test piece is the default: only that shows it.
 */
enum Keeping: string
{
    case Test = 'test';
    case Dye = 'dye';
    case Accept = 'accept';

    /** Hours that dye dries before anything else is done (memory). */
    public const DRIES = 24.0;
}
