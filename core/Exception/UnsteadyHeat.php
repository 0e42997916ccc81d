<?php

declare(strict_types=1);

namespace Pensilis\Exception;

use Pensilis\Fact\Fact;
use RuntimeException;

/** Heat swings from step to step instead of settling: cells of one plan differ too much for any step. */
final class UnsteadyHeat extends RuntimeException implements PensilisException
{
    use StatesFact;

    public static function here(): self
    {
        return new self(new Fact('unsteady'));
    }
}
