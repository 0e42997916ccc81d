<?php

declare(strict_types=1);

namespace Pensilis\Record;

/** How far one pour is, from what happened to it. Hours of the plan, grams. */
final readonly class PourProgress
{
    /**
     * @param float      $planned when it was to be begun
     * @param float|null $begun   first contact of A and B
     * @param float|null $poured  when the first of it was poured
     * @param float      $grams   mixed, as far as that was weighed
     * @param float      $kept    held back of it
     * @param float      $off     tipped off the piece again
     */
    public function __construct(
        public string $id,
        public float $planned,
        public ?float $begun = null,
        public ?float $poured = null,
        public ?float $gelled = null,
        public float $grams = 0.0,
        public float $kept = 0.0,
        public float $off = 0.0,
    ) {}

    public function state(): PourState
    {
        return match (true) {
            $this->gelled !== null => PourState::Gelled,
            $this->poured !== null => PourState::Poured,
            $this->begun !== null  => PourState::Mixing,
            default                => PourState::Planned,
        };
    }

    /** With one more thing that happened to it. */
    public function after(Event $event): self
    {
        $grams = $event->figures['g'] ?? 0.0;
        $is = fn(EventKind $kind): bool => $event->kind === $kind;

        return new self(
            $this->id,
            $this->planned,
            $this->begun ?? ($event->kind->begins() ? $event->at : null),
            $this->poured ?? ($is(EventKind::Poured) ? $event->at : null),
            $this->gelled ?? ($is(EventKind::Gelled) ? $event->at : null),
            $this->grams + ($is(EventKind::Mixed) ? $grams : 0.0),
            $this->kept + ($is(EventKind::Kept) ? $grams : 0.0),
            $this->off + ($is(EventKind::TippedOff) ? $grams : 0.0),
        );
    }
}
