<?php

declare(strict_types=1);

namespace Pensilis\Exception;

use InvalidArgumentException;

/** An outline crosses itself, so that inside and outside cannot be told; the place is in its own units. */
final class CrossingOutline extends InvalidArgumentException implements PensilisException
{
    public function __construct(public readonly float $x, public readonly float $y)
    {
        parent::__construct(sprintf('The outline crosses itself near (%.1f, %.1f) mm; draw it so that it runs round once.', $x, $y));
    }
}
