<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Colour\ColourKind;
use Pensilis\Colour\Recipe;
use Pensilis\Fact\Fact;
use Pensilis\Geometry\VesselShape;

/** A part of the vessel that is poured by itself, of its own colour, and must hold its shape before its neighbour is poured. */
final readonly class Compartment
{
    /**
     * @param float           $depth   m, to which it is poured
     * @param list<Contained> $objects that lie in it, below its level
     */
    public function __construct(
        public string $name,
        public VesselShape $shape,
        public float $depth,
        public Recipe $recipe,
        public array $objects = [],
    ) {}

    /**
     * What its colours take of so much mix.
     *
     * @param float $grams
     * @param float $density g/ml
     *
     * @return list<Fact>
     */
    public function doses(float $grams, float $density): array
    {
        return array_map(fn(array $part): Fact => $part[0]->kind === ColourKind::Ink
            ? new Fact('dose.drops', ['drops' => round($part[1] * $grams / $density / 10.0, 1), 'colour' => $part[0]->name])
            : new Fact('dose.mass', ['dose_g' => $part[1] / 100.0 * $grams, 'colour' => $part[0]->name]), $this->recipe->parts);
    }

    /** What is poured: its volume less what lies in it, m³. */
    public function net(): float
    {
        return $this->shape->volumeTo($this->depth) - array_sum(array_map(fn(Contained $one): float => $one->volume(), $this->objects));
    }
}
