<?php

declare(strict_types=1);

namespace Pensilis\PlanFile;

use InvalidArgumentException;
use Pensilis\Exception\PensilisException;
use Pensilis\Fact\Fact;
use Pensilis\Finding\Finding;

/** A plan file does not make sense; all its problems at once. */
final class PlanRefused extends InvalidArgumentException implements PensilisException
{
    /** @param non-empty-list<Finding> $problems */
    public function __construct(public readonly array $problems)
    {
        parent::__construct("{$problems[0]->code->value} at {$problems[0]->pointer}");
    }

    public function fact(): Fact
    {
        return new Fact('plan-refused', ['at' => $this->problems[0]->pointer]);
    }
}
