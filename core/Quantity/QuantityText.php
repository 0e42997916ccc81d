<?php

declare(strict_types=1);

namespace Pensilis\Quantity;

use Pensilis\Exception\UnreadableQuantity;

/**
 * Takes apart what a person writes: "12", "1 1/2 in", "3/8\"", "1 ft 2 in", "120 ml", "68 °F".
 *
 * Grammar: one or more terms, each a number (whole, decimal, fraction or mixed) and its unit.
 * A decimal comma is read as a point unless exactly three digits follow it, which could mean thousands.
 */
final class QuantityText
{
    private const FRACTIONS = ['½' => ' 1/2', '¼' => ' 1/4', '¾' => ' 3/4', '⅓' => ' 1/3', '⅔' => ' 2/3',
        '⅛'                        => ' 1/8', '⅜' => ' 3/8', '⅝' => ' 5/8', '⅞' => ' 7/8'];

    private const TERM = '/\G\s*(?<sign>[+\-−]?)\s*(?:(?<whole>\d+)[ ]+(?<up>\d+)\/(?<low>\d+)'
        . '|(?<num>\d+)\/(?<den>\d+)|(?<dec>\d+(?:[.,]\d+)?|[.,]\d+))\s*(?<unit>[^\d+\-−]*)/u';

    /**
     * @return non-empty-list<array{float, string}> number and unit as written, lower case, "" where none is
     *
     * @throws UnreadableQuantity
     */
    public static function terms(string $text, string $example): array
    {
        $plain = trim(strtr($text, self::FRACTIONS));
        if ($plain === '') {
            throw UnreadableQuantity::empty($example);
        }
        $terms = [];
        for ($offset = 0; $offset < strlen($plain); $offset += strlen($match[0])) {
            if (strlen($plain) > 60 || preg_match(self::TERM, $plain, $match, 0, $offset) !== 1) {
                throw UnreadableQuantity::noNumber(mb_strimwidth($text, 0, 60, '…'), $example);
            }
            if ($terms !== [] && $match['sign'] !== '') {
                throw UnreadableQuantity::signInside($text);
            }
            $number = self::number($match, $text);
            $terms[] = [$match['sign'] === '' || $match['sign'] === '+' ? $number : -$number, self::unit($match['unit'])];
        }

        return $terms === [] ? throw UnreadableQuantity::noNumber($text, $example) : $terms;
    }

    /**
     * The sum of all terms in the unit whose factor is 1.
     *
     * @param array<string, float> $factors every accepted spelling
     * @param list<string>         $shown   the spellings to suggest
     */
    public static function sum(string $text, array $factors, string $default, string $kind, array $shown): float
    {
        $total = 0.0;
        $sign = 1.0;
        // An example in the unit that a bare number has.
        $alike = array_filter($shown, fn(string $unit): bool => ($factors[$unit] ?? 0.0) === $factors[$default]);
        $usual = array_values($alike)[0] ?? $shown[0];
        foreach (self::terms($text, "12 {$usual}") as $i => [$number, $unit]) {
            $factor = $factors[$unit === '' ? $default : $unit] ?? throw UnreadableQuantity::unknownUnit($unit, $kind, $shown);
            $sign = $i === 0 && $number < 0.0 ? -1.0 : $sign;
            $total += abs($number) * $factor;
        }
        if ($total > 1e6) {
            throw UnreadableQuantity::tooLarge($text);
        }

        return $sign * $total;
    }

    /** @param array<array-key, string> $match */
    private static function number(array $match, string $text): float
    {
        foreach ([['up', 'low'], ['num', 'den']] as [$upper, $lower]) {
            if ($match[$upper] !== '') {
                $below = (float) $match[$lower];
                $whole = $upper === 'up' ? (float) $match['whole'] : 0.0;

                return $below > 0.0 ? $whole + (float) $match[$upper] / $below : throw UnreadableQuantity::zeroDenominator($text);
            }
        }
        if (preg_match('/^[1-9]\d{0,2},\d{3}$/', $match['dec']) === 1) {
            throw UnreadableQuantity::ambiguousComma($text);
        }

        return (float) str_replace(',', '.', $match['dec']);
    }

    private static function unit(string $written): string
    {
        $plain = mb_strtolower(trim(str_replace(['.', '″', '”', '′', '’'], ['', '"', '"', "'", "'"], $written)));

        return (string) preg_replace('/\s+/u', ' ', $plain);
    }
}
