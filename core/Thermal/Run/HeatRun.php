<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Run;

use function array_map;
use function array_slice;
use function array_sum;
use function count;

use function floor;
use function intdiv;
use function log;
use function max;
use function min;

use Pensilis\Exception\UnsteadyHeat;
use Pensilis\Material\Stuff;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Thermal\Grid\Bodies;
use Pensilis\Thermal\Grid\Corner;
use Pensilis\Thermal\Grid\Grades;
use Pensilis\Thermal\Grid\Hull;
use Pensilis\Thermal\Grid\Mesh;
use Pensilis\Thermal\Grid\Row;
use Pensilis\Thermal\Room\Ambient;
use Pensilis\Vessel\Convection;

/**
 * Heat and cure of a sequence of pours in one stack of cells.
 *
 * Equations: ρcp ∂T/∂t = ∇·(k∇T) + ρ ΔH dα/dt and dα/dt of each pour's CureLaw, earlier pours going on.
 * Initial: α = 0; board, floor and a new pour with its wall at the air's temperature of their hour.
 * Method: steps of 2^n seconds (Steps), each of cure and conduction together (HeatStep). Second order in time (measured in HeatRunTest)
 * and in cell size, on the faces and at the rim of a pour too (Probe).
 *
 * A solver's working state.
 */
final class HeatRun
{
    /** The longest that pours are followed after the last one, s. */
    public const HORIZON = 60.0 * 86400.0;

    /** After a pour; one that runs away takes a few hundred. What takes more swings by itself. */
    private const MOST_SHORT = 1500;

    private readonly Steps $steps;

    private float $time = 0.0;

    private float $step = 64.0;

    /** @var array<int, float> K */
    private array $kelvin = [];

    /** @var array<int, float> */
    private array $alpha = [];

    /** @var array<int, float> K, the greatest so far */
    private array $hottest = [];

    /** @var list<Row> */
    private array $stack = [];

    /** @var list<LaidRow> */
    private array $laid = [];

    /** @var list<PourTrack> */
    private array $tracks = [];

    private ?HeatNetwork $network = null;

    private ?HeatStep $coupled = null;

    private EnergyLedger $ledger;

    private ?Budget $budget = null;

    /** Short steps since the last pour. */
    private int $hurried = 0;

    /** m above the floor */
    private float $level = 0.0;

    /**
     * @param list<Row>   $under  board and floor, from below
     * @param Hull|null   $hull   of a vessel whose walls are not upright
     * @param float       $toAir  W/(m²·K) to the air above
     * @param Corner|null $corner of the true vessel
     * @param Bodies|null $bodies objects that are cast in
     * @param float       $most   as high as rows of old pours may become, m
     */
    public function __construct(
        private readonly Mesh $mesh,
        array $under,
        private readonly Stuff $wall,
        private readonly Ambient $ambient,
        ?Steps $steps = null,
        private readonly ?Hull $hull = null,
        private readonly ?Bodies $bodies = null,
        private readonly float $toAir = Convection::COEFFICIENT,
        private readonly ?Corner $corner = null,
        private readonly float $most = 0.0,
    ) {
        $this->steps = $steps ?? Steps::usual();
        $this->ledger = new EnergyLedger();
        foreach ($under as $row) {
            $this->addRow($row);
        }
    }

    /** What it follows is taken off a budget, and what its copies do. */
    public function within(Budget $budget): self
    {
        $this->budget = $budget;

        return $this;
    }

    /** A copy goes on by itself. */
    public function __clone()
    {
        $this->tracks = array_map(fn(PourTrack $track): PourTrack => clone $track, $this->tracks);
        $this->ledger = clone $this->ledger;
    }

    /**
     * Goes on to a moment, then pours.
     *
     * @param int           $rows cells over the depth
     * @param MixState|null $mix  what it is like by then; fresh and as warm as the air where nothing is said
     */
    public function pour(CalibratedResin $resin, float $depth, float $at, int $rows, ?MixState $mix = null): void
    {
        if ($this->tracks === []) {
            $this->time = $at;
            $air = $this->ambient->at($at);
            $this->kelvin = $this->hottest = array_fill(0, count($this->kelvin), $air);
        }
        $this->advance($at);
        $stored = $this->coarsen();
        $resinStuff = Stuff::of($resin->resin->conductivity, $resin->resin->density, $resin->resin->heatCapacity);
        $first = count($this->stack);
        $foot = $this->level;
        foreach (array_slice(Grades::bothWays($rows), 1) as $share) {
            $to = $foot + $depth * $share;
            $row = Row::between($this->mesh, $this->hull, $this->level, $to, $resinStuff, $this->wall, count($this->tracks));
            $row = $row->around($this->bodies?->within($this->mesh, $row->inside, $this->level, $to));
            $this->laid[] = LaidRow::of($this->level, $row, count($this->stack));
            $this->addRow($row);
            $this->level = $to;
        }
        $laid = array_slice($this->stack, $first);
        $reaction = Reaction::of($resin, $laid, $first * $this->mesh->cells());
        $mix ??= new MixState($this->ambient->at($at), 0.0, 0.0);
        foreach ($reaction->cells as $c) {
            [$this->kelvin[$c], $this->alpha[$c]] = [$mix->kelvin, $mix->alpha];
        }
        $this->tracks[] = new PourTrack(
            $resin,
            $reaction,
            $at,
            $this->probes($resin, $laid, $first, $reaction, true, $mix),
            $this->probes($resin, $laid, $first, $reaction, false, $mix),
            ($first + intdiv($rows, 2)) * $this->mesh->cells(),
            $mix,
        );
        assert($this->stack !== []);
        $this->network = new HeatNetwork($this->mesh, $this->stack, $this->toAir);
        // What is left of a pour that is fully cured warms nothing.
        $curing = array_filter($this->tracks, fn(PourTrack $track): bool => !$track->isCured());
        $this->coupled = new HeatStep($this->network, array_map(fn(PourTrack $track): Reaction => $track->reaction, array_values($curing)));
        $this->ledger->grow($stored, $this->network->capacities(), $this->kelvin);
        $this->step = $this->steps->least;
        $this->hurried = 0;
    }

    public function advance(float $until): void
    {
        while ($this->network !== null && $this->time < $until - 1e-6) {
            $this->tryStep(min($this->step, $until - $this->time));
        }
    }

    /** In whole steps, as long as they end before a moment: one who then goes on to it takes the steps that he would have taken anyway. */
    public function approach(float $until): void
    {
        while ($this->network !== null && $this->time + $this->step < $until - 1e-6) {
            $this->tryStep($this->step);
        }
    }

    /** Until every pour is fully cured, at the longest until a moment. */
    public function settle(float $longest): void
    {
        $this->goOnUntil(fn(PourTrack $track): bool => $track->isCured(), $longest);
    }

    /** @param callable(PourTrack): bool $done asked of every pour after every step */
    public function goOnUntil(callable $done, float $longest): void
    {
        foreach ($this->tracks as $track) {
            while ($this->network !== null && !$done($track) && $this->time < $longest - 1e-6) {
                $this->tryStep(min($this->step, $longest - $this->time));
            }
        }
    }

    public function time(): float
    {
        return $this->time;
    }

    /** @return list<PourTrack> */
    public function tracks(): array
    {
        return $this->tracks;
    }

    /** What can be read off it now. */
    public function reading(): Reading
    {
        return new Reading($this->time, $this->mesh, $this->stack, $this->laid, $this->kelvin, $this->alpha);
    }

    public function energyError(): float
    {
        return $this->ledger->error($this->kelvin, $this->network?->capacities() ?? []);
    }

    public function field(): PeakField
    {
        return new PeakField($this->mesh, $this->laid, $this->hottest);
    }

    /**
     * The middle and the rim of a face of a pour; only its middle where nothing varies across.
     *
     * @param list<Row> $rows of the pour
     *
     * @return list<Probe>
     */
    private function probes(CalibratedResin $resin, array $rows, int $first, Reaction $reaction, bool $onTop, MixState $mix): array
    {
        assert($rows !== []);
        $depth = array_sum(array_map(fn(Row $row): float => $row->height, $rows));
        $edges = $this->hull === null ? $this->mesh->edges() : [$this->hull->inner($onTop ? $this->level : $this->level - $depth)];
        $at = fn(?Probe $middle): Probe => Probe::of(
            $resin,
            $this->mesh,
            $rows,
            $first * $this->mesh->cells(),
            $reaction->watched,
            $onTop,
            $middle,
            $edges,
            $mix->alpha,
            $this->corner?->within($this->level),
        );
        $middle = $at(null);

        return $this->mesh->resinRings() > 1 ? [$middle, $at($middle)] : [$middle];
    }

    /**
     * Joins what lies deep into fewer rows; the heat in it stays as it is.
     *
     * @return array<int, float> J/K of each cell then
     */
    private function coarsen(): array
    {
        $capacity = $this->network?->capacities() ?? [];
        $coarser = Coarsening::of($this->stack, $this->tracks, $this->mesh->cells(), $this->most);
        if (!$coarser->isNeeded()) {
            return $capacity;
        }
        assert($this->stack !== []);
        $resin = [];
        foreach ($this->stack as $row) {
            array_push($resin, ...array_map($row->resin(...), range(0, $this->mesh->cells() - 1)));
        }
        $this->laid = array_map(fn(LaidRow $laid): LaidRow => $laid->moved($coarser, $this->hottest), $this->laid);
        $this->kelvin = $this->hottest = $coarser->mean($this->kelvin, $capacity);
        $this->alpha = $coarser->mean($this->alpha, $resin);
        $this->stack = $coarser->stack($this->stack);
        foreach ($this->tracks as $track) {
            $track->move($coarser);
        }

        return $coarser->sum($capacity);
    }

    private function addRow(Row $row): void
    {
        $air = $this->ambient->at($this->time);
        $this->stack[] = $row;
        for ($i = 0; $i < $this->mesh->cells(); $i++) {
            $this->kelvin[] = $this->hottest[] = $air;
            $this->alpha[] = 0.0;
        }
    }

    private function tryStep(float $dt): void
    {
        assert($this->coupled !== null);
        [$kelvin, $alpha] = [$this->kelvin, $this->alpha];
        $this->budget?->spend(count($kelvin));
        if ($dt < $this->steps->short && ++$this->hurried > self::MOST_SHORT) {
            throw UnsteadyHeat::here();
        }
        $air = $this->ambient->at($this->time + 0.5 * $dt);
        [$this->kelvin, $this->alpha, $released, $lost] = $this->coupled->take($kelvin, $alpha, $dt, $air);
        $strain = $this->strain($kelvin, $alpha, $air);
        if ($strain > 2.0 && $dt > $this->steps->least) {
            [$this->kelvin, $this->alpha] = [$kelvin, $alpha];
            $this->step = max($this->steps->least, 2.0 ** floor(log($dt, 2.0) - 0.5));

            return;
        }
        $this->ledger->book($released, $lost);
        foreach ($this->tracks as $track) {
            $this->hottest = $track->look($this->time, $dt, $this->kelvin, $alpha, $this->alpha, $this->hottest);
            $track->age($this->time, $dt, $kelvin, $this->kelvin, $this->alpha, $air);
        }
        $this->time += $dt;
        $this->adapt($dt, $strain);
    }

    /**
     * @param array<int, float> $kelvin before the step
     * @param array<int, float> $alpha  before the step
     * @param float             $air    K
     */
    private function strain(array $kelvin, array $alpha, float $air): float
    {
        $strain = 0.0;
        foreach ($this->tracks as $track) {
            if ($track->isCured()) {
                continue;
            }
            [$warmed, $cured, $warmest] = $track->reaction->change($this->kelvin, $kelvin, $this->alpha, $alpha);
            $strain = max($strain, $this->steps->strain($warmed, $cured, $warmest - $air));
        }

        return $strain;
    }

    private function adapt(float $dt, float $strain): void
    {
        if ($dt < $this->step) {
            return;
        }
        $factor = $strain < 0.45 ? 2.0 : ($strain > 1.0 ? 0.5 : 1.0);
        $last = $this->tracks[count($this->tracks) - 1];
        $longest = $last->workingUntil === null ? $this->steps->workable * $last->resin->resin->sheet->working : INF;
        $this->step = max($this->steps->least, min($longest, $this->steps->greatest, $this->step * $factor));
    }
}
