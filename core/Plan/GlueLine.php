<?php

declare(strict_types=1);

namespace Pensilis\Plan;

/** A line that is drawn of adhesive or paint, as a bottle lays it: so long, so wide and so thick. Metres. */
final readonly class GlueLine
{
    public function __construct(public float $length, public float $width, public float $film) {}

    /** m³ */
    public function volume(): float
    {
        return $this->length * $this->width * $this->film;
    }
}
