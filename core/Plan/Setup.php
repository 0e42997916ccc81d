<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Vessel\DrapeForm;
use Pensilis\Vessel\Sheet;
use Pensilis\Vessel\Vessel;

/**
 * How the vessel stands on the bench: what it is, which face will be seen, how level it is, how many are poured alike,
 * and what clings to relief and edges. Metres; the slope is rise over run.
 */
final readonly class Setup
{
    /** What stays on an upright edge where nobody has measured it (memory). */
    public const EDGE_FILM = 0.0005;

    /**
     * @param list<Compartment> $compartments poured and set before all pours, in this order
     * @param Bubbling|null     $bubbling     null where what is usual on the ground will do
     * @param Sheet|null        $ground       what stays below the resin, where it is known
     * @param float             $edgeFilm     what stays on an upright edge
     * @param bool              $isCovered    whether a box stands over it while it cures
     * @param float|null        $film         what a coat may be deep at the most where no dam holds it
     */
    public function __construct(
        public Making $making,
        public Viewed $viewed,
        public float $slope,
        public float $relief,
        public float $edge,
        public int $pieces,
        public array $compartments,
        public ?Bubbling $bubbling = null,
        public ?Sheet $ground = null,
        public ?float $film = null,
        public Recoat $recoat = Recoat::Window,
        public Tape $tape = Tape::NextDay,
        public ?DrapeForm $form = null,
        private float $edgeFilm = self::EDGE_FILM,
        public bool $isCovered = false,
    ) {}

    /** Of the finished piece with the ground that it stays on. */
    public function thickness(float $resin): float
    {
        return $resin + ($this->ground->thickness ?? 0.0);
    }

    /**
     * Heights between which nothing may lie for a fitting.
     *
     * @return array{float, float}
     */
    public function keptFree(Fitting $fitting, float $resin): array
    {
        return $fitting->zone($resin, $this->thickness(0.0));
    }

    /** The deepest hole of a whole piece, m: half of it, down to a tenth of a millimetre (common practice). */
    public function deepestHole(float $resin): float
    {
        return 1e-4 * floor(5e3 * $this->thickness($resin) + 1e-6);
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
        return $vessel->shape->sectionAt($vessel->fill)->perimeter() * $this->edge * $this->edgeFilm;
    }
}
