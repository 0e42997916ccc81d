<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Run;

/** What a mix is like when it is poured, where it is not fresh: K, conversion, and equivalent age in s at the sheet's temperature. */
final readonly class MixState
{
    public function __construct(public float $kelvin, public float $alpha, public float $age) {}
}
