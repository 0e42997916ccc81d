<?php

declare(strict_types=1);

namespace Pensilis\Exception;

use InvalidArgumentException;
use Pensilis\Fact\Fact;

/** An outline crosses itself, so that inside and outside cannot be told; the place is in its own units. */
final class CrossingOutline extends InvalidArgumentException implements PensilisException
{
    use StatesFact;

    public static function near(float $x, float $y): self
    {
        return new self(new Fact('outline.crosses', ['x_mm' => $x, 'y_mm' => $y]));
    }
}
