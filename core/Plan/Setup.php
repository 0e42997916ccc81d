<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Vessel\Vessel;

/**
 * How the vessel stands on the bench: what it is, which face will be seen, how level it is, how many are poured alike,
 * and what clings to relief and edges. Metres; the slope is rise over run.
 */
final readonly class Setup
{
    /** What stays on an upright edge (memory). */
    private const EDGE_FILM = 0.0005;

    /** @param list<Compartment> $compartments poured and set before all pours, in this order */
    public function __construct(
        public Making $making,
        public Viewed $viewed,
        public float $slope,
        public float $relief,
        public float $edge,
        public int $pieces,
        public array $compartments,
    ) {}
    /** How much one side lies higher than the other, m. */
    public function rise(Vessel $vessel): float
    {
        $rim = $vessel->shape->sectionAt($vessel->fill);

        return 2.0 * max($rim->halfX, $rim->halfY) * $this->slope;
    }

    /** What the first pour needs beyond its level: relief of the ground, by its mean depth; m³. */
    public function reliefVolume(Vessel $vessel): float
    {
        return $this->relief * $vessel->shape->sectionAt(0.0)->area();
    }

    /** What the last pour loses to upright edges; m³. */
    public function edgeVolume(Vessel $vessel): float
    {
        return $vessel->shape->sectionAt($vessel->fill)->perimeter() * $this->edge * self::EDGE_FILM;
    }
}
