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
        return array_map(function (array $part) use ($grams, $density): Fact {
            [$colour, $amount] = [$part[0], $part[0]->amountIn($part[1], $grams, $density)];

            return $colour->kind === ColourKind::Ink
                ? new Fact('dose.drops', ['drops' => round($amount, 1), 'colour' => $colour->name])
                : new Fact('dose.mass', ['dose_g' => $amount, 'colour' => $colour->name]);
        }, $this->recipe->parts);
    }

    /** What is poured: its volume less what lies in it, m³. */
    public function net(): float
    {
        return $this->shape->volumeTo($this->depth) - array_sum(array_map(fn(Contained $one): float => $one->volume(), $this->objects));
    }
}
