<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Pensilis\Fact\Fact;
use Pensilis\Scheduling\Task;

/** A task that is done at another time than was planned, and what moved it. */
final readonly class Moved
{
    /** @param float $from h of the plan */
    public function __construct(public Task $task, public float $from, public Fact $why) {}
}
