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
 * Where the wall is not upright, a cell is what the wall leaves of it: true volumes, the part of each face that is
 * inside, and the true area of the slanted face [4]. A cell with nothing in it holds next to no heat and has no faces.
 *
 * Cell c = row · rings + ring. W/K, J/K, K, s.
 *
 * [1] S. V. Patankar, Numerical Heat Transfer and Fluid Flow, 1980, chapter 4.
 * [2] N. N. Yanenko, The Method of Fractional Steps, 1971.
 * [3] R. Alexander, SIAM J. Numer. Anal. 14 (1977) 1006, γ = 1 − 1/√2.
 * [4] H. Johansen, P. Colella, J. Comput. Phys. 147 (1998) 60: cut cells.
 */
final class HeatNetwork
{
    private const GAMMA = 0.29289321881345254;

    /** (1 − γ)/γ */
    private const AHEAD = 2.414213562373095;

    /** J/K of a cell with nothing in it. */
    private const NOTHING = 1e-9;

    private int $rings;

    private int $rows;

    /** @var list<float> J/K of each cell */
    private array $capacity = [];

    /** @var list<float> W/K to the cell above */
    private array $above = [];

    /** @var list<float> W/K to the next ring outward */
    private array $outward = [];

    /** @var list<float> W/K to the air above and below */
    private array $open = [];

    /** @var list<float> W/K to the air at the side */
    private array $skin = [];

    /** @var array<string, array{list<float>, list<float>, list<float>, list<float>}> */
    private array $factors = [];

    /**
     * @param non-empty-list<Row> $stack from the bottom up
     * @param float               $toAir W/(m²·K) to the air above
     */
    public function __construct(RadialMesh $mesh, array $stack, float $toAir = Convection::COEFFICIENT)
    {
        $this->rings = $mesh->rings();
        $this->rows = count($stack);
        $air = 1.0 / Convection::COEFFICIENT;
        foreach ($stack as $j => $row) {
            [$under, $over] = [$stack[$j - 1] ?? null, $stack[$j + 1] ?? null];
            for ($i = 0; $i < $this->rings; $i++) {
                $half = $row->halfHeight($i) / $row->conductivity($i);
                [$up, $down] = [min($row->head[$i], $over->foot[$i] ?? 0.0), min($row->foot[$i], $under->head[$i] ?? 0.0)];
                $this->capacity[] = max(self::NOTHING, $row->capacity($i));
                $this->above[] = $over === null ? 0.0 : $up / ($half + $over->halfHeight($i) / $over->conductivity($i));
                $this->open[] = ($row->head[$i] - $up) / ($half + 1.0 / $toAir)
                    + ($row->foot[$i] - $down + $row->slope[$i]) / ($half + $air);
                $across = $row->halfWidth($mesh, $i) / $row->conductivity($i);
                $this->outward[] = $row->gates[$i] === 0.0 ? 0.0
                    : $row->gates[$i] / ($across + $row->halfWidth($mesh, $i + 1) / $row->conductivity($i + 1));
                $this->skin[] = $row->skin[$i] / ($across + $air);
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

    /**
     * Implicit Euler along z; answers the flow to the air in W.
     *
     * @param array<int, float> $kelvin
     */
    private function alongZ(array &$kelvin, float $dt, float $air): float
    {
        [$weight, $inverse] = $this->factorsFor($dt);
        [$rings, $top, $rate, $lost] = [$this->rings, $this->rows - 1, 1.0 / $dt, 0.0];
        [$capacity, $above, $open] = [$this->capacity, $this->above, $this->open];
        for ($i = 0; $i < $rings; $i++) {
            [$carry, $solved, $c] = [0.0, 0.0, $i];
            for ($j = 0; $j <= $top; $j++, $c += $rings) {
                $solved = ($capacity[$c] * $rate * $kelvin[$c] + $carry + $open[$c] * $air) * $inverse[$c];
                $kelvin[$c] = $solved;
                $carry = $above[$c] * $solved;
            }
            $c -= $rings;
            $lost += $open[$c] * ($solved - $air);
            for ($down = $c - $rings; $down >= 0; $down -= $rings) {
                $solved = $kelvin[$down] + $weight[$down] * $solved;
                $kelvin[$down] = $solved;
                $lost += $open[$down] * ($solved - $air);
            }
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
        [$capacity, $outward, $skin] = [$this->capacity, $this->outward, $this->skin];
        for ($first = 0; $first < $cells; $first += $rings) {
            $rim = $first + $rings - 1;
            [$carry, $solved] = [0.0, 0.0];
            for ($c = $first; $c <= $rim; $c++) {
                $solved = ($capacity[$c] * $rate * $kelvin[$c] + $carry + $skin[$c] * $air) * $inverse[$c];
                $kelvin[$c] = $solved;
                $carry = $outward[$c] * $solved;
            }
            $lost += $skin[$rim] * ($solved - $air);
            for ($c = $rim - 1; $c >= $first; $c--) {
                $solved = $kelvin[$c] + $weight[$c] * $solved;
                $kelvin[$c] = $solved;
                $lost += $skin[$c] * ($solved - $air);
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
            $under = $c < $this->rings ? 0.0 : $this->above[$c - $this->rings];
            $eliminated = $c < $this->rings ? 0.0 : $under * $wz[$c - $this->rings];
            $iz[] = 1.0 / ($capacity / $dt + $under + $this->above[$c] + $this->open[$c] - $eliminated);
            $wz[] = $this->above[$c] * $iz[$c];
            $inner = $c % $this->rings === 0 ? 0.0 : $this->outward[$c - 1];
            $eliminated = $c % $this->rings === 0 ? 0.0 : $inner * $wr[$c - 1];
            $ir[] = 1.0 / ($capacity / $dt + $inner + $this->outward[$c] + $this->skin[$c] - $eliminated);
            $wr[] = $this->outward[$c] * $ir[$c];
        }

        return $this->factors[$key] = [$wz, $iz, $wr, $ir];
    }
}
