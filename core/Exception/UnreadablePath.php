<?php

declare(strict_types=1);

namespace Pensilis\Exception;

use InvalidArgumentException;

/** A text is not the path data of one closed outline. */
final class UnreadablePath extends InvalidArgumentException implements PensilisException
{
    public static function at(int $offset, string $what): self
    {
        return new self("The outline cannot be read at character {$offset}: {$what}. One closed outline of M, L, H, V, C, S, Q, T, A and Z is wanted.");
    }

    public static function empty(): self
    {
        return new self('The outline encloses nothing; write path data in millimetres, such as “M0 0 H80 V50 H0 Z”.');
    }

    public static function tooMany(int $most): self
    {
        return new self("The outline has more than {$most} parts; draw it with fewer.");
    }
}
