<?php

declare(strict_types=1);

namespace Pensilis\Colour;

/**
 * One colour for one cup, as it can be given: whole drops, or grams by the step of a scale; through a mother tint where that would be
 * far off.
 *
 * A mother tint is the colour diluted in clear mix to 1 in 10, 100 or 1000; it is made of whole drops or well weighed grams, and what is
 * taken of it can be measured. Where it would be more than the cup it is for, or than the scale takes, it is diluted in stages.
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
     * @param float                                 $exact  drops or grams
     * @param float                                 $told   what to give of the colour itself, or of the mother tint in ml or grams
     * @param list<array{take: float, size: float}> $stages of the mother tint: drops or grams of colour, later ml or grams of the stage
     *                                                      before, and what is made of it with clear mix, ml or grams
     */
    private function __construct(public Colourant $colour, public float $exact, public float $told, public array $stages) {}

    /**
     * @param float $dose  in the unit of the colour
     * @param float $grams of plain mix in the cup
     * @param float $step  of the scale, g
     * @param float $room  what the scale takes beside a cup, g
     */
    public static function of(Colourant $colour, float $dose, float $grams, float $mixDensity, float $step, float $room = INF): self
    {
        $ink = $colour->kind === ColourKind::Ink;
        $exact = $ink ? $dose * $grams / $mixDensity / 10.0 : $dose / 100.0 * $grams;
        $unit = $ink ? 1.0 : $step;
        $whole = round($exact / $unit) * $unit;
        if ($exact <= 0.0 || abs($whole - $exact) <= self::COARSE / 100.0 * $exact) {
            return new self($colour, $exact, $whole, []);
        }
        // Thin enough to be measured well, but never more of it than the cup holds.
        [$unit, $least, $cup] = $ink ? [$colour->drop, self::TAKEN, $grams / $mixDensity] : [1.0, self::STEPS * $step, $grams];
        $parts = 10;
        while ($parts < self::THINNEST && $exact * $parts * $unit < $least && 10.0 * $exact * $parts * $unit <= $cup * (1.0 + 1e-9)) {
            $parts *= 10;
        }
        $base = $ink ? ceil($exact) : max(self::STEPS * $step, ceil($exact / $step) * $step);

        return new self(
            $colour,
            $exact,
            $exact * $parts * $unit,
            self::dilute($base, $unit, $parts, $least, $ink ? $cup : min($cup, $room)),
        );
    }

    /**
     * As few stages as find room, each at least one in ten.
     *
     * @param float $base  drops or grams of colour
     * @param float $unit  ml or grams that one of it is
     * @param int   $parts one of which is to be colour
     * @param float $least what is taken of a stage at least, ml or grams
     *
     * @return list<array{take: float, size: float}>
     */
    private static function dilute(float $base, float $unit, int $parts, float $least, float $room): array
    {
        $first = $parts;
        while ($first > 10 && $base * $unit * $first > $room * (1.0 + 1e-9)) {
            $first = intdiv($first, 10);
        }
        $stages = [['take' => $base, 'size' => $base * $unit * $first]];
        for ($left = intdiv($parts, $first); $left > 1; $left = intdiv($left, 10)) {
            $stages[] = ['take' => $least, 'size' => 10.0 * $least];
        }

        return $stages;
    }

    public function isByMother(): bool
    {
        return $this->stages !== [];
    }

    /** How far whole drops or steps are off, %; above 0 where they are more than was asked. */
    public function errorPercent(): float
    {
        return $this->isByMother() || $this->exact <= 0.0 ? 0.0 : 100.0 * ($this->told - $this->exact) / $this->exact;
    }
}
