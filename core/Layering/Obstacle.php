<?php

declare(strict_types=1);

namespace Pensilis\Layering;

/** Why no layers can be found, the objects it is about, and the nearest target that would do. */
final readonly class Obstacle
{
    /**
     * @param list<string> $objects      ids
     * @param float|null   $betterTarget m, for the first of the objects
     */
    public function __construct(
        public string $code,
        public string $message,
        public array $objects = [],
        public ?float $betterTarget = null,
    ) {}
}
