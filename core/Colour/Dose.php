<?php

declare(strict_types=1);

namespace Pensilis\Colour;

/**
 * One colour for one cup, as it can be given: whole drops, or grams by the step of a scale; through a mother tint where that would be
 * far off.
 *
 * A mother tint is the colour diluted in clear mix to 1 in 10, 100 or 1000; it is made of whole drops or well weighed grams, and what is
 * taken of it can be measured.
 */
final readonly class Dose
{
    /** Rounding that asks for a mother tint, % (memory). */
    private const COARSE = 10.0;

    /** What is taken of a mother tint by volume is at least so much, ml (memory). */
    private const TAKEN = 1.0;

    /** So many steps of the scale are weighed well. */
    private const STEPS = 10.0;

    /** One part of colour in so many, at the most. */
    private const THINNEST = 1000;

    /**
     * @param float    $exact drops or grams
     * @param float    $told  what to give of the colour itself, or of the mother tint in ml or grams
     * @param int|null $parts of which one is colour, in a mother tint
     * @param float    $base  drops or grams of colour that the mother tint is made of
     */
    private function __construct(public Colourant $colour, public float $exact, public float $told, public ?int $parts, public float $base) {}

    /**
     * @param float $dose  in the unit of the colour
     * @param float $grams of plain mix in the cup
     * @param float $step  of the scale, g
     */
    public static function of(Colourant $colour, float $dose, float $grams, float $mixDensity, float $step): self
    {
        $ink = $colour->kind === ColourKind::Ink;
        $exact = $ink ? $dose * $grams / $mixDensity / 10.0 : $dose / 100.0 * $grams;
        $unit = $ink ? 1.0 : $step;
        $whole = round($exact / $unit) * $unit;
        if ($exact <= 0.0 || abs($whole - $exact) <= self::COARSE / 100.0 * $exact) {
            return new self($colour, $exact, $whole, null, 0.0);
        }
        // Thin enough to be measured well, but never more of it than the cup holds.
        [$unit, $least, $cup] = $ink ? [$colour->drop, self::TAKEN, $grams / $mixDensity] : [1.0, self::STEPS * $step, $grams];
        $parts = 10;
        while ($parts < self::THINNEST && $exact * $parts * $unit < $least && 10.0 * $exact * $parts * $unit <= $cup * (1.0 + 1e-9)) {
            $parts *= 10;
        }
        $taken = $exact * $parts * $unit;

        return new self($colour, $exact, $taken, $parts, $ink ? ceil($exact) : max(self::STEPS * $step, ceil($exact / $step) * $step));
    }

    public function isByMother(): bool
    {
        return $this->parts !== null;
    }

    /** What the mother tint is made up to: ml of drops, else grams. */
    public function motherSize(): float
    {
        return $this->base * ($this->parts ?? 1) * ($this->colour->kind === ColourKind::Ink ? $this->colour->drop : 1.0);
    }

    /** How far whole drops or steps are off, %. */
    public function errorPercent(): float
    {
        return $this->parts !== null || $this->exact <= 0.0 ? 0.0 : 100.0 * abs($this->told - $this->exact) / $this->exact;
    }
}
