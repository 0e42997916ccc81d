<?php

declare(strict_types=1);

namespace Pensilis\Record;

use Pensilis\Plan\Plan;
use Pensilis\Scheduling\Happened;
use Pensilis\Thermal\Room\Ambient;

/**
 * What is, from a plan and all that happened until now: how far each pour is, the room as it was measured, what was seen of the resin, when
 * nobody is there. Nothing is taken as done that is not noted.
 */
final readonly class Progress
{
    /**
     * @param float                     $now   h of the plan
     * @param list<PourProgress>        $pours from the floor up
     * @param list<Seen>                $seen  in their order
     * @param list<array{float, float}> $away  from when until when, h
     * @param bool                      $isOut of its mold
     */
    public function __construct(
        public float $now,
        public array $pours,
        public Ambient $room,
        public array $seen = [],
        public array $away = [],
        public bool $isOut = false,
    ) {}

    /** The same at another moment. */
    public function at(float $now): self
    {
        return new self($now, $this->pours, $this->room, $this->seen, $this->away, $this->isOut);
    }

    /** Whether nothing happened that could move what is still to come. */
    public function isAsPlanned(Plan $plan): bool
    {
        return !$this->isOut && $this->room === $plan->ambient && [...$this->happened()->begun, ...$this->seen, ...$this->away] === [];
    }

    /** What times that are found anew go by. */
    public function happened(): Happened
    {
        $begun = array_map(fn(PourProgress $pour): ?float => $pour->begun, $this->pours);

        return new Happened(array_filter($begun, is_float(...)), $this->now, $this->away);
    }

    /** @return list<int> numbers of the pours that were to be begun by now, and are not noted */
    public function overdue(): array
    {
        return array_keys(array_filter(
            $this->pours,
            fn(PourProgress $pour): bool => $pour->begun === null && $pour->planned < $this->now,
        ));
    }
}
