<?php

declare(strict_types=1);

namespace Pensilis\Plan;

/** The smallest change that mends a notice: a label for the button and one value at a place of the plan file. */
final readonly class Mend
{
    public function __construct(public string $label, public string $pointer, public int|float|string|bool|null $value) {}
}
