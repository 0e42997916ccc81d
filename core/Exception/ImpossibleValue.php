<?php

declare(strict_types=1);

namespace Pensilis\Exception;

use InvalidArgumentException;
use Pensilis\Fact\Fact;

/** A value that no real vessel, object, resin or room can have. What it is of is a name that may end with its unit, as in Fact. */
final class ImpossibleValue extends InvalidArgumentException implements PensilisException
{
    use StatesFact;

    /** @param string $of whose it is, where there are several */
    public static function unlessPositive(string $what, float $value, string $of = ''): void
    {
        if (!is_finite($value) || $value <= 0.0) {
            throw new self(new Fact($of === '' ? 'value.not-positive' : 'value.of-not-positive', ['what' => $what, 'of' => $of]));
        }
    }

    public static function unlessWithin(string $what, float $value, float $least, float $greatest): void
    {
        if (!is_finite($value) || $value < $least || $value > $greatest) {
            throw self::outside($what, $value, $least, $greatest);
        }
    }

    public static function outside(string $what, float $value, float $least, float $greatest): self
    {
        $unit = preg_match(Fact::ENDING, $what, $ending) === 1 ? $ending[0] : '';
        $name = substr($what, 0, strlen($what) - strlen($unit));
        $bounds = is_finite($greatest) ? ['least' . $unit => $least, 'greatest' . $unit => $greatest] : ['least' . $unit => $least];

        return new self(new Fact(
            is_finite($greatest) ? 'value.outside' : 'value.too-small',
            ['what' => $name, 'value' . $unit => $value] + $bounds,
        ));
    }
}
