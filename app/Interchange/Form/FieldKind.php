<?php

declare(strict_types=1);

namespace App\Interchange\Form;

use Pensilis\Exception\UnreadableQuantity;
use Pensilis\Quantity\Duration;
use Pensilis\Quantity\Figure;
use Pensilis\Quantity\Length;
use Pensilis\Quantity\Mass;
use Pensilis\Quantity\QuantityText;
use Pensilis\Quantity\Temperature;
use Pensilis\Quantity\UnitSystem;
use Pensilis\Quantity\Volume;

/** How a value of a plan file is written for people, and read from what they write. */
enum FieldKind
{
    case Length;
    case Temperature;
    case Mass;
    case Volume;
    case Hours;
    case Minutes;
    case Number;
    case Whole;
    case Text;
    /** Drops in 10 ml, or as in "8 in 60 ml". */
    case Drops;
    /** Percent of the mass, or as in "2 g in 60 g". */
    case Share;
    /** A colour as #rrggbb. */
    case Shade;
    case Days;
    /** Heights and diameters, one pair after another. */
    case Profile;
    /** Heights and grams of water. */
    case Marks;
    /** Hours and temperatures, as a logger writes them: a reading a line, or one after another. */
    case Log;

    /** What parts a colour from what it goes into. */
    private const IN = '/\s+(?:in|to|for)\s+/iu';

    /** What parts an hour from a temperature where a space is not all. */
    private const MARK = '/\s*:\s+|\s*\t\s*|\s*,\s*/';

    public function print(mixed $value, UnitSystem $system): string
    {
        $number = is_int($value) || is_float($value) ? (float) $value : 0.0;

        return match (true) {
            $value === null             => '',
            $this === self::Length      => Length::millimetres($number)->write($system),
            $this === self::Temperature => Temperature::celsius($number)->write($system),
            $this === self::Mass        => Figure::short($number, 3) . ' g',
            $this === self::Volume      => Figure::short($number, 3) . ' ml',
            $this === self::Hours       => Figure::short($number, 2) . ' h',
            $this === self::Minutes     => Figure::short($number, 1) . ' min',
            in_array($this, [self::Drops, self::Share, self::Number], true),
            $this === self::Whole   => Figure::short($number, 4),
            $this === self::Profile => self::pairs($value, fn(float $second): string => self::Length->print($second, $system), $system),
            $this === self::Marks   => self::pairs($value, fn(float $second): string => self::Mass->print($second, $system), $system),
            $this === self::Log     => self::log($value, $system),
            $this === self::Days    => implode(', ', array_filter(is_array($value) ? $value : [$value], is_string(...))),
            default                 => is_scalar($value) ? (string) $value : '',
        };
    }

    /**
     * @return int|float|string|list<string>|list<array{float, float}>
     *
     * @throws UnreadableQuantity
     */
    public function parse(string $text, UnitSystem $system): int|float|string|array
    {
        return match ($this) {
            self::Length      => round(Length::parse($text, $system)->mm(), 6),
            self::Temperature => round(Temperature::parse($text, $system)->c(), 6),
            self::Volume      => round(Volume::parse($text, UnitSystem::Metric)->ml(), 6),
            self::Mass        => round(Mass::parse($text, UnitSystem::Metric)->g(), 6),
            self::Hours       => round(Duration::parse($text)->h(), 6),
            self::Minutes     => round(60.0 * Duration::parse(is_numeric($text) ? "{$text} min" : $text)->h(), 6),
            self::Number      => $this->bare($text, $system),
            self::Drops       => $this->dropsIn($text, $system),
            self::Share       => $this->shareOf($text, $system),
            self::Whole       => (int) round($this->bare($text, $system)),
            self::Text        => $text,
            self::Shade       => $this->shade($text, $system),
            self::Days        => self::days($text),
            self::Profile     => $this->readPairs($text, fn(string $second): float => Length::parse($second, $system)->mm(), $system),
            self::Marks       => $this->readPairs(
                $text,
                fn(string $second): float => Mass::parse($second, UnitSystem::Metric)->g(),
                $system,
            ),
            self::Log => self::readings($text, $system),
        };
    }

    /** @throws UnreadableQuantity */
    private function dropsIn(string $text, UnitSystem $system): float
    {
        $two = self::doseAndCup($text);
        $drops = $this->bare(trim((string) preg_replace('/drops?$/iu', '', trim($two[0]))), $system);

        return count($two) !== 2 ? $this->bare($text, $system)
            : round(10.0 * $drops / $this->above(Volume::parse($two[1], UnitSystem::Metric)->ml(), $text, $system), 6);
    }

    /** @throws UnreadableQuantity */
    private function shareOf(string $text, UnitSystem $system): float
    {
        $two = self::doseAndCup($text);

        return count($two) !== 2 ? $this->bare($text, $system) : round(100.0 * Mass::parse($two[0], UnitSystem::Metric)->g()
            / $this->above(Mass::parse($two[1], UnitSystem::Metric)->g(), $text, $system), 6);
    }

    /** @return non-empty-list<string> what is dosed, and into how much where that is said */
    private static function doseAndCup(string $text): array
    {
        return explode('|', (string) preg_replace(self::IN, '|', $text));
    }

    /** @throws UnreadableQuantity where it is nothing to put something into */
    private function above(float $amount, string $text, UnitSystem $system): float
    {
        return $amount > 0.0 ? $amount : throw UnreadableQuantity::noNumber($text, $this->example($system));
    }

    public function example(UnitSystem $system): string
    {
        $examples = trans('fields.examples');
        $name = mb_strtolower($this->name);
        $example = is_array($examples) ? $examples[$system === UnitSystem::Us ? "{$name}-us" : $name] ?? $examples[$name] ?? '' : '';

        return is_string($example) ? $example : '';
    }

    /** @param callable(float): string $print */
    private static function pairs(mixed $value, callable $print, UnitSystem $system): string
    {
        $texts = [];
        foreach (is_array($value) ? $value : [] as $pair) {
            if (is_array($pair) && is_numeric($pair[0] ?? null) && is_numeric($pair[1] ?? null)) {
                $texts[] = self::Length->print((float) $pair[0], $system) . ': ' . $print((float) $pair[1]);
            }
        }

        return implode('; ', $texts);
    }

    /**
     * @param callable(string): float $read
     *
     * @return list<array{float, float}>
     */
    private function readPairs(string $text, callable $read, UnitSystem $system): array
    {
        $pairs = [];
        foreach (self::parts($text) as $part) {
            $two = explode(':', $part);
            if (count($two) !== 2) {
                throw UnreadableQuantity::noNumber(trim($part), $this->example($system));
            }
            $pairs[] = [round(Length::parse($two[0], $system)->mm(), 6), round($read($two[1]), 6)];
        }

        return $pairs;
    }

    private static function log(mixed $value, UnitSystem $system): string
    {
        $lines = [];
        foreach (is_array($value) ? $value : [] as $pair) {
            if (is_array($pair) && is_numeric($pair[0] ?? null) && is_numeric($pair[1] ?? null)) {
                $lines[] = Figure::short((float) $pair[0], 4) . ' h: ' . self::Temperature->print((float) $pair[1], $system);
            }
        }

        return implode("\n", $lines);
    }

    /**
     * @return list<array{float, float}> hours and °C
     *
     * @throws UnreadableQuantity
     */
    public static function readings(string $text, UnitSystem $system): array
    {
        $readings = [];
        foreach (self::parts($text) as $part) {
            $two = preg_split(preg_match(self::MARK, $part) === 1 ? self::MARK : '/\s+/', trim($part), 2);
            if ($two === false || count($two) !== 2) {
                throw UnreadableQuantity::noNumber(trim($part), self::Log->example($system));
            }
            $readings[] = [round(Duration::parse($two[0])->h(), 4), round(Temperature::parse($two[1], $system)->c(), 3)];
        }

        return $readings;
    }

    /** @return list<string> what stands between line ends and semicolons */
    private static function parts(string $text): array
    {
        return array_values(array_filter(explode(';', str_replace("\n", ';', $text)), fn(string $part): bool => trim($part) !== ''));
    }

    private function bare(string $text, UnitSystem $system): float
    {
        $terms = QuantityText::terms($text, $this->example($system));
        if (count($terms) > 1 || !in_array($terms[0][1], ['', '%', 'g/cm³', 'g/cm3', 'g/ml'], true)) {
            throw UnreadableQuantity::noNumber($text, $this->example($system));
        }

        return $terms[0][0];
    }

    private function shade(string $text, UnitSystem $system): string
    {
        return preg_match('/^#[0-9a-fA-F]{6}$/', $text) === 1
            ? mb_strtolower($text)
            : throw UnreadableQuantity::noNumber($text, $this->example($system));
    }

    /** @return string|list<string> */
    private static function days(string $text): string|array
    {
        $days = preg_split('/[\s,]+/', mb_strtolower($text), -1, PREG_SPLIT_NO_EMPTY);
        $days = $days === false ? [] : $days;

        return count($days) === 1 ? $days[0] : $days;
    }
}
