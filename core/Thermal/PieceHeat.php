<?php

declare(strict_types=1);

namespace Pensilis\Thermal;

use Pensilis\Geometry\Section;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Vessel\Vessel;

/**
 * Sets up the heat of one piece: the mesh that its vessel asks for, and how deep each pour is cut.
 *
 * Round vessels keep their radius, rectangular ones get the equivalent one; walls that are not upright are taken as
 * upright at their widest, which errs warm and early. A thin stack (under a twentieth
 * of the width) may run on depth alone, as long as that warms it by less than 20 K.
 */
final readonly class PieceHeat
{
    private const ROWS = 16;

    private const LEAST_ROWS = 4;

    private const THIN = 0.05;

    /** K */
    private const MILD = 20.0;

    private Section $section;

    public function __construct(private Vessel $vessel, private Ambient $ambient)
    {
        $this->section = $vessel->widest();
    }

    /**
     * Simulates pours to full cure, at the longest so many seconds after the last one.
     *
     * @param non-empty-list<array{CalibratedResin, float, float}> $pours resin, depth m, start s
     */
    public function follow(array $pours, float $longest = HeatRun::HORIZON): HeatRun
    {
        $run = $this->mayBeThin() ? $this->runThrough($pours, $longest, true) : null;
        if ($run !== null && $this->isMild($run)) {
            return $run;
        }

        return $this->runThrough($pours, $longest, false);
    }

    /** An empty vessel to pour into step by step. */
    public function begin(CalibratedResin $resin, bool $thin = false): HeatRun
    {
        return Stack::run(
            $thin ? RadialMesh::slab() : RadialMesh::round($this->radius($resin->resin->conductivity), $this->vessel->wall),
            $this->vessel->wall,
            $this->vessel->base,
            $this->ambient,
        );
    }

    public function mayBeThin(): bool
    {
        return $this->vessel->fill < self::THIN * 2.0 * min($this->section->halfX, $this->section->halfY);
    }

    public function rowsFor(float $depth): int
    {
        return max(self::LEAST_ROWS, (int) round(self::ROWS * $depth / $this->vessel->fill));
    }

    /** Whether what ran on depth alone may stand. */
    public function isMild(HeatRun $run): bool
    {
        foreach ($run->tracks() as $track) {
            if ($track->peak - $this->ambient->at($track->start) > self::MILD) {
                return false;
            }
        }

        return true;
    }

    /** Radius of the round mesh, m. */
    public function radius(float $conductivity): float
    {
        $section = $this->section;
        if ($section->round) {
            return $section->halfX;
        }
        $conductance = EquivalentRadius::conductance($this->vessel->wall);

        return $section->outline === null
            ? EquivalentRadius::ofRectangle($section->halfX, $section->halfY, $conductance, $conductivity)
            : EquivalentRadius::ofOutline($section->area(), $section->perimeter(), $conductance, $conductivity);
    }

    /**
     * The same on one mesh: on depth alone, or round.
     *
     * @param non-empty-list<array{CalibratedResin, float, float}> $pours
     */
    public function runThrough(array $pours, float $longest, bool $thin): HeatRun
    {
        $run = $this->begin($pours[0][0], $thin);
        foreach ($pours as [$resin, $depth, $start]) {
            $run->pour($resin, $depth, $start, $this->rowsFor($depth));
        }
        $run->settle($pours[count($pours) - 1][2] + $longest);

        return $run;
    }
}
