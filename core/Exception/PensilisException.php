<?php

declare(strict_types=1);

namespace Pensilis\Exception;

use Throwable;

/** The marker that every exception of the core carries. */
interface PensilisException extends Throwable {}
