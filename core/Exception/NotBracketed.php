<?php

declare(strict_types=1);

namespace Pensilis\Exception;

use DomainException;

/** A root was asked for between two points at which the function has the same sign. */
final class NotBracketed extends DomainException implements PensilisException
{
    public function __construct(public readonly float $low, public readonly float $high)
    {
        parent::__construct("No sign change between {$low} and {$high}.");
    }
}
