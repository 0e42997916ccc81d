<?php

declare(strict_types=1);

namespace Pensilis\Geometry\Region;

use Pensilis\Numerics\Intervals;

/** A part of the plan that is poured in its own colour: it may reach beyond the vessel, which cuts it off. Metres. */
interface Patch
{
    /** Where a line through (x, y) with the direction (dx, dy), of length 1, runs inside it: metres along the line. */
    public function along(float $x, float $y, float $dx, float $dy): Intervals;

    public function holds(float $x, float $y): bool;

    /** The same with every edge moved outward by so much; inward where negative. */
    public function grown(float $by): self;

    /**
     * Its edges.
     *
     * @return list<list<array{float, float}>> open lines of points
     */
    public function edges(): array;

    /** @return list<float> heights in plan at which its edges begin, end or bend */
    public function bends(): array;
}
