<?php

declare(strict_types=1);

namespace Pensilis\Exception;

use InvalidArgumentException;

/** A plan file lacks something that it must say, or says something else there. */
final class MissingKey extends InvalidArgumentException implements PensilisException
{
    public function __construct(public readonly string $pointer, string $wanted)
    {
        parent::__construct("Here {$wanted} is wanted; add it.");
    }
}
