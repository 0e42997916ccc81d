<?php

declare(strict_types=1);

namespace Pensilis\Exception;

use InvalidArgumentException;
use Pensilis\Fact\Fact;

/** A text is not a local date and time of the calendar. */
final class UnreadableMoment extends InvalidArgumentException implements PensilisException
{
    use StatesFact;

    public static function of(string $text): self
    {
        return new self(new Fact('moment', ['text' => $text]));
    }
}
