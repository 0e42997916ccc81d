<?php

declare(strict_types=1);

namespace Pensilis\Plan;

/**
 * What a piece costs, in the artist's own money: resin by the kilogram, colours by the gram, consumables by the pour, own hours at the
 * bench.
 */
final readonly class Costs
{
    /**
     * @param array<string, float> $perKilogram by resin
     * @param array<string, float> $perGram     by colour
     * @param float                $consumables for a pour: cups, sticks, gloves
     */
    public function __construct(private array $perKilogram, private array $perGram, private float $consumables, private float $hour) {}
    public function areKnown(): bool
    {
        return array_sum($this->perKilogram) + array_sum($this->perGram) + $this->consumables + $this->hour > 0.0;
    }

    public function knowsResin(string $id): bool
    {
        return ($this->perKilogram[$id] ?? 0.0) > 0.0;
    }

    /**
     * Resin that is mixed, what is lost and held back with it, the colours of all vessels poured alike, and consumables.
     *
     * @param float                $mixed   g
     * @param array<string, float> $colours g by id
     */
    public function ofPour(string $resin, float $mixed, array $colours): float
    {
        $price = 1e-3 * $mixed * ($this->perKilogram[$resin] ?? 0.0) + $this->consumables;
        foreach ($colours as $id => $grams) {
            $price += $grams * ($this->perGram[$id] ?? 0.0);
        }

        return $price;
    }

    public function ofHours(float $hours): float
    {
        return $hours * $this->hour;
    }
}
