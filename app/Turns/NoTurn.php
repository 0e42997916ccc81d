<?php

declare(strict_types=1);

namespace App\Turns;

use RuntimeException;

/** What a page needs takes long, and as many compute already as may; it is asked for again. */
final class NoTurn extends RuntimeException
{
    /** s until it is asked for again */
    public const AGAIN = 3;
}
