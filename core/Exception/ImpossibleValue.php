<?php

declare(strict_types=1);

namespace Pensilis\Exception;

use InvalidArgumentException;

/** A value that no real vessel, object, resin or room can have. */
final class ImpossibleValue extends InvalidArgumentException implements PensilisException
{
    private function __construct(public readonly string $what, public readonly float $value, string $message)
    {
        parent::__construct($message);
    }

    public static function notPositive(string $what, float $value): self
    {
        return new self($what, $value, "The {$what} must be above 0, not {$value}.");
    }

    public static function outside(string $what, float $value, float $least, float $greatest): self
    {
        return new self($what, $value, "The {$what} must lie between {$least} and {$greatest}, not {$value}.");
    }

    public static function unlessPositive(string $what, float $value): void
    {
        if (!is_finite($value) || $value <= 0.0) {
            throw self::notPositive($what, $value);
        }
    }

    public static function unlessWithin(string $what, float $value, float $least, float $greatest): void
    {
        if (!is_finite($value) || $value < $least || $value > $greatest) {
            throw self::outside($what, $value, $least, $greatest);
        }
    }
}
