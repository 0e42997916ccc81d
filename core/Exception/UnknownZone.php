<?php

declare(strict_types=1);

namespace Pensilis\Exception;

use InvalidArgumentException;
use Pensilis\Fact\Fact;

/** A text is no time zone's name. */
final class UnknownZone extends InvalidArgumentException implements PensilisException
{
    use StatesFact;

    public static function of(string $text): self
    {
        return new self(new Fact('zone', ['text' => $text]));
    }
}
