<?php

declare(strict_types=1);

namespace App\Models;

use RuntimeException;
use Throwable;

/** The disk has no room for what was to be kept, or refuses it. */
final class NoRoom extends RuntimeException
{
    /** As SQLite and the system say it. */
    private const SAID = '/database or disk is full|disk I\/O error|No space left|out of free disk space|File too large|quota exceeded/i';

    public static function for(string $place): self
    {
        return new self("There is no room to keep {$place}.");
    }

    public static function isMeantBy(Throwable $failure): bool
    {
        return $failure instanceof self || preg_match(self::SAID, $failure->getMessage()) === 1;
    }
}
