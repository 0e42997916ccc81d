<?php

declare(strict_types=1);

namespace Pensilis\Thermal;

use Pensilis\Resin\CalibratedResin;
use Pensilis\Vessel\Stuff;

/**
 * Heat and cure of a sequence of pours in one stack of cells.
 *
 * Equations: ρcp ∂T/∂t = ∇·(k∇T) + ρ ΔH dα/dt and dα/dt of each pour's CureLaw, earlier pours going on.
 * Initial: α = 0; board, floor and a new pour with its wall at the air's temperature of their hour.
 * Method: Strang splitting, half a step of cure (midpoint rule, adiabatic), a step of conduction
 * (HeatNetwork, sweep order alternating), half a step of cure; steps of 2^n seconds (Steps). Order 1.5 to 2 in time on
 * even steps (measured in HeatRunTest), second in cell size; the coldest corner's gel time is first order in cell size.
 *
 * [1] G. Strang, SIAM J. Numer. Anal. 5 (1968) 506.
 *
 * A solver's working state.
 */
final class HeatRun
{
    /** The longest that pours are followed after the last one, s. */
    public const HORIZON = 60.0 * 86400.0;

    private readonly Steps $steps;

    private float $time = 0.0;

    private float $step = 64.0;

    private bool $axialFirst = true;

    /** @var array<int, float> K */
    private array $kelvin = [];

    /** @var array<int, float> */
    private array $alpha = [];

    /** @var array<int, float> K, the greatest so far */
    private array $hottest = [];

    /** @var list<Row> */
    private array $stack = [];

    /** @var list<PourTrack> */
    private array $tracks = [];

    private ?HeatNetwork $network = null;

    private EnergyLedger $ledger;

    /** @param list<Row> $under board and floor, from below */
    public function __construct(
        private readonly RadialMesh $mesh,
        array $under,
        private readonly Stuff $wall,
        private readonly Ambient $ambient,
        ?Steps $steps = null,
    ) {
        $this->steps = $steps ?? Steps::usual();
        $this->ledger = new EnergyLedger();
        foreach ($under as $row) {
            $this->addRow($row);
        }
    }

    /** Goes on to a moment, then pours. @param int $rows cells over the depth */
    public function pour(CalibratedResin $resin, float $depth, float $at, int $rows): void
    {
        if ($this->tracks === []) {
            $this->time = $at;
            $air = $this->ambient->at($at);
            $this->kelvin = $this->hottest = array_fill(0, count($this->kelvin), $air);
        }
        $this->advance($at);
        $resinStuff = Stuff::of($resin->resin->conductivity, $resin->resin->density, $resin->resin->heatCapacity);
        $first = count($this->stack);
        for ($j = 0; $j < $rows; $j++) {
            $this->addRow(new Row($depth / $rows, $resinStuff, $this->wall, count($this->tracks)));
        }
        $this->tracks[] = new PourTrack(
            $resin,
            new Reaction($resin, $this->mesh, $depth / $rows, $first, $rows, $this->steps->slow),
            $at,
            $first,
            $rows,
            $this->mesh->resinRings,
            $this->mesh->rings(),
            $this->ambient->at($at),
        );
        $stored = $this->network?->capacities() ?? [];
        assert($this->stack !== []);
        $this->network = new HeatNetwork($this->mesh, $this->stack);
        $this->ledger->grow($stored, $this->network->capacities(), $this->kelvin);
        $this->step = $this->steps->least;
    }

    public function advance(float $until): void
    {
        while ($this->network !== null && $this->time < $until - 1e-6) {
            $this->tryStep(min($this->step, $until - $this->time));
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

    public function energyError(): float
    {
        return $this->ledger->error($this->kelvin, $this->network?->capacities() ?? []);
    }

    public function field(): PeakField
    {
        return new PeakField($this->mesh, $this->stack, $this->hottest);
    }

    private function addRow(Row $row): void
    {
        $air = $this->ambient->at($this->time);
        $this->stack[] = $row;
        for ($i = 0; $i < $this->mesh->rings(); $i++) {
            $this->kelvin[] = $this->hottest[] = $air;
            $this->alpha[] = 0.0;
        }
    }

    private function tryStep(float $dt): void
    {
        assert($this->network !== null);
        [$kelvin, $alpha] = [$this->kelvin, $this->alpha];
        $released = $this->cure(0.5 * $dt);
        $lost = $this->network->conduct($this->kelvin, $dt, $this->ambient->at($this->time + 0.5 * $dt), $this->axialFirst);
        $released += $this->cure(0.5 * $dt);
        $strain = $this->strain($kelvin, $alpha);
        if ($strain > 2.0 && $dt > $this->steps->least) {
            [$this->kelvin, $this->alpha] = [$kelvin, $alpha];
            $this->step = max($this->steps->least, 2.0 ** floor(log($dt, 2.0) - 0.5));

            return;
        }
        $this->ledger->book($released, $lost);
        foreach ($this->tracks as $track) {
            $track->look($this->time, $dt, $this->kelvin, $alpha, $this->alpha, $this->hottest);
            $track->age($this->time, $dt, $kelvin, $this->kelvin, $this->alpha[$track->surfaceCell]);
        }
        $this->time += $dt;
        $this->axialFirst = !$this->axialFirst;
        $this->adapt($dt, $strain);
    }

    private function cure(float $dt): float
    {
        $released = 0.0;
        foreach ($this->tracks as $track) {
            $released += $track->reaction->react($this->kelvin, $this->alpha, $dt, $this->mesh->rings());
        }

        return $released;
    }

    /**
     * @param array<int, float> $kelvin before the step
     * @param array<int, float> $alpha  before the step
     */
    private function strain(array $kelvin, array $alpha): float
    {
        $strain = 0.0;
        foreach ($this->tracks as $track) {
            $strain = max($strain, $track->reaction->strain(
                $this->kelvin,
                $kelvin,
                $this->alpha,
                $alpha,
                $this->mesh->rings(),
                $this->steps->warming,
                $this->steps->curing,
            ));
        }

        return $strain;
    }

    private function adapt(float $dt, float $strain): void
    {
        if ($dt < $this->step) {
            return;
        }
        $factor = $strain < 0.45 ? 2.0 : ($strain > 1.0 ? 0.5 : 1.0);
        $this->step = min($this->steps->greatest, max($this->steps->least, $this->step * $factor));
    }
}
