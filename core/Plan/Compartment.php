<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Geometry\VesselShape;

/** A part of the vessel that is poured by itself and must hold its shape before its neighbour is poured. */
final readonly class Compartment
{
    /** @param float $depth m, to which it is poured */
    public function __construct(public string $name, public VesselShape $shape, public float $depth) {}
}
