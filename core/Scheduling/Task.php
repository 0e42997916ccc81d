<?php

declare(strict_types=1);

namespace Pensilis\Scheduling;

use Pensilis\Fact\Fact;

/** Something to do, or to wait for, between two hours of the plan. */
final readonly class Task
{
    /**
     * @param int|null $pour index of the pour it belongs to
     * @param Fact     $what is done, with what and to what
     */
    public function __construct(
        public TaskKind $kind,
        public float $start,
        public float $end,
        public ?int $pour = null,
        public Fact $what = new Fact(''),
    ) {}
}
