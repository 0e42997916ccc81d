<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

/** The inside of a vessel, z = 0 at the bottom as it is poured. Lengths in metres, areas m², volumes m³. */
interface VesselShape
{
    public function height(): float;

    /** The level cut at z, clamped to [0, height]. */
    public function sectionAt(float $z): Section;

    /** Volume from the bottom up to z, clamped to [0, height]; closed form. */
    public function volumeTo(float $z): float;

    /** Whether every level cut is the same (upright walls). */
    public function isUpright(): bool;
}
