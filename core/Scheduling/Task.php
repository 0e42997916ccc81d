<?php

declare(strict_types=1);

namespace Pensilis\Scheduling;

/** Something to do, or to wait for, between two hours of the plan. */
final readonly class Task
{
    /** @param int|null $pour index of the pour it belongs to */
    public function __construct(
        public TaskKind $kind,
        public string $title,
        public float $start,
        public float $end,
        public ?int $pour = null,
    ) {}
}
