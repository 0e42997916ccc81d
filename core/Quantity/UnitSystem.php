<?php

declare(strict_types=1);

namespace Pensilis\Quantity;

/** What a studio reads and writes by habit; any unit can be typed in either. */
enum UnitSystem: string
{
    case Metric = 'metric';
    case Us = 'us';
}
