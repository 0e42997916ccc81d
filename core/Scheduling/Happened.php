<?php

declare(strict_types=1);

namespace Pensilis\Scheduling;

/** What really happened until now, and when nobody will be there: pours that were begun stay when they were. Hours of the plan. */
final readonly class Happened
{
    /**
     * @param array<int, float>         $begun when pours were begun, by number
     * @param float                     $now   before which nothing else can be begun
     * @param list<array{float, float}> $away  from when until when nobody is there
     */
    public function __construct(public array $begun = [], public float $now = 0.0, public array $away = []) {}

    /** The same, when nothing else can be begun before another moment. */
    public function from(float $now): self
    {
        return new self($this->begun, max($this->now, $now), $this->away);
    }

    /**
     * The same, when nobody is there at other hours too.
     *
     * @param list<array{float, float}> $spans
     */
    public function away(array $spans): self
    {
        return new self($this->begun, $this->now, [...$this->away, ...$spans]);
    }
}
