<?php

declare(strict_types=1);

namespace Pensilis\Exception;

use InvalidArgumentException;
use Pensilis\Fact\Fact;

/** A text does not say a quantity of the kind that was asked for. */
final class UnreadableQuantity extends InvalidArgumentException implements PensilisException
{
    use StatesFact;

    public static function empty(string $example): self
    {
        return new self(new Fact('quantity.empty', ['example' => $example]));
    }

    public static function noNumber(string $text, string $example): self
    {
        return new self(new Fact('quantity.no-number', ['text' => $text, 'example' => $example]));
    }

    public static function ambiguousComma(string $text): self
    {
        return new self(new Fact('quantity.ambiguous-comma', ['text' => $text]));
    }

    public static function zeroDenominator(string $text): self
    {
        return new self(new Fact('quantity.zero-denominator', ['text' => $text]));
    }

    /**
     * @param string       $kind  "length", "mass" …
     * @param list<string> $known
     */
    public static function unknownUnit(string $unit, string $kind, array $known): self
    {
        return new self(new Fact("quantity.unknown-unit-of-{$kind}", ['unit' => $unit, 'known' => $known]));
    }

    /** @param list<string> $choices */
    public static function noChoice(string $text, array $choices): self
    {
        return new self(new Fact('quantity.no-choice', ['text' => $text, 'choices' => $choices]));
    }

    public static function tooLarge(string $text): self
    {
        return new self(new Fact('quantity.too-large', ['text' => $text]));
    }

    public static function signInside(string $text): self
    {
        return new self(new Fact('quantity.sign-inside', ['text' => $text]));
    }
}
