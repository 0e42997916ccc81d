<?php

declare(strict_types=1);

namespace Pensilis\Vessel;

/** Heat given off to the air: natural convection about 5 and radiation about 5 W/(m²·K) (memory). */
final class Convection
{
    public const COEFFICIENT = 10.0;

    /** How much of that a face still gives off under a cover box (memory). */
    public const COVERED = 0.5;
}
