<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Run;

use function count;

/**
 * One step of heat and cure together, of all cells.
 *
 * With F = (L T + S(T, α))/C, what flows, is lost and is set free at a moment, and its parts along z and r (Hundsdorfer & Verwer [1]):
 *     Y0 = T + dt F(T)         Y1 = Y0 + γ dt (Lz(Y1 − T))/C      Y2 = Y1 + γ dt (Lr(Y2 − T))/C
 *     Z0 = Y0 + ½ dt (F(Y2) − F(T))   Z1 = Z0 + γ dt (Lz(Z1 − Y2))/C   T' = Z1 + γ dt (Lr(T' − Y2))/C
 * and α' = α + ½ dt (α̇(T, α) + α̇(Y2, α + dt α̇)), which sets free what S holds. As cure is not split off from conduction, what is even
 * stays so: a step leaves out what is of the second order, and little where little changes. Conduction is stable in any step; what is stiff
 * along both directions is damped by short ones, with which every pour begins.
 *
 * [1] W. Hundsdorfer, J. G. Verwer, Numerical Solution of Time-Dependent Advection–Diffusion–Reaction Equations, 2003, section IV.5.2.
 */
final readonly class HeatStep
{
    /** @var array<int, float> of every cell, nothing in each */
    private array $none;

    /** @var array<int, float> J/K */
    private array $capacity;

    /** @param list<Reaction> $reactions */
    public function __construct(private HeatNetwork $network, private array $reactions)
    {
        $this->capacity = $network->capacities();
        $this->none = array_fill(0, count($this->capacity), 0.0);
    }

    /**
     * @param array<int, float> $kelvin
     * @param array<int, float> $alpha
     *
     * @return array{array<int, float>, array<int, float>, float, float} both at its end; J set free, and J given to the air
     */
    public function take(array $kelvin, array $alpha, float $dt, float $air): array
    {
        [$cured, $source, $rates] = [$alpha, $this->none, []];
        foreach ($this->reactions as $n => $reaction) {
            [$cells, $heat, $gains] = [$reaction->cells, $reaction->heat, $reaction->gains($kelvin, $alpha, $dt)];
            foreach ($cells as $i => $c) {
                $gain = $gains[$i];
                $cured[$c] += $gain;
                $source[$c] = $gain * $heat[$i] / $dt;
            }
            $rates[$n] = $gains;
        }
        [$flow, $lost] = $this->network->flow($kelvin, $source, $air);
        $ways = $this->network->solve($flow, $dt);
        [$capacity, $twice] = [$this->capacity, 2.0 / $dt];
        // From here on twice what is right, of which half is taken.
        foreach ($ways[count($ways) - 1] as $c => $more) {
            $kelvin[$c] += $more;
            $flow[$c] -= $twice * $capacity[$c] * $more;
        }
        $released = 0.0;
        foreach ($this->reactions as $n => $reaction) {
            [$cells, $heat, $first, $gains] = [$reaction->cells, $reaction->heat, $rates[$n], $reaction->gains($kelvin, $cured, $dt)];
            foreach ($cells as $i => $c) {
                $before = $first[$i];
                $left = 1.0 - $alpha[$c];
                $gain = 0.5 * ($before + $gains[$i]);
                $gain = $gain < $left ? $gain : $left;
                $alpha[$c] += $gain;
                $joules = $heat[$i];
                $flow[$c] += (2.0 * $gain - $before) * $joules / $dt;
                $released += $gain * $joules;
            }
        }
        [$right, $lostThen] = $this->network->flow($kelvin, $flow, $air);
        $ways = $this->network->solve($right, $dt);
        foreach ($ways[count($ways) - 1] as $c => $further) {
            $kelvin[$c] += 0.5 * $further;
        }
        $given = HeatNetwork::GAMMA * $this->network->given($ways);

        return [$kelvin, $alpha, $released, 0.5 * $dt * ($lost + $lostThen + $given)];
    }
}
