<?php

declare(strict_types=1);

namespace Pensilis\Quantity;

use Pensilis\Fact\Fact;

/** Quantities out of the figures of a fact: the name says which. */
final class Keyed
{
    public static function quantity(string $name, int|float $value): Quantity
    {
        return match (preg_match(Fact::ENDING, $name, $ending) === 1 ? $ending[0] : '') {
            '_mm'      => Length::millimetres((float) $value),
            '_g'       => Mass::grams((float) $value),
            '_ml'      => Volume::millilitres((float) $value),
            '_celsius' => Temperature::celsius((float) $value),
            '_h'       => Duration::hours((float) $value),
            '_pct'     => Share::percent((float) $value),
            default    => is_int($value) ? Number::count($value) : Number::of($value, 4),
        };
    }

    /** The name without its unit. */
    public static function bare(string $name): string
    {
        return preg_replace(Fact::ENDING, '', $name) ?? $name;
    }
}
