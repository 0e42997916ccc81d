<?php

declare(strict_types=1);

namespace Pensilis\Layering;

use Pensilis\Finding\Code;
use Pensilis\Quantity\Quantity;

/** Why no layers can be found, the objects it is about, and the nearest target that would do. */
final readonly class Obstacle
{
    /**
     * @param array<string, Quantity> $quantities
     * @param list<string>            $objects      ids
     * @param float|null              $betterTarget m, for the first of the objects
     */
    public function __construct(
        public Code $code,
        public array $quantities,
        public array $objects = [],
        public ?float $betterTarget = null,
    ) {}
}
