<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Run;

/** Joules released by cure, given to the air and stored, of a whole run: they must add up. */
final class EnergyLedger
{
    private float $released = 0.0;

    private float $lost = 0.0;

    /** What the cells held when they entered. */
    private float $entered = 0.0;

    public function book(float $released, float $lost): void
    {
        $this->released += $released;
        $this->lost += $lost;
    }

    /**
     * Cells were added on top.
     *
     * @param array<int, float> $before J/K of the cells until now
     * @param array<int, float> $now    J/K of all
     * @param array<int, float> $kelvin of all
     */
    public function grow(array $before, array $now, array $kelvin): void
    {
        foreach ($now as $c => $capacity) {
            $this->entered += ($capacity - ($before[$c] ?? 0.0)) * $kelvin[$c];
        }
    }

    /**
     * (released − lost − stored) as a fraction of what was released; 0 where nothing was.
     *
     * @param array<int, float> $kelvin
     * @param array<int, float> $capacity J/K
     */
    public function error(array $kelvin, array $capacity): float
    {
        $held = 0.0;
        foreach ($capacity as $c => $heat) {
            $held += $heat * $kelvin[$c];
        }
        $stored = $held - $this->entered;

        return $this->released > 0.0 ? abs($this->released - $this->lost - $stored) / $this->released : 0.0;
    }
}
