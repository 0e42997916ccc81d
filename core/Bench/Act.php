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
    ) {}
}
