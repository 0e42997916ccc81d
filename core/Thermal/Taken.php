<?php

declare(strict_types=1);

namespace Pensilis\Thermal;

use Pensilis\Material\Stuff;

/** What objects take of one row of cells, by ring. */
final readonly class Taken
{
    /**
     * @param list<float>      $volumes m³
     * @param list<Stuff|null> $stuffs  of what, by volume where there are several; null where there is nothing
     */
    public function __construct(public array $volumes, public array $stuffs) {}
}
