<?php

declare(strict_types=1);

namespace Pensilis\Thermal;

use Pensilis\Vessel\Convection;

/**
 * Conduction through rings and rows of cells, and into the air at every outer face.
 *
 * Equation: ρcp ∂T/∂t = ∇·(k∇T) in (r, z); symmetric at the axis; −k ∂T/∂n = h(T − T_air) outside.
 * Method: finite volumes, face conductances from the harmonic mean of k; what flows at a moment, and implicit sweeps along z and r of
 * Thomas solves whose factors are kept for a step length, of which HeatStep makes a step. Second order in cell size; heat is conserved to
 * rounding.
 *
 * Where the wall is not upright, a cell is what the wall leaves of it: true volumes, the part of each face that is
 * inside, and the true area of the slanted face [2]. A cell with nothing in it holds next to no heat and has no faces.
 *
 * Cell c = row · rings + ring. W/K, J/K, K, s.
 *
 * [1] S. V. Patankar, Numerical Heat Transfer and Fluid Flow, 1980, chapter 4.
 * [2] H. Johansen, P. Colella, J. Comput. Phys. 147 (1998) 60: cut cells.
 */
final class HeatNetwork
{
    /** γ = 1 − 1/√2, at which a step damps what is stiff along one direction. */
    public const GAMMA = 0.29289321881345254;

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

    /** @var list<float> W/K to the air on all sides */
    private array $away = [];

    /** @var array<string, array{list<float>, list<float>, list<float>, list<float>, list<float>}> */
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
        $this->away = array_map(fn(float $open, float $skin): float => $open + $skin, $this->open, $this->skin);
    }

    /** @return list<float> J/K of each cell */
    public function capacities(): array
    {
        return $this->capacity;
    }

    /**
     * What flows into each cell from its neighbours, from the air and from a source in it.
     *
     * @param array<int, float> $kelvin of every cell
     * @param array<int, float> $source W in every cell
     *
     * @return array{list<float>, float} W into each; W that all give to the air
     */
    public function flow(array $kelvin, array $source, float $air): array
    {
        [$rings, $rows, $lost, $flow, $c] = [$this->rings, $this->rows, 0.0, [], 0];
        [$above, $outward, $away] = [$this->above, $this->outward, $this->away];
        $below = array_fill(0, $rings, 0.0);
        // Beyond the top and the rim no heat flows, whatever is there: so each cell is reckoned alike.
        for ($i = 0; $i < $rings; $i++) {
            $kelvin[] = $air;
        }
        for ($j = 0; $j < $rows; $j++) {
            $inner = 0.0;
            for ($i = 0; $i < $rings; $i++, $c++) {
                $here = $kelvin[$c];
                $up = $above[$c] * ($here - $kelvin[$c + $rings]);
                $out = $outward[$c] * ($here - $kelvin[$c + 1]);
                $given = $away[$c] * ($here - $air);
                $flow[] = $source[$c] + $below[$i] + $inner - $up - $out - $given;
                $lost += $given;
                $below[$i] = $up;
                $inner = $out;
            }
        }

        return [$flow, $lost];
    }

    /**
     * Solves (I − γ dt/C Lz)(I − γ dt/C Lr) x = dt/C b along z, then along r.
     *
     * @param array<int, float> $x b, W of each cell
     *
     * @return array{array<int, float>, float} x, K; and W that it gives to the air, through the faces on its way and the sides at its end
     */
    public function solve(array $x, float $dt): array
    {
        [$wz, $iz, $wr, $ir, $held] = $this->factorsFor(self::GAMMA * $dt);
        [$rings, $top, $lost, $share] = [$this->rings, $this->rows - 1, 0.0, 1.0 / self::GAMMA];
        [$above, $outward, $open, $skin] = [$this->above, $this->outward, $this->open, $this->skin];
        for ($i = 0; $i < $rings; $i++) {
            [$carry, $solved, $c] = [0.0, 0.0, $i];
            for ($j = 0; $j <= $top; $j++, $c += $rings) {
                $solved = ($share * $x[$c] + $carry) * $iz[$c];
                $x[$c] = $solved;
                $carry = $above[$c] * $solved;
            }
            $c -= $rings;
            $lost += $open[$c] * $solved;
            for ($down = $c - $rings; $down >= 0; $down -= $rings) {
                $solved = $x[$down] + $wz[$down] * $solved;
                $x[$down] = $solved;
                $lost += $open[$down] * $solved;
            }
        }
        $cells = count($x);
        for ($first = 0; $first < $cells; $first += $rings) {
            $rim = $first + $rings - 1;
            [$carry, $solved] = [0.0, 0.0];
            for ($c = $first; $c <= $rim; $c++) {
                $solved = ($held[$c] * $x[$c] + $carry) * $ir[$c];
                $x[$c] = $solved;
                $carry = $outward[$c] * $solved;
            }
            $lost += $skin[$rim] * $solved;
            for ($c = $rim - 1; $c >= $first; $c--) {
                $solved = $x[$c] + $wr[$c] * $solved;
                $x[$c] = $solved;
                $lost += $skin[$c] * $solved;
            }
        }

        return [$x, $lost];
    }

    /** @return array{list<float>, list<float>, list<float>, list<float>, list<float>} upper weights, inverse pivots along z, r; C/dt */
    private function factorsFor(float $dt): array
    {
        $key = "{$dt} s";
        if (isset($this->factors[$key])) {
            return $this->factors[$key];
        }
        $this->factors = count($this->factors) > 24 ? [] : $this->factors;
        [$wz, $iz, $wr, $ir, $held] = [[], [], [], [], []];
        foreach ($this->capacity as $c => $capacity) {
            $held[] = $capacity / $dt;
            $under = $c < $this->rings ? 0.0 : $this->above[$c - $this->rings];
            $eliminated = $c < $this->rings ? 0.0 : $under * $wz[$c - $this->rings];
            $iz[] = 1.0 / ($held[$c] + $under + $this->above[$c] + $this->open[$c] - $eliminated);
            $wz[] = $this->above[$c] * $iz[$c];
            $inner = $c % $this->rings === 0 ? 0.0 : $this->outward[$c - 1];
            $eliminated = $c % $this->rings === 0 ? 0.0 : $inner * $wr[$c - 1];
            $ir[] = 1.0 / ($held[$c] + $inner + $this->outward[$c] + $this->skin[$c] - $eliminated);
            $wr[] = $this->outward[$c] * $ir[$c];
        }

        return $this->factors[$key] = [$wz, $iz, $wr, $ir, $held];
    }
}
