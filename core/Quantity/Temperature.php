<?php

declare(strict_types=1);

namespace Pensilis\Quantity;

use Pensilis\Exception\UnreadableQuantity;

/** A temperature. Scales: NIST SP 811 (2008), appendix B. */
final readonly class Temperature implements Quantity
{
    public const ZERO_CELSIUS = 273.15;

    private function __construct(private float $kelvin) {}

    public static function celsius(float $value): self
    {
        return new self($value + self::ZERO_CELSIUS);
    }

    public static function kelvin(float $value): self
    {
        return new self($value);
    }

    /** A bare number is degrees Celsius, or Fahrenheit in US units. */
    public static function parse(string $text, UnitSystem $system): self
    {
        $example = $system === UnitSystem::Us ? '70 °F' : '21 °C';
        $terms = QuantityText::terms($text, $example);
        [$number, $unit] = $terms[0];
        if (count($terms) > 1) {
            throw UnreadableQuantity::noNumber($text, $example);
        }
        $unit = $unit === '' ? ($system === UnitSystem::Us ? 'f' : 'c') : ltrim($unit, '° ');

        return match ($unit) {
            'c', 'celsius' => self::celsius($number),
            'f', 'fahrenheit' => self::celsius(($number - 32.0) / 1.8),
            'k', 'kelvin' => self::kelvin($number),
            default => throw UnreadableQuantity::unknownUnit($unit, 'temperature', ['°C', '°F', 'K']),
        };
    }

    public function c(): float
    {
        return $this->kelvin - self::ZERO_CELSIUS;
    }

    public function k(): float
    {
        return $this->kelvin;
    }

    public function figure(): float
    {
        return $this->c();
    }

    public function ending(): string
    {
        return '_celsius';
    }

    public function print(UnitSystem $system): string
    {
        return $this->rounded($system, 0);
    }

    /** As fine as a field shows it. */
    public function write(UnitSystem $system): string
    {
        return $this->rounded($system, 1);
    }

    private function rounded(UnitSystem $system, int $digits): string
    {
        return $system === UnitSystem::Us
            ? Figure::short(1.8 * $this->c() + 32.0, $digits) . ' °F'
            : Figure::short($this->c(), $digits) . ' °C';
    }
}
