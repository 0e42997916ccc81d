<?php

declare(strict_types=1);

namespace Pensilis\Colour;

/**
 * One colour for one cup, as it can be given: whole drops, or grams by the step of a scale, where that shade cannot be told from the one
 * that was asked; else of a mother tint; else by the hand.
 *
 * A mother tint is ink or paste diluted in clear mix of the same cup, 1 in 10, 100 or 1000, the first of which is near enough; it is made
 * of whole drops or well weighed grams, no more than is used, and never as much as half of the cup that it is for. What has grains, leaf
 * and flakes is never diluted: it is taken by stick, knife or pinch. Shades are held against each other by ΔE of 2000, as a thin coat
 * and half a finger deep, on white and on black, so that the steps of a gradient stay as even as an eye sees them.
 */
final readonly class Dose
{
    /** Nobody sees so little between two cups that do not stand side by side, ΔE of 2000 (memory). */
    private const SEEN = 2.0;

    /** So many drops or steps are counted as they are, to a tenth at the worst. */
    private const MANY = 5.0;

    /** Farther off it is another mix, though what covers looks alike: it takes more than one may, or covers no more (memory). */
    private const MOST = 0.25;

    private const DILUTIONS = [10, 100, 1000];

    /** So many steps of the scale are weighed well enough for a mother tint (memory). */
    private const STEPS = 5.0;

    /** A mother tint is no more than this share of its cup (memory). */
    private const SHARE = 0.5;

    /**
     * @param float            $exact drops or grams
     * @param float            $told  drops or grams of the colour itself or of the mother tint; how many of the hand's measure
     * @param int              $parts one of which in the mother tint is colour; 1 where there is none
     * @param float            $made  drops or grams of colour that it is made of
     * @param float            $clear g of clear mix in what is given of it
     * @param HandMeasure|null $hand  where it is taken by that
     */
    private function __construct(
        public Colourant $colour,
        public float $exact,
        public float $told,
        public int $parts = 1,
        public float $made = 0.0,
        public float $clear = 0.0,
        public ?HandMeasure $hand = null,
    ) {}

    /**
     * The doses of a recipe, in its order.
     *
     * @param float $grams of plain mix in the cup
     * @param float $step  of the scale, g
     * @param float $room  what the scale takes beside a cup, g
     *
     * @return list<self>
     */
    public static function all(Recipe $recipe, float $grams, float $mixDensity, float $step, float $room = INF): array
    {
        return array_map(
            fn(int $n): self => self::of($recipe, $n, $grams, $mixDensity, $step, $room),
            array_keys($recipe->parts),
        );
    }

    private static function of(Recipe $recipe, int $n, float $grams, float $mixDensity, float $step, float $room): self
    {
        [$colour, $dose] = $recipe->parts[$n];
        $isInk = $colour->kind === ColourKind::Ink;
        $exact = $colour->amountIn($dose, $grams, $mixDensity);
        $unit = $isInk ? 1.0 : $step;
        $isNear = fn(float $given): bool => $given > 0.0 && $exact > 0.0 && abs($given / $exact - 1.0) <= self::MOST
            && $recipe->seenFrom($recipe->scaled($n, $given / $exact)) <= self::SEEN;
        $whole = round($exact / $unit) * $unit;
        if ($exact <= 0.0 || $exact >= self::MANY * $unit || $isNear($whole)) {
            return new self($colour, $exact, $whole);
        }
        foreach ($colour->mayBeDiluted() ? self::DILUTIONS : [] as $parts) {
            $told = round($exact * $parts / $unit) * $unit;
            $made = ceil($told / $parts / $unit - 1e-9) * $unit;
            $made = $isInk ? $made : max(self::STEPS * $step, $made);
            $weighs = $isInk ? $colour->drop * $mixDensity : 1.0;
            if ($made * $parts * $weighs > min(self::SHARE * $grams, $isInk ? INF : $room)) {
                break;
            }
            if ($isNear($told / $parts)) {
                return new self($colour, $exact, $told, $parts, $made, $told * $weighs * (1.0 - 1.0 / $parts));
            }
        }
        $weighs = $colour->weighs($exact);
        $hand = HandMeasure::for($weighs);
        $isNearer = abs($hand->count($weighs) * $hand->grams() - $weighs) < abs($whole - $exact) * $weighs / $exact;

        return $whole <= 0.0 || $isNearer
            ? new self($colour, $exact, $hand->count($weighs), hand: $hand)
            : new self($colour, $exact, $whole);
    }

    public function isByMother(): bool
    {
        return $this->parts > 1;
    }

    /** What is made of the mother tint, drops or grams. */
    public function size(): float
    {
        return $this->made * $this->parts;
    }

    /** How far whole drops or steps are off, %; above 0 where they are more than was asked. */
    public function errorPercent(): float
    {
        return $this->isByMother() || $this->hand !== null || $this->exact <= 0.0
            ? 0.0 : 100.0 * ($this->told - $this->exact) / $this->exact;
    }
}
