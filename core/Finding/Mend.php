<?php

declare(strict_types=1);

namespace Pensilis\Finding;

/** The smallest change that mends a finding: one value at a place of the plan file. */
final readonly class Mend
{
    public function __construct(public string $pointer, public int|float|string|bool|null $value) {}
}
