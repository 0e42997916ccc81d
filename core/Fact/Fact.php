<?php

declare(strict_types=1);

namespace Pensilis\Fact;

use BackedEnum;

/**
 * Something that can be said: the name of a sentence, and what fills it. The words are chosen by who shows it.
 *
 * A figure has the unit that its name ends with: `_mm`, `_g`, `_ml`, `_celsius`, `_h`, `_pct`; without one it is a bare number.
 */
final readonly class Fact
{
    /** How the names of figures end that have a unit. */
    public const ENDING = '/_(mm|g|ml|celsius|h|pct)$/';

    /** @param array<string, int|float|string|BackedEnum|self|list<string>|list<self>> $values */
    public function __construct(public string $name, public array $values = []) {}
}
