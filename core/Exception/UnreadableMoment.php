<?php

declare(strict_types=1);

namespace Pensilis\Exception;

use InvalidArgumentException;

/** A text is not a local date and time of the calendar. */
final class UnreadableMoment extends InvalidArgumentException implements PensilisException
{
    public function __construct(public readonly string $text)
    {
        parent::__construct("“{$text}” is not a local date and time; write it as 2026-03-02T18:00, without a zone.");
    }
}
