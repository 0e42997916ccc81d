<?php

declare(strict_types=1);

namespace Pensilis\Exception;

use InvalidArgumentException;
use Pensilis\Plan\Notice;

/** A plan file does not make sense; all its problems at once. */
final class PlanRefused extends InvalidArgumentException implements PensilisException
{
    /** @param non-empty-list<Notice> $problems */
    public function __construct(public readonly array $problems)
    {
        parent::__construct($problems[0]->pointer . ': ' . $problems[0]->message);
    }
}
