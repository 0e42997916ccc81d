<?php

declare(strict_types=1);

namespace Pensilis\Plan;

/** What a piece costs, in the artist's own money: resin by the kilogram, colours by the gram, consumables by the pour, own hours at the bench. */
final readonly class Costs
{
    /**
     * @param array<string, float> $perKilogram by resin
     * @param array<string, float> $perGram     by colour
     * @param float                $consumables for a pour: cups, sticks, gloves
     */
    private function __construct(private array $perKilogram, private array $perGram, private float $consumables, private float $hour) {}

    public static function read(Node $root): self
    {
        $prices = [];
        foreach ($root->children('resins') as $resin) {
            $prices[$resin->text('id')] = $resin->number('price_per_kg', 0.0);
        }
        $colours = [];
        foreach ($root->children('colours') as $colour) {
            $colours[$colour->text('id')] = $colour->number('price_per_g', 0.0);
        }
        $studio = $root->has('studio') ? $root->child('studio') : Node::root([]);

        return new self($prices, $colours, $studio->number('consumables_price', 0.0), $studio->number('hour_price', 0.0));
    }

    public function areKnown(): bool
    {
        return array_sum($this->perKilogram) + array_sum($this->perGram) + $this->consumables + $this->hour > 0.0;
    }

    public function knowsResin(string $id): bool
    {
        return ($this->perKilogram[$id] ?? 0.0) > 0.0;
    }

    /** Resin that is mixed, what is lost and held back with it, the colours of all vessels poured alike, and consumables. */
    public function ofPour(LaidPour $pour, int $pieces): float
    {
        $colours = 0.0;
        foreach ($pour->colourGrams() as $id => $grams) {
            $colours += $pieces * $grams * ($this->perGram[$id] ?? 0.0);
        }

        return 1e-3 * $pour->batch->mixed() * ($this->perKilogram[$pour->resin->id] ?? 0.0) + $colours + $this->consumables;
    }

    public function ofHours(float $hours): float
    {
        return $hours * $this->hour;
    }
}
