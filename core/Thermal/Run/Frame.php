<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Run;

/** How warm the resin is and how far it has cured at one moment: rows of pours from the floor up, each from the axis outward. */
final readonly class Frame
{
    /**
     * @param float             $time   s from the start of the plan
     * @param list<list<float>> $kelvin of the rings that hold resin, by row
     * @param list<list<float>> $alpha  the same
     */
    public function __construct(public float $time, public array $kelvin, public array $alpha) {}
}
