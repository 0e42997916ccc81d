<?php

declare(strict_types=1);

namespace Pensilis\Exception;

use InvalidArgumentException;

/** A text does not say a quantity of the kind that was asked for. */
final class UnreadableQuantity extends InvalidArgumentException implements PensilisException
{
    public static function empty(string $example): self
    {
        return new self("Nothing is written here; write for example “{$example}”.");
    }

    public static function noNumber(string $text, string $example): self
    {
        return new self("“{$text}” does not read as a number with a unit; write for example “{$example}”.");
    }

    public static function ambiguousComma(string $text): self
    {
        return new self("“{$text}” could be a thousand or a decimal; write it without the comma, or with a point.");
    }

    public static function zeroDenominator(string $text): self
    {
        return new self("“{$text}” divides by nothing; the lower figure of a fraction must be above 0.");
    }

    /** @param list<string> $known */
    public static function unknownUnit(string $unit, string $kind, array $known): self
    {
        return new self("“{$unit}” is not a unit of {$kind} here; use one of " . implode(', ', $known) . '.');
    }

    /** @param list<string> $choices */
    public static function noChoice(string $text, array $choices): self
    {
        return new self("“{$text}” cannot be chosen here; choose one of " . implode(', ', $choices) . '.');
    }

    public static function tooLarge(string $text): self
    {
        return new self("“{$text}” is larger than anything that can be cast; check the figure and its unit.");
    }

    public static function signInside(string $text): self
    {
        return new self("“{$text}” has a sign inside; write one figure, such as “12 mm” or “1 ft 2 in”.");
    }
}
