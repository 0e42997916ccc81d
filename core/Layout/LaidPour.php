<?php

declare(strict_types=1);

namespace Pensilis\Layout;

use Pensilis\Batching\Batch;
use Pensilis\Colour\ColourKind;
use Pensilis\Colour\Recipe;
use Pensilis\Material\Inclusion;
use Pensilis\Plan\Coat;
use Pensilis\Plan\Costs;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Resin\Resin;
use Pensilis\Thermal\Fit\CalibrationStore;
use Pensilis\Value\Copied;

/**
 * One pour in its place: from where to where, how much goes into one vessel with its colours, and what is set onto the layer below it;
 * the batch is the plain mix for all vessels that are poured alike. Metres, m³.
 */
final readonly class LaidPour
{
    use Copied;

    /**
     * @param string          $id      stays with it wherever it is moved
     * @param list<Inclusion> $placed  objects set before it is poured, or in it
     * @param list<ColourCup> $cups    that its colours are stirred in, and the clear that is left
     * @param bool            $isOnWet whether it goes onto the one below while that is wet: both are one to what floats and to heat
     */
    public function __construct(
        public string $id,
        public Resin $resin,
        public float $bottom,
        public float $top,
        public float $volume,
        public array $placed,
        public Batch $batch,
        public Coat $coat,
        public Portions $portions,
        public array $cups = [],
        public bool $isOnWet = false,
    ) {}

    /** @return list<Inclusion> of what is set in it, that which is set as it is poured, or only once it has thickened */
    public function setIn(bool $late): array
    {
        return array_values(array_filter($this->placed, fn(Inclusion $one): bool => $one->hold->isLate() === $late));
    }

    public function mixedAs(Batch $batch): self
    {
        return $this->but(batch: $batch);
    }

    /** @return list<ColourCup> beside the one that it is mixed in */
    public function ownCups(): array
    {
        return array_values(array_filter($this->cups, fn(ColourCup $one): bool => $one->isOwn()));
    }

    /** Mass of it in one vessel, colours and all, kg. */
    public function mass(): float
    {
        return $this->resin->density * $this->portions->plain($this->resin->density) + 1e-3 * array_sum($this->colourGrams());
    }

    /** The resin as it is poured: thickened by the solids that are in it, evenly spread. */
    public function mix(CalibrationStore $store): CalibratedResin
    {
        [$solid, $density] = [0.0, $this->resin->density];
        foreach ($this->portions->all as $portion) {
            foreach ($portion->recipe->parts as [$colour, $dose]) {
                $solid += $colour->kind === ColourKind::Ink ? 0.0 : $portion->plain($density) * $colour->takesUp($dose, 1e-3 * $density);
            }
        }

        return $store->calibrated($this->resin)->stiffened($this->volume > 0.0 ? Recipe::stiffeningOf($solid / $this->volume) : 1.0);
    }

    /** @return array<string, float> grams of each colour in one vessel, by id */
    public function colourGrams(): array
    {
        $grams = [];
        foreach ($this->portions->all as $portion) {
            $plain = 1e3 * $this->resin->density * $portion->plain($this->resin->density);
            foreach ($portion->recipe->parts as [$colour, $dose]) {
                $grams[$colour->id] = ($grams[$colour->id] ?? 0.0) + $plain * $colour->percent($dose, 1e-3 * $this->resin->density) / 100.0;
            }
        }

        return $grams;
    }

    /**
     * What it costs in all vessels that are poured alike.
     *
     * @param Batch|null $batch in so many mixes as are made, where that is known
     */
    public function costs(Costs $costs, int $pieces, ?Batch $batch = null): float
    {
        $colours = array_map(fn(float $grams): float => $pieces * $grams, $this->colourGrams());

        return $costs->ofPour($this->resin->id, ($batch ?? $this->batch)->mixed(), $colours);
    }

    public function depth(): float
    {
        return $this->top - $this->bottom;
    }
}
