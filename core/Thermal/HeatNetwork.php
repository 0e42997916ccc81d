<?php

declare(strict_types=1);

namespace Pensilis\Thermal;

use Pensilis\Vessel\Convection;

/**
 * Conduction through rings and rows of cells, and into the air at every outer face.
 *
 * Equation: ρcp ∂T/∂t = ∇·(k∇T) in (r, z); symmetric at the axis; −k ∂T/∂n = h(T − T_air) outside.
 * Method: finite volumes, face conductances from the harmonic mean of k; locally one-dimensional sweeps
 * along z and r, each a two-stage L-stable implicit step [3] of Thomas solves whose factors are kept for a
 * step length. Second order in cell size, and in time when the order of sweeps alternates; heat is conserved
 * to rounding.
 *
 * Cell c = row · rings + ring. W/K, J/K, K, s.
 *
 * [1] S. V. Patankar, Numerical Heat Transfer and Fluid Flow, 1980, chapter 4.
 * [2] N. N. Yanenko, The Method of Fractional Steps, 1971.
 * [3] R. Alexander, SIAM J. Numer. Anal. 14 (1977) 1006, γ = 1 − 1/√2.
 */
final class HeatNetwork
{
    private const GAMMA = 0.29289321881345254;

    /** (1 − γ)/γ */
    private const AHEAD = 2.414213562373095;

    private int $rings;

    private int $rows;

    /** @var list<float> J/K of each cell */
    private array $capacity = [];

    /** @var list<float> W/K to the cell above; to the air at the top */
    private array $above = [];

    /** @var list<float> W/K to the next ring outward; to the air at the rim */
    private array $outward = [];

    /** @var list<float> W/K to the air below, of the lowest row */
    private array $below = [];

    /** @var array<string, array{list<float>, list<float>, list<float>, list<float>}> */
    private array $factors = [];

    /** @param non-empty-list<Row> $stack from the bottom up */
    public function __construct(RadialMesh $mesh, array $stack)
    {
        $this->rings = $mesh->rings();
        $this->rows = count($stack);
        $air = 1.0 / Convection::COEFFICIENT;
        foreach ($stack as $j => $row) {
            for ($i = 0; $i < $this->rings; $i++) {
                $stuff = $i < $mesh->resinRings ? $row->inner : $row->outer;
                $area = $mesh->area($i);
                $half = 0.5 * $row->height / $stuff->conductivity;
                $next = $stack[$j + 1] ?? null;
                $over = $next === null ? $air
                    : 0.5 * $next->height / ($i < $mesh->resinRings ? $next->inner : $next->outer)->conductivity;
                $this->capacity[] = $stuff->volumetric() * $area * $row->height;
                $this->above[] = $area / ($half + $over);
                $this->outward[] = $this->acrossRings($mesh, $row, $i, $air);
                if ($j === 0) {
                    $this->below[] = $area / ($half + $air);
                }
            }
        }
    }

    /** @return list<float> J/K of each cell */
    public function capacities(): array
    {
        return $this->capacity;
    }

    /**
     * One step of conduction, along z and r in turn, each by Alexander's scheme: two implicit solves of γ dt,
     *     U1 = S(u),  U2 = S(u + (1 − γ)/γ (U1 − u)),  lost = dt ((1 − γ) q(U1) + γ q(U2)).
     *
     * @param array<int, float> $kelvin of every cell; changed in place
     *
     * @return float J given to the air
     */
    public function conduct(array &$kelvin, float $dt, float $air, bool $axialFirst): float
    {
        $lost = 0.0;
        foreach ($axialFirst ? [true, false] : [false, true] as $axial) {
            $first = $kelvin;
            $flow = $axial ? $this->alongZ($first, self::GAMMA * $dt, $air) : $this->alongR($first, self::GAMMA * $dt, $air);
            $lost += (1.0 - self::GAMMA) * $dt * $flow;
            foreach ($first as $c => $stage) {
                $kelvin[$c] += self::AHEAD * ($stage - $kelvin[$c]);
            }
            $flow = $axial ? $this->alongZ($kelvin, self::GAMMA * $dt, $air) : $this->alongR($kelvin, self::GAMMA * $dt, $air);
            $lost += self::GAMMA * $dt * $flow;
        }

        return $lost;
    }

    private function acrossRings(RadialMesh $mesh, Row $row, int $i, float $air): float
    {
        $stuff = $i < $mesh->resinRings ? $row->inner : $row->outer;
        $half = 0.5 * $mesh->width($i) / $stuff->conductivity;
        if ($i + 1 === $this->rings) {
            return $mesh->open ? $mesh->side($i) * $row->height / ($half + $air) : 0.0;
        }
        $next = $i + 1 < $mesh->resinRings ? $row->inner : $row->outer;

        return $mesh->side($i) * $row->height / ($half + 0.5 * $mesh->width($i + 1) / $next->conductivity);
    }

    /**
     * Implicit Euler along z; answers the flow to the air in W.
     *
     * @param array<int, float> $kelvin
     */
    private function alongZ(array &$kelvin, float $dt, float $air): float
    {
        [$weight, $inverse] = $this->factorsFor($dt);
        [$rings, $top, $rate, $lost] = [$this->rings, $this->rows - 1, 1.0 / $dt, 0.0];
        [$capacity, $above, $below] = [$this->capacity, $this->above, $this->below];
        for ($i = 0; $i < $rings; $i++) {
            $carry = $below[$i] * $air;
            $c = $i;
            for ($j = 0; $j < $top; $j++, $c += $rings) {
                $solved = ($capacity[$c] * $rate * $kelvin[$c] + $carry) * $inverse[$c];
                $kelvin[$c] = $solved;
                $carry = $above[$c] * $solved;
            }
            $solved = ($capacity[$c] * $rate * $kelvin[$c] + $carry + $above[$c] * $air) * $inverse[$c];
            $kelvin[$c] = $solved;
            $lost += $above[$c] * ($solved - $air);
            for ($down = $c - $rings; $down >= 0; $down -= $rings) {
                $solved = $kelvin[$down] + $weight[$down] * $solved;
                $kelvin[$down] = $solved;
            }
            $lost += $below[$i] * ($solved - $air);
        }

        return $lost;
    }

    /**
     * Implicit Euler along r; answers the flow to the air in W.
     *
     * @param array<int, float> $kelvin
     */
    private function alongR(array &$kelvin, float $dt, float $air): float
    {
        [, , $weight, $inverse] = $this->factorsFor($dt);
        [$rings, $rate, $lost, $cells] = [$this->rings, 1.0 / $dt, 0.0, count($kelvin)];
        [$capacity, $outward] = [$this->capacity, $this->outward];
        for ($first = 0; $first < $cells; $first += $rings) {
            $rim = $first + $rings - 1;
            $carry = 0.0;
            for ($c = $first; $c < $rim; $c++) {
                $solved = ($capacity[$c] * $rate * $kelvin[$c] + $carry) * $inverse[$c];
                $kelvin[$c] = $solved;
                $carry = $outward[$c] * $solved;
            }
            $solved = ($capacity[$rim] * $rate * $kelvin[$rim] + $carry + $outward[$rim] * $air) * $inverse[$rim];
            $kelvin[$rim] = $solved;
            $lost += $outward[$rim] * ($solved - $air);
            for ($c = $rim - 1; $c >= $first; $c--) {
                $solved = $kelvin[$c] + $weight[$c] * $solved;
                $kelvin[$c] = $solved;
            }
        }

        return $lost;
    }

    /** @return array{list<float>, list<float>, list<float>, list<float>} upper weights and inverse pivots, along z and r */
    private function factorsFor(float $dt): array
    {
        $key = "{$dt} s";
        if (isset($this->factors[$key])) {
            return $this->factors[$key];
        }
        $this->factors = count($this->factors) > 24 ? [] : $this->factors;
        [$wz, $iz, $wr, $ir] = [[], [], [], []];
        foreach ($this->capacity as $c => $capacity) {
            $ring = $c % $this->rings;
            $under = $c < $this->rings ? $this->below[$ring] : $this->above[$c - $this->rings];
            $eliminated = $c < $this->rings ? 0.0 : $under * $wz[$c - $this->rings];
            $iz[] = 1.0 / ($capacity / $dt + $under + $this->above[$c] - $eliminated);
            $wz[] = $this->above[$c] * $iz[$c];
            $inner = $ring === 0 ? 0.0 : $this->outward[$c - 1];
            $eliminated = $ring === 0 ? 0.0 : $inner * $wr[$c - 1];
            $ir[] = 1.0 / ($capacity / $dt + $inner + $this->outward[$c] - $eliminated);
            $wr[] = $this->outward[$c] * $ir[$c];
        }

        return $this->factors[$key] = [$wz, $iz, $wr, $ir];
    }
}
