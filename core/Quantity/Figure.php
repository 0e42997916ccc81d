<?php

declare(strict_types=1);

namespace Pensilis\Quantity;

/** Figures as people read them: a fixed number of digits, a true minus sign, no negative nought. */
final class Figure
{
    public static function fixed(float $value, int $digits): string
    {
        $text = number_format($value, $digits, '.', '');
        $text = (float) $text === 0.0 ? ltrim($text, '-') : $text;

        return str_replace('-', '−', $text);
    }

    /** At most so many digits, without trailing noughts. */
    public static function short(float $value, int $digits): string
    {
        $text = self::fixed($value, $digits);

        return str_contains($text, '.') ? rtrim(rtrim($text, '0'), '.') : $text;
    }
}
