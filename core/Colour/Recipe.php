<?php

declare(strict_types=1);

namespace Pensilis\Colour;

use Pensilis\Exception\ImpossibleValue;

/**
 * Which colours go into a mix, and how much of each; nothing for clear. Doses in the unit of each colour. From it follow how a depth of
 * the mix looks (as a film of Kubelka and Munk), what share of the mass it takes, how it thickens (Krieger–Dougherty), and whether two
 * mixes are the same cup or dull each other.
 */
final readonly class Recipe
{
    /** Mass shares of pigment to warn of and to ask about (common practice), %. */
    public const WARN_PERCENT = 6.0;

    public const SOFTENS_PERCENT = 10.0;

    /** Share of the volume at which grains are packed (Krieger & Dougherty 1959). */
    public const PACKED = 0.63;

    /** How deep a mix is looked at: half a finger, m (memory). */
    public const CUP = 0.005;

    /** A coat is hardly thinner, m (memory). */
    private const COAT = 0.002;

    /** White paper and black card give back so much (memory). */
    private const ON_WHITE = 0.9;

    private const ON_BLACK = 0.04;

    /** Brightness from which a pigment is a white (memory). */
    private const WHITE = 0.7;

    /** A mix of two lively colours is muddy when it keeps less than this of the duller one (memory). */
    private const MUDDY = 0.5;

    /** Colours below this chroma have nothing to lose (memory). */
    private const LIVELY = 15.0;

    /** @param list<array{Colourant, float}> $parts */
    private function __construct(public array $parts) {}

    public static function clear(): self
    {
        return new self([]);
    }

    /** @param list<array{Colourant, float}> $parts */
    public static function of(array $parts): self
    {
        foreach ($parts as [$colour, $dose]) {
            ImpossibleValue::unlessPositive('dose', $dose, $colour->name);
        }

        return new self($parts);
    }

    public function isClear(): bool
    {
        return $this->parts === [];
    }

    /** @return array<string, float> by the id of the colour */
    public function doses(): array
    {
        $doses = [];
        foreach ($this->parts as [$colour, $dose]) {
            $doses[$colour->id] = ($doses[$colour->id] ?? 0.0) + $dose;
        }

        return $doses;
    }

    /** What it holds more than another. */
    public function beyond(self $other): self
    {
        [$more, $before] = [[], $other->doses()];
        foreach ($this->parts as [$colour, $dose]) {
            $added = $dose - ($before[$colour->id] ?? 0.0);
            if ($added > 1e-9 * $dose) {
                $more[] = [$colour, $added];
            }
        }

        return new self($more);
    }

    /** The same with so many times as much of one of its colours. */
    public function scaled(int $n, float $times): self
    {
        $parts = $this->parts;
        $parts[$n] = [$parts[$n][0], $times * $parts[$n][1]];

        return new self($parts);
    }

    /** The same for all that hold the same colours at the same strength. */
    public function key(): string
    {
        $parts = array_map(fn(array $part): string => sprintf('%s %.9g', $part[0]->id, $part[1]), $this->parts);
        sort($parts);

        return implode(', ', $parts);
    }

    /** How it looks in a cup: half a finger deep, on white. */
    public function swatch(): Shade
    {
        return $this->film(self::CUP)->over(Shade::grey(self::ON_WHITE));
    }

    /** How different two mixes look, as a thin coat and half a finger deep, on white and on black, ΔE of 2000: the greatest of all. */
    public function seenFrom(self $other): float
    {
        $greatest = 0.0;
        foreach ([self::COAT, self::CUP] as $depth) {
            [$one, $two] = [$this->film($depth), $other->film($depth)];
            foreach ([Shade::grey(self::ON_WHITE), Shade::grey(self::ON_BLACK)] as $ground) {
                $greatest = max($greatest, $one->over($ground)->seenFrom($two->over($ground)));
            }
        }

        return $greatest;
    }

    /** Solvent and water that its tints bring, as a share of the mass of plain mix, percent. */
    public function solventPercent(float $mixDensity): float
    {
        return array_sum(array_map(
            fn(array $part): float => $part[0]->solvent * $part[0]->percent($part[1], $mixDensity),
            $this->parts,
        ));
    }

    /** Whether it is a white that stands a while to thicken before it is drawn out (common practice). */
    public function isOpaqueWhite(): bool
    {
        foreach ($this->parts as [$colour]) {
            if ($colour->kind === ColourKind::Pigment && $colour->shade->luminance() > self::WHITE) {
                return true;
            }
        }

        return false;
    }

    /** What so many metres of it do to light. */
    public function film(float $depth): Film
    {
        [$absorb, $scatter] = [[0.0, 0.0, 0.0], [0.0, 0.0, 0.0]];
        foreach ($this->parts as [$colour, $dose]) {
            foreach ([0, 1, 2] as $n) {
                $absorb[$n] += $dose * $colour->absorb[$n];
                $scatter[$n] += $dose * $colour->scatter[$n];
            }
        }

        return $this->isClear() ? Film::clear() : Film::of($absorb, $scatter, $depth);
    }

    /**
     * Pigments and inks together as a share of the mass of plain mix, %; fillers do not soften.
     *
     * @param float $mixDensity g/ml
     */
    public function percent(float $mixDensity): float
    {
        $percent = 0.0;
        foreach ($this->parts as [$colour, $dose]) {
            $percent += $colour->kind === ColourKind::Filler ? 0.0 : $colour->percent($dose, $mixDensity);
        }

        return $percent;
    }

    /** The share of a coloured volume that is plain mix: the rest is what the colours themselves take up. */
    public function plainShare(float $mixDensity): float
    {
        $more = 0.0;
        foreach ($this->parts as [$colour, $dose]) {
            $more += $colour->takesUp($dose, $mixDensity);
        }

        return 1.0 / (1.0 + $more);
    }

    /**
     * How many times thicker its solids make a mix, (1 − φ/φm)^(−2.5 φm) with φ their share of the volume and φm = 0.63 packed
     * (Krieger & Dougherty 1959); without end where they are packed: a paste.
     */
    public function stiffening(float $mixDensity): float
    {
        return self::stiffeningOf($this->solid($mixDensity));
    }

    /** The share of a coloured volume that is solid. */
    public function solid(float $mixDensity): float
    {
        $solid = 0.0;
        foreach ($this->parts as [$colour, $dose]) {
            $solid += $colour->kind === ColourKind::Ink ? 0.0 : $colour->takesUp($dose, $mixDensity);
        }

        return $solid * $this->plainShare($mixDensity);
    }

    /** @param float $share of the volume that is solid */
    public static function stiffeningOf(float $share): float
    {
        return $share >= self::PACKED ? INF : (1.0 - $share / self::PACKED) ** (-2.5 * self::PACKED);
    }

    /** Both stirred together in equal parts. */
    public function with(self $other): self
    {
        $halved = [];
        foreach ([...$this->parts, ...$other->parts] as [$colour, $dose]) {
            $halved[] = [$colour, 0.5 * $dose];
        }

        return new self($halved);
    }

    /** Whether it makes mud with another: what comes of both is far duller than either, over white, so many metres deep. */
    public function muddies(self $other, float $depth): bool
    {
        [$one, $two] = [$this->liveliness($depth), $other->liveliness($depth)];

        return min($one, $two) > self::LIVELY && $this->with($other)->liveliness($depth) < self::MUDDY * min($one, $two);
    }

    private function liveliness(float $depth): float
    {
        return $this->film($depth)->over(Shade::grey(self::ON_WHITE))->chroma();
    }
}
