<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Geometry\Vessel;

/**
 * How the vessel stands on the bench: what it is, which face will be seen, how level it is, how many are poured alike,
 * and what clings to relief and edges. Metres; the slope is rise over run.
 */
final readonly class Setup
{
    /** What stays on an upright edge (memory). */
    private const EDGE_FILM = 0.0005;

    /** @param list<Compartment> $compartments poured and set before all pours, in this order */
    private function __construct(
        public Making $making,
        public Viewed $viewed,
        public float $slope,
        public float $relief,
        public float $edge,
        public int $pieces,
        public array $compartments,
    ) {}

    /** @param list<Compartment> $compartments */
    public static function read(Node $root, array $compartments): self
    {
        $node = $root->child('vessel');
        $level = $node->has('level') ? $node->child('level') : null;

        return new self(
            Making::from($node->text('made', $node->text('shape') === 'panel' ? 'panel' : 'mold')),
            Viewed::from($node->text('viewed', 'top')),
            $level === null ? 0.0 : $level->number('rise_mm') / $level->number('over_mm'),
            $node->number('relief_mm', 0.0) / 1e3,
            $node->number('edge_mm', 0.0) / 1e3,
            (int) $root->number('pieces', 1.0),
            $compartments,
        );
    }

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
