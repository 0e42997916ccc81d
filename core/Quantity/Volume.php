<?php

declare(strict_types=1);

namespace Pensilis\Quantity;

/** A volume. In a volume field an ounce is a US fluid ounce. Factors: NIST SP 811 (2008), appendix B. */
final readonly class Volume implements Quantity
{
    /** 20 drops are a millilitre (memory). */
    public const DROP = 0.05;

    public const TABLESPOON = 14.78676478125;

    private const OUNCE = 29.5735295625;

    private const MILLILITRES = ['ml' => 1.0, 'millilitre' => 1.0, 'millilitres' => 1.0, 'cc' => 1.0, 'cm3' => 1.0,
        'cm³'                         => 1.0, 'cl' => 10.0, 'l' => 1000.0, 'litre' => 1000.0, 'litres' => 1000.0,
        'oz'                          => self::OUNCE, 'fl oz' => self::OUNCE, 'floz' => self::OUNCE, 'ounce' => self::OUNCE,
        'ounces'                      => self::OUNCE, 'tsp' => 4.92892159375, 'tbsp' => self::TABLESPOON, 'cup' => 236.5882365,
        'cups'                        => 236.5882365, 'pt' => 473.176473, 'pint' => 473.176473, 'qt' => 946.352946, 'quart' => 946.352946,
        'gal'                         => 3785.411784, 'gallon' => 3785.411784];

    private function __construct(private float $millilitres) {}

    public static function millilitres(float $value): self
    {
        return new self($value);
    }

    /** A bare number is millilitres, or US fluid ounces in US units. */
    public static function parse(string $text, UnitSystem $system): self
    {
        $default = $system === UnitSystem::Us ? 'fl oz' : 'ml';
        $shown = ['ml', 'l', 'fl oz', 'tsp', 'tbsp', 'cup', 'pt', 'qt', 'gal'];

        return new self(QuantityText::sum($text, self::MILLILITRES, $default, 'volume', $shown));
    }

    public function ml(): float
    {
        return $this->millilitres;
    }

    public function figure(): float
    {
        return $this->millilitres;
    }

    public function ending(): string
    {
        return '_ml';
    }

    public function print(UnitSystem $system): string
    {
        return $system === UnitSystem::Us
            ? self::told($this->millilitres / self::OUNCE, 2) . ' fl oz'
            : self::told($this->millilitres, $this->millilitres < 10.0 ? 1 : 0) . ' ml';
    }

    /** What would be nought in so few digits has two more; what is so even then is less than the last of them. */
    private static function told(float $value, int $digits): string
    {
        $isTiny = $value > 0.0 && $value < 0.5 * 10.0 ** -$digits;
        $least = 10.0 ** -($digits + 2);

        return $isTiny && $value < 0.5 * $least
            ? 'under ' . Figure::fixed($least, $digits + 2)
            : Figure::fixed($value, $isTiny ? $digits + 2 : $digits);
    }
}
