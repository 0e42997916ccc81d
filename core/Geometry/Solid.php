<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

/** The envelope of an object standing on z = 0, about its own axis. Metres, m², m³. */
interface Solid
{
    public function height(): float;

    /** The level cut at z above its bottom, clamped to [0, height]. */
    public function sectionAt(float $z): Section;

    /** Envelope volume below z, clamped to [0, height]; closed form. */
    public function volumeBelow(float $z): float;

    public function surfaceArea(): float;

    /**
     * A point of the body that lies farthest in a direction.
     *
     * @return array{float, float, float}
     */
    public function support(float $x, float $y, float $z): array;

    /** The widest cut: what is seen in plan. */
    public function footprint(): Section;
}
