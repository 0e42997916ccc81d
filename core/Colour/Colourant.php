<?php

declare(strict_types=1);

namespace Pensilis\Colour;

use Pensilis\Exception\ImpossibleValue;
use Pensilis\Numerics\Brent;
use Pensilis\Value\Copied;

/**
 * A colour on the shelf: how it is dosed, and what one unit of it does to light in resin. A unit is a drop in 10 ml, or 1 % by mass.
 *
 * An ink only absorbs: its shade is that of light once through so many millimetres with one drop in 10 ml, K = −ln(shade)/depth. A
 * pigment scatters too: its shade is that of a thick layer, K/S = (1 − R)²/2R (Kubelka & Munk 1931), and S follows from the
 * depth at which 1 % hides what lies behind: contrast ratio 0.98 over black and white of 0.80 (ISO 6504-3; memory).
 */
final readonly class Colourant
{
    use Copied;

    /** Contrast ratio that counts as hiding, and the white that it is told for (ISO 6504-3; memory). */
    private const HIDING = 0.98;

    private const WHITE = 0.80;

    /** No shade is without any light, nor gives back all. */
    private const DARKEST = 0.004;

    private const LIGHTEST = 0.985;

    /**
     * @param array{float, float, float} $absorb  K of one unit, 1/m
     * @param array{float, float, float} $scatter S of one unit, 1/m
     * @param float                      $density g/ml
     * @param float                      $drop    ml
     * @param float                      $bulk    density of grains as they lie, g/ml; 0 where it has none
     * @param float                      $grain   across its grains, m; 0 where that is not known, or where it is dissolved
     * @param float                      $solvent share of its mass that is solvent or water
     * @param float                      $handful g in one measure of the hand, such as a stick tip; 0 where none was weighed
     * @param string                     $hand    what that measure is called
     */
    private function __construct(
        public string $id,
        public string $name,
        public ColourKind $kind,
        public Shade $shade,
        public array $absorb,
        public array $scatter,
        public float $density,
        public float $drop,
        public float $bulk = 0.0,
        public float $grain = 0.0,
        public float $solvent = 0.0,
        public float $handful = 0.0,
        public string $hand = '',
    ) {}

    /** Whether a mother tint can be made of it: inks and pastes; leaf, flakes and grains lie in it unevenly (common practice). */
    public function mayBeDiluted(): bool
    {
        return $this->kind === ColourKind::Ink || ($this->kind === ColourKind::Pigment && $this->grain <= 0.0);
    }

    /** The same, of which more is known. */
    public function known(float $grain, float $solvent, float $handful, string $hand): self
    {
        return $this->but(grain: $grain, solvent: $solvent, handful: $handful, hand: $hand);
    }

    /**
     * @param float $through m
     * @param float $drop    ml
     */
    public static function ink(string $id, string $name, Shade $shade, float $through, float $density, float $drop): self
    {
        ImpossibleValue::unlessPositive('through', $through);
        ImpossibleValue::unlessPositive('drop', $drop);
        ImpossibleValue::unlessPositive('colour-density', $density);
        [$r, $g, $b] = array_map(fn(float $share): float => -log(max(self::DARKEST, $share)) / $through, $shade->channels());

        return new self($id, $name, ColourKind::Ink, $shade, [$r, $g, $b], [0.0, 0.0, 0.0], $density, $drop);
    }

    /** @param float $hides m at which 1 % hides */
    public static function pigment(string $id, string $name, Shade $shade, float $hides, float $density): self
    {
        return self::scattering($id, $name, $shade, $hides, $density, ColourKind::Pigment, 0.0);
    }

    /**
     * @param float $hides m at which 1 % hides
     * @param float $bulk  density of the grains as they lie, g/ml
     */
    public static function filler(string $id, string $name, Shade $shade, float $hides, float $density, float $bulk): self
    {
        ImpossibleValue::unlessPositive('bulk-density', $bulk);
        ImpossibleValue::unlessPositive('bulk-below-density', $density - $bulk);

        return self::scattering($id, $name, $shade, $hides, $density, ColourKind::Filler, $bulk);
    }

    private static function scattering(
        string $id,
        string $name,
        Shade $shade,
        float $hides,
        float $density,
        ColourKind $kind,
        float $bulk,
    ): self {
        ImpossibleValue::unlessPositive('hides', $hides);
        ImpossibleValue::unlessPositive('colour-density', $density);
        [$r, $g, $b] = array_map(function (float $share): float {
            $share = max(self::DARKEST, min(self::LIGHTEST, $share));

            return (1.0 - $share) ** 2 / (2.0 * $share);
        }, $shade->channels());
        $scatter = exp(Brent::root(
            fn(float $log): float => self::contrast([$r, $g, $b], exp($log), $hides) - self::HIDING,
            log(1e-4 / $hides),
            log(1e5 / $hides),
            1e-10,
        ));

        return new self(
            $id,
            $name,
            $kind,
            $shade,
            [$r * $scatter, $g * $scatter, $b * $scatter],
            [$scatter, $scatter, $scatter],
            $density,
            0.0,
            $bulk,
        );
    }

    /** What a dose of it is in so many grams of plain mix: drops of ink, grams of all else; density in g/ml. */
    public function amountIn(float $dose, float $grams, float $mixDensity): float
    {
        return $this->kind === ColourKind::Ink ? $dose * $grams / $mixDensity / 10.0 : $dose / 100.0 * $grams;
    }

    /** What such an amount weighs, g. */
    public function weighs(float $amount): float
    {
        return $this->kind === ColourKind::Ink ? $amount * $this->drop * $this->density : $amount;
    }

    /** What a dose of it takes up, as a share of the volume of plain mix; density of that in g/ml. */
    public function takesUp(float $dose, float $mixDensity): float
    {
        return $this->kind === ColourKind::Ink ? $dose * $this->drop / 10.0 : $dose / 100.0 * $mixDensity / $this->density;
    }

    /**
     * The dose of grains as they lie with their voids filled: mix takes up the share 1 − ρ_bulk/ρ of their room.
     *
     * @return float % of the mass of plain mix
     */
    public function voidsFilled(float $mixDensity): float
    {
        return 100.0 * $this->bulk / ((1.0 - $this->bulk / $this->density) * $mixDensity);
    }

    /** The share of their room that its grains fill as they lie. */
    public function packs(): float
    {
        return $this->bulk > 0.0 ? $this->bulk / $this->density : Recipe::PACKED;
    }

    /** A dose as a share of the mass of plain mix, percent. */
    public function percent(float $dose, float $mixDensity): float
    {
        return $this->kind === ColourKind::Ink ? 100.0 * $dose * $this->drop / 10.0 * $this->density / $mixDensity : $dose;
    }

    /** @param array{float, float, float} $ratios K/S */
    private static function contrast(array $ratios, float $scatter, float $depth): float
    {
        $film = Film::of([$ratios[0] * $scatter, $ratios[1] * $scatter, $ratios[2] * $scatter], [$scatter, $scatter, $scatter], $depth);

        return $film->over(Shade::grey(0.0))->luminance() / $film->over(Shade::grey(self::WHITE))->luminance();
    }
}
