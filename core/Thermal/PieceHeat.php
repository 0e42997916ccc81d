<?php

declare(strict_types=1);

namespace Pensilis\Thermal;

use Pensilis\Geometry\Section;
use Pensilis\Numerics\PiecewiseLinear;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Thermal\Grid\Bodies;
use Pensilis\Thermal\Grid\Body;
use Pensilis\Thermal\Grid\BoxMesh;
use Pensilis\Thermal\Grid\EquivalentSection;
use Pensilis\Thermal\Grid\Hull;
use Pensilis\Thermal\Grid\Jacket;
use Pensilis\Thermal\Grid\RadialMesh;
use Pensilis\Thermal\Grid\Row;
use Pensilis\Thermal\Room\Ambient;
use Pensilis\Thermal\Run\HeatRun;
use Pensilis\Thermal\Run\Stack;
use Pensilis\Vessel\Convection;
use Pensilis\Vessel\Vessel;

/**
 * Sets up the heat of one piece: the mesh that its vessel asks for, and how deep each pour is cut.
 *
 * Round vessels keep their radius and boxes their sides; others get an equivalent section, one at each height where walls are not upright
 * and cut through the cells (Row). A thin stack (under a twentieth of the width) may run on depth alone, as long as that warms it by less
 * than 20 K.
 */
final class PieceHeat
{
    /** Over the whole depth; a thin pour has its least all the same. */
    private const ROWS = 12;

    private const BOX_ROWS = 10;

    private const LEAST_ROWS = 3;

    private const THIN = 0.05;

    /** K */
    private const MILD = 20.0;

    /** Heights at which the equivalent radius is found by root search; between them it goes straight, as a share of that of equal area. */
    private const FOUND = 16;

    /** A section narrower than that is a point, m. */
    private const POINT = 1e-5;

    private readonly Section $section;

    private readonly bool $isBox;

    /** @var array<string, EquivalentSection> by conductivity of the resin */
    private array $sections = [];

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
        $this->isBox = $vessel->shape->isUpright() && $this->section->isRectangle();
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
        [$wall, $conductivity, $isUpright] = [$this->vessel->wall, $resin->resin->conductivity, $this->vessel->shape->isUpright()];
        $section = $thin || $this->isBox ? null : $this->sections["{$conductivity} W"] ??= $this->standIn($this->section, $conductivity);

        return Stack::run(
            match (true) {
                $thin             => RadialMesh::slab(),
                $section === null => BoxMesh::of($this->section->halfX, $this->section->halfY, $wall),
                default           => RadialMesh::ofSection($section, $wall),
            },
            $wall,
            $this->vessel->base,
            $this->ambient,
            $section === null || $isUpright ? null : ($this->hulls["{$conductivity} W"] ??= $this->hull($conductivity, $section->power)),
            $this->bodies,
            $this->toAir,
            $section?->corner,
            $this->vessel->fill / $this->rows(),
        );
    }

    public function mayBeThin(): bool
    {
        return $this->vessel->fill < self::THIN * 2.0 * min($this->section->halfX, $this->section->halfY);
    }

    public function rowsFor(float $depth): int
    {
        return max(self::LEAST_ROWS, (int) round($this->rows() * $depth / $this->vessel->fill));
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

    /** Over the whole depth. */
    private function rows(): int
    {
        return $this->isBox ? self::BOX_ROWS : self::ROWS;
    }

    /** @param float $power by which the rings of the mesh grow, as it has one for all heights */
    private function hull(float $conductivity, float $power): Hull
    {
        [$shape, $fill] = [$this->vessel->shape, $this->vessel->fill];
        $ofArea = fn(float $z): float => sqrt($shape->sectionAt($z)->area() / M_PI);
        $shares = [];
        for ($n = 0; $n < self::FOUND; $n++) {
            $z = $fill * ($n + 0.5) / self::FOUND;
            $isPoint = $ofArea($z) < self::POINT;
            $shares[] = [$z, $isPoint ? 1.0 : $this->standIn($shape->sectionAt($z), $conductivity, $power)->radius / $ofArea($z)];
        }
        $share = PiecewiseLinear::through($shares);

        return Hull::of(fn(float $z): float => $ofArea($z) * $share->at($z), $fill, $this->vessel->wall->thickness);
    }

    /**
     * What cools as a section does, varying only with the distance from its middle.
     *
     * @param float|null $power by which its rings grow, where that is not to be found
     */
    private function standIn(Section $section, float $conductivity, ?float $power = null): EquivalentSection
    {
        return EquivalentSection::of($section, Jacket::of($this->vessel->wall), $conductivity, $power);
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
