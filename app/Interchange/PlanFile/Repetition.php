<?php

declare(strict_types=1);

namespace App\Interchange\PlanFile;

/** How an object is repeated. Lengths in mm. */
final readonly class Repetition
{
    /**
     * @param 'ring'|'row' $way
     * @param int|null     $count in all; null for as many as there is room for
     * @param float|null   $far   radius of the ring, or from each to the next in a row
     * @param float|null   $gap   between neighbours, where that says how far
     * @param float|null   $start where the ring begins, degrees clockwise from behind; null where the object lies
     */
    public function __construct(
        public string $way,
        public ?int $count,
        public ?float $far = null,
        public ?float $gap = null,
        public ?float $start = null,
    ) {}
}
