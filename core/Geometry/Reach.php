<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

/** How far anything of a piece may reach, as the schema of the plan file says of every length. */
final readonly class Reach
{
    public const MILLIMETRES = 5000.0;
}
