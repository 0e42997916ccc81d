<?php

declare(strict_types=1);

namespace Pensilis\Exception;

use DomainException;

/** Heat was asked for in a vessel whose walls are not upright. */
final class HeatNotModelled extends DomainException implements PensilisException
{
    public function __construct()
    {
        parent::__construct('Heat and cure in a tapered or curved vessel are not simulated yet, only in upright round and '
            . 'box vessels; drawing, volumes and grams of this one are right.');
    }
}
