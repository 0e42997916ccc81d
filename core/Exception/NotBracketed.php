<?php

declare(strict_types=1);

namespace Pensilis\Exception;

use DomainException;
use Pensilis\Fact\Fact;

/** A root was asked for between two points at which the function has the same sign. */
final class NotBracketed extends DomainException implements PensilisException
{
    use StatesFact;

    public static function between(float $low, float $high): self
    {
        return new self(new Fact('not-bracketed', ['low' => $low, 'high' => $high]));
    }
}
