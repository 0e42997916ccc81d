<?php

declare(strict_types=1);

namespace Pensilis\Quantity;

/** A figure with its unit, as fine as it is known. */
interface Quantity
{
    /** The figure in the unit of plan files. */
    public function figure(): float;

    /** How its names end in plan files: "_mm"; nothing for a bare number. */
    public function ending(): string;

    public function print(UnitSystem $system): string;
}
