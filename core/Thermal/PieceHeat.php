<?php

declare(strict_types=1);

namespace Pensilis\Thermal;

use Pensilis\Geometry\Section;
use Pensilis\Numerics\PiecewiseLinear;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Vessel\Convection;
use Pensilis\Vessel\Vessel;

/**
 * Sets up the heat of one piece: the mesh that its vessel asks for, and how deep each pour is cut.
 *
 * Round vessels keep their radius, others get the equivalent one at each height; walls that are not upright cut through the cells (Row).
 * A thin stack (under a twentieth
 * of the width) may run on depth alone, as long as that warms it by less than 20 K.
 */
final class PieceHeat
{
    /** Over the whole depth; a thin pour has its least all the same. */
    private const ROWS = 12;

    private const LEAST_ROWS = 3;

    private const THIN = 0.05;

    /** K */
    private const MILD = 20.0;

    /** Heights at which the equivalent radius is found by root search; between them it goes straight, as a share of that of equal area. */
    private const FOUND = 32;

    /** A section narrower than that is a point, m. */
    private const POINT = 1e-5;

    private readonly Section $section;

    /** @var array<string, Hull> by conductivity of the resin */
    private array $hulls = [];

    private readonly ?Bodies $bodies;

    /**
     * @param list<Body> $bodies objects that are cast in
     * @param float      $toAir  W/(m²·K) to the air above
     */
    public function __construct(
        private readonly Vessel $vessel,
        private readonly Ambient $ambient,
        array $bodies = [],
        private readonly float $toAir = Convection::COEFFICIENT,
    ) {
        $this->section = $vessel->widest();
        $this->bodies = $bodies === [] ? null : new Bodies($vessel, $bodies);
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
        [$wall, $conductivity] = [$this->vessel->wall, $resin->resin->conductivity];

        return Stack::run(
            $thin ? RadialMesh::slab() : RadialMesh::round($this->radius($conductivity), $wall),
            $wall,
            $this->vessel->base,
            $this->ambient,
            $thin || $this->vessel->shape->isUpright() ? null : ($this->hulls["{$conductivity} W"] ??= $this->hull($conductivity)),
            $this->bodies,
            $this->toAir,
            $thin ? 0.0 : $this->corner($conductivity),
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
        return $this->radiusOf($this->section, $conductivity);
    }

    /** Of others than rectangles as of the square of their area, the less the rounder they are. */
    private function corner(float $conductivity): float
    {
        [$section, $conductance] = [$this->section, EquivalentRadius::conductance($this->vessel->wall)];
        if ($section->outline === null && !$section->round) {
            return EquivalentRadius::corner($section->halfX, $section->halfY, $conductance, $conductivity);
        }
        $roundness = min(1.0, 4.0 * M_PI * $section->area() / $section->perimeter() ** 2);
        $side = 0.5 * sqrt($section->area());
        $angular = min(1.0, (1.0 - $roundness) / (1.0 - 0.25 * M_PI));

        return $angular < 1e-6 ? 0.0 : $angular * EquivalentRadius::corner($side, $side, $conductance, $conductivity);
    }

    private function hull(float $conductivity): Hull
    {
        [$shape, $fill] = [$this->vessel->shape, $this->vessel->fill];
        $ofArea = fn(float $z): float => sqrt($shape->sectionAt($z)->area() / M_PI);
        $share = PiecewiseLinear::through(array_map(function (int $n) use ($shape, $fill, $ofArea, $conductivity): array {
            $z = $fill * ($n + 0.5) / self::FOUND;

            return [$z, $ofArea($z) < self::POINT ? 1.0 : $this->radiusOf($shape->sectionAt($z), $conductivity) / $ofArea($z)];
        }, range(0, self::FOUND - 1)));

        return Hull::of(fn(float $z): float => $ofArea($z) * $share->at($z), $fill, $this->vessel->wall->thickness);
    }

    private function radiusOf(Section $section, float $conductivity): float
    {
        if ($section->isCircle()) {
            return sqrt($section->area() / M_PI);
        }
        $conductance = EquivalentRadius::conductance($this->vessel->wall);

        return $section->outline === null && !$section->round
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
