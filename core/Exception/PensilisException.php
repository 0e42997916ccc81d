<?php

declare(strict_types=1);

namespace Pensilis\Exception;

use Pensilis\Fact\Fact;
use Throwable;

/** The marker that every exception of the core carries, and what is wrong as a fact; its message is for logs only. */
interface PensilisException extends Throwable
{
    public function fact(): Fact;
}
