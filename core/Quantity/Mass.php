<?php

declare(strict_types=1);

namespace Pensilis\Quantity;

/** A mass. In a mass field an ounce is an avoirdupois ounce. Factors: NIST SP 811 (2008), appendix B. */
final readonly class Mass implements Quantity
{
    private const OUNCE = 28.349523125;

    private const GRAMS = ['g' => 1.0, 'gram' => 1.0, 'grams' => 1.0, 'kg' => 1000.0, 'mg' => 0.001,
        'oz'                   => self::OUNCE, 'ounce' => self::OUNCE, 'ounces' => self::OUNCE,
        'lb'                   => 453.59237, 'lbs' => 453.59237, 'pound' => 453.59237, 'pounds' => 453.59237];

    private function __construct(private float $grams) {}

    public static function grams(float $value): self
    {
        return new self($value);
    }

    /** A bare number is grams, or ounces in US units. */
    public static function parse(string $text, UnitSystem $system): self
    {
        $default = $system === UnitSystem::Us ? 'oz' : 'g';

        return new self(QuantityText::sum($text, self::GRAMS, $default, 'mass', ['g', 'kg', 'oz', 'lb']));
    }

    public function g(): float
    {
        return $this->grams;
    }

    public function figure(): float
    {
        return $this->grams;
    }

    public function ending(): string
    {
        return '_g';
    }

    /** Weights are read off a scale: one digit in grams, two in ounces. */
    public function print(UnitSystem $system): string
    {
        return $system === UnitSystem::Us
            ? Figure::fixed($this->grams / self::OUNCE, 2) . ' oz'
            : Figure::fixed($this->grams, 1) . ' g';
    }
}
