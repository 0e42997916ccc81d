<?php

declare(strict_types=1);

namespace Pensilis\Thermal;

use Pensilis\Vessel\Stuff;

/** One layer of cells: what fills its inner rings, what its wall rings, and which pour it belongs to, if any. */
final readonly class Row
{
    public function __construct(
        public float $height,
        public Stuff $inner,
        public Stuff $outer,
        public ?int $pour = null,
    ) {}
}
