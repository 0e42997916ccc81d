<?php

declare(strict_types=1);

namespace Pensilis\Quantity;

/** A length, height, depth or diameter. Factors: NIST SP 811 (2008), appendix B. */
final readonly class Length implements Quantity
{
    public const INCH = 25.4;

    private const MILLIMETRES = ['mm' => 1.0, 'millimetre' => 1.0, 'millimetres' => 1.0, 'cm' => 10.0, 'm' => 1000.0,
        'in'                          => self::INCH, 'inch' => self::INCH, 'inches' => self::INCH, '"' => self::INCH,
        'ft'                          => 304.8, 'foot' => 304.8, 'feet' => 304.8,
        "'"                           => 304.8];

    private function __construct(private float $millimetres) {}

    public static function millimetres(float $value): self
    {
        return new self($value);
    }

    public static function metres(float $value): self
    {
        return new self(1000.0 * $value);
    }

    /** A bare number is millimetres, or inches in US units. */
    public static function parse(string $text, UnitSystem $system): self
    {
        $default = $system === UnitSystem::Us ? 'in' : 'mm';

        return new self(QuantityText::sum($text, self::MILLIMETRES, $default, 'length', ['mm', 'cm', 'm', 'in', 'ft']));
    }

    public function mm(): float
    {
        return $this->millimetres;
    }

    public function m(): float
    {
        return $this->millimetres / 1000.0;
    }

    public function figure(): float
    {
        return $this->millimetres;
    }

    public function ending(): string
    {
        return '_mm';
    }

    public function print(UnitSystem $system): string
    {
        return $system === UnitSystem::Us ? Figure::short($this->inches(), 3) . ' in' : Figure::short($this->millimetres, 1) . ' mm';
    }

    /** As fine as a field shows it. */
    public function write(UnitSystem $system): string
    {
        return $system === UnitSystem::Us ? Figure::short($this->inches(), 3) . ' in' : Figure::short($this->millimetres, 2) . ' mm';
    }

    public function inches(): float
    {
        return $this->millimetres / self::INCH;
    }
}
