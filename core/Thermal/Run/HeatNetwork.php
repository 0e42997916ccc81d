<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Run;

use function array_keys;

use function array_map;
use function array_sum;
use function count;
use function max;
use function min;

use Pensilis\Thermal\Grid\Mesh;
use Pensilis\Thermal\Grid\Row;
use Pensilis\Vessel\Convection;

/**
 * Conduction through rows of cells, and into the air at every outer face.
 *
 * Equation: ρcp ∂T/∂t = ∇·(k∇T) in (r, z), symmetric at the axis, or in a quarter of (x, y, z); −k ∂T/∂n = h(T − T_air) outside.
 * Method: finite volumes, face conductances from the harmonic mean of k; what flows at a moment, and implicit sweeps along z and across
 * whose factors are kept for a step length, of which HeatStep makes a step. Second order in cell size; heat is conserved to rounding.
 *
 * Where the wall is not upright, a cell is what the wall leaves of it: true volumes, the part of each face that is
 * inside, and the true area of the slanted face [2]. A cell with nothing in it holds next to no heat and has no faces.
 *
 * Cell c = row · cells of a row + cell. W/K, J/K, K, s.
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

    private int $cells;

    /** @var list<float> J/K of each cell */
    private array $capacity = [];

    /** @var non-empty-list<Sweep> along z, then across */
    private array $sweeps;

    /** @var array<int, float> W/K to the air on all sides, of the cells that lie open */
    private array $away;

    /** @var array<string, non-empty-list<array{array<int, float>, array<int, float>, array<int, float>}>> of each sweep, by step */
    private array $factors = [];

    /**
     * @param non-empty-list<Row> $stack from the bottom up
     * @param float               $toAir W/(m²·K) to the air above
     */
    public function __construct(Mesh $mesh, array $stack, float $toAir = Convection::COEFFICIENT)
    {
        $this->cells = $mesh->cells();
        $air = 1.0 / Convection::COEFFICIENT;
        [$above, $open, $strides] = [[], [], $mesh->strides()];
        $links = $skins = array_fill(0, count($strides), []);
        [$tall, $wide] = [array_map(self::heights(...), $stack), array_map(fn(Row $row): array => self::widths($mesh, $row), $stack)];
        foreach ($stack as $j => $row) {
            [$under, $over] = [$stack[$j - 1] ?? null, $stack[$j + 1] ?? null];
            for ($i = 0; $i < $this->cells; $i++) {
                $half = $tall[$j][$i];
                [$up, $down] = [min($row->head[$i], $over->foot[$i] ?? 0.0), min($row->foot[$i], $under->head[$i] ?? 0.0)];
                $this->capacity[] = max(self::NOTHING, $row->capacity($i));
                $above[] = $over === null ? 0.0 : $up / ($half + $tall[$j + 1][$i]);
                $open[] = ($row->head[$i] - $up) / ($half + 1.0 / $toAir)
                    + ($row->foot[$i] - $down + $row->slope[$i]) / ($half + $air);
                foreach ($strides as $d => $stride) {
                    [$half, $gate] = [$wide[$j][$d][$i], $row->sides[$d]->gates[$i]];
                    $links[$d][] = $gate === 0.0 ? 0.0 : $gate / ($half + $wide[$j][$d][$i + $stride]);
                    $skins[$d][] = $row->sides[$d]->skin[$i] / ($half + $air);
                }
            }
        }
        $away = array_map(fn(float ...$ways): float => array_sum($ways), $open, ...$skins);
        $this->away = array_filter($away, fn(float $way): bool => $way > 0.0);
        $this->sweeps = [new Sweep($this->cells, $above, $open)];
        foreach ($strides as $d => $stride) {
            $this->sweeps[] = new Sweep($stride, $links[$d], $skins[$d]);
        }
    }

    /** @return list<float> from the middle of each cell of a row to its top or bottom, m²K/W */
    private static function heights(Row $row): array
    {
        return array_map(fn(int $i): float => $row->halfHeight($i) / $row->conductivity($i), array_keys($row->inside));
    }

    /** @return non-empty-list<list<float>> the same to its faces in each direction */
    private static function widths(Mesh $mesh, Row $row): array
    {
        return array_map(
            fn(int $d): array => array_map(
                fn(int $i): float => $row->halfWidth($mesh, $i, $d) / $row->conductivity($i),
                array_keys($row->inside),
            ),
            array_keys($mesh->strides()),
        );
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
     * @return array{array<int, float>, float} W into each; W that all give to the air
     */
    public function flow(array $kelvin, array $source, float $air): array
    {
        $lost = 0.0;
        foreach ($this->away as $c => $way) {
            $given = $way * ($kelvin[$c] - $air);
            $source[$c] -= $given;
            $lost += $given;
        }
        foreach ($this->sweeps as $sweep) {
            $source = $sweep->onto($source, $kelvin);
        }

        return [$source, $lost];
    }

    /**
     * Solves (I − γ dt/C Lz)(I − γ dt/C Lx)(I − γ dt/C Ly) x = dt/C b, along one direction after the other.
     *
     * @param array<int, float> $x b, W of each cell
     *
     * @return non-empty-list<array<int, float>> K, after each direction: x is the last
     */
    public function solve(array $x, float $dt): array
    {
        $ways = [];
        foreach ($this->factorsFor(self::GAMMA * $dt) as $d => $factors) {
            $ways[] = $x = $this->sweeps[$d]->solve($x, ...$factors);
        }

        return $ways;
    }

    /**
     * @param non-empty-list<array<int, float>> $ways as they were solved
     *
     * @return float W that they give to the air, through the faces of each direction on its way
     */
    public function given(array $ways): float
    {
        return array_sum(array_map(fn(Sweep $sweep, array $excess): float => $sweep->given($excess), $this->sweeps, $ways));
    }

    /** @return non-empty-list<array{array<int, float>, array<int, float>, array<int, float>}> of each sweep */
    private function factorsFor(float $dt): array
    {
        $key = "{$dt} s";
        if (isset($this->factors[$key])) {
            return $this->factors[$key];
        }
        $this->factors = count($this->factors) > 24 ? [] : $this->factors;
        $held = array_map(fn(float $capacity): float => $capacity / $dt, $this->capacity);
        // What is to be shared out comes as W first, then as K.
        $first = array_fill(0, count($held), 1.0 / self::GAMMA);
        $factors = [];
        foreach ($this->sweeps as $d => $sweep) {
            $factors[] = $sweep->factors($held, $d === 0 ? $first : $held);
        }

        return $this->factors[$key] = $factors;
    }
}
