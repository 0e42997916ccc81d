<?php

declare(strict_types=1);

namespace Pensilis\Batching;

use Pensilis\Exception\ImpossibleValue;
use Pensilis\Resin\MixRatio;

/**
 * What A and B in a cup really are to each other, what comes of it, and how to mend it before it is poured. Grams.
 *
 * Of r = short part over long part, taken against the label: conversion counts the short reactant and heat is its share;
 * with four-functional hardener the mix gels at 1/√(3r) of the short one (Flory 1953; Stockmayer 1944), below r = 1/3 never.
 */
final readonly class WeighedMix
{
    /** Below this share of the short part it never gels. */
    public const NEVER = 1.0 / 3.0;

    private function __construct(private MixRatio $ratio, public float $a, public float $b) {}

    public static function of(MixRatio $ratio, float $a, float $b): self
    {
        ImpossibleValue::unlessPositive('mass-a', $a);
        ImpossibleValue::unlessPositive('mass-b', $b);

        return new self($ratio, $a, $b);
    }

    /** The classic mistake: parts by volume read off a scale. Null where the label goes by weight. */
    public static function wrongWay(MixRatio $ratio): ?self
    {
        [$a, $b] = $ratio->volumeParts() ?? [0.0, 0.0];

        return $a > 0.0 ? new self($ratio, $a, $b) : null;
    }

    /** How much more hardener than the label wants, percent; negative for too little. */
    public function hardenerPercent(): float
    {
        return 100.0 * ($this->b / $this->a / $this->ratio->byMass() - 1.0);
    }

    /** Short part over long part, against the label: 1 when right. */
    public function balance(): float
    {
        $share = $this->b / $this->a / $this->ratio->byMass();

        return min($share, 1.0 / $share);
    }

    public function gels(): bool
    {
        return $this->balance() > self::NEVER;
    }

    /** Conversion of the short part at gel; null where it never gels. */
    public function gelConversion(): ?float
    {
        return $this->gels() ? 1.0 / sqrt(3.0 * $this->balance()) : null;
    }

    /** @return array{string, float} what to add, "A" or "B", and how much */
    public function rescue(): array
    {
        $wanted = $this->a * $this->ratio->byMass();

        return $this->b > $wanted ? ['A', $this->b / $this->ratio->byMass() - $this->a] : ['B', $wanted - $this->b];
    }
}
