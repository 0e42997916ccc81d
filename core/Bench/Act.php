<?php

declare(strict_types=1);

namespace Pensilis\Bench;

use Pensilis\Fact\Fact;
use Pensilis\Material\Inclusion;
use Pensilis\Plan\Bubbling;

/** One thing that hands do at the bench. */
final readonly class Act
{
    /**
     * @param Fact            $what    is done, in words
     * @param float           $minutes that it takes, waiting beside it and all
     * @param list<Inclusion> $objects that it sets
     * @param list<Fact>      $checks  what is looked for
     * @param Fact|null       $caution what is never done here
     * @param bool            $goesOn  whether it belongs to the act before it: the same hands, the same tool
     * @param Bubbling|null   $school  how it goes over the bubbles
     * @param bool            $isWet   whether resin must be liquid for it
     * @param float           $waits   minutes of it in which hands are free
     * @param int             $hands   pairs that share it
     * @param Setting|null    $how     its objects come to their places
     */
    public function __construct(
        public ActKind $kind,
        public Fact $what,
        public float $minutes = 0.0,
        public array $objects = [],
        public array $checks = [],
        public ?Fact $caution = null,
        public bool $goesOn = false,
        public ?Bubbling $school = null,
        public bool $isWet = false,
        public float $waits = 0.0,
        public int $hands = 1,
        public ?Setting $how = null,
    ) {}

    /** @return list<Fact> who is at it, what is looked for and heeded */
    public function more(): array
    {
        return [...$this->shared(), ...$this->checks, ...($this->caution === null ? [] : [$this->caution])];
    }

    /** @return list<Fact> that more than one is at it, where that is so */
    public function shared(): array
    {
        return $this->hands > 1 ? [new Fact('act.shared', ['hands' => $this->hands])] : [];
    }
}
