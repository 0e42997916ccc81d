<?php

declare(strict_types=1);

namespace Pensilis\Bench;

use Pensilis\Fact\Fact;
use Pensilis\Material\Inclusion;

/** One thing that hands do at the bench, in the order of the work. */
final readonly class Act
{
    /**
     * @param Fact            $what    is done
     * @param float           $minutes that it takes, waiting beside it and all
     * @param list<Inclusion> $objects that it sets
     * @param list<Fact>      $checks  what is looked for
     * @param Fact|null       $caution what is never done here
     * @param bool            $goesOn  whether it belongs to the act before it: the same hands, the same tool
     */
    public function __construct(
        public Fact $what,
        public float $minutes = 0.0,
        public array $objects = [],
        public array $checks = [],
        public ?Fact $caution = null,
        public bool $goesOn = false,
    ) {}

    /** Whether it brings the mix into the vessel up to its level. */
    public function isFilling(): bool
    {
        return str_starts_with($this->what->name, 'act.fill');
    }

    /** Whether A meets B in it. */
    public function isMixing(): bool
    {
        return str_starts_with($this->what->name, 'act.mix');
    }

    public function is(string $name): bool
    {
        return $this->what->name === $name;
    }
}
