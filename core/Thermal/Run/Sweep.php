<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Run;

use function count;

/**
 * What conducts along one direction of a stack, whose cells lie in lines there, and what leaves to the air along it. W/K of every cell.
 *
 * The last of a line has no link: so lines end by themselves, and all cells are walked as one row in which the next is so many on.
 */
final readonly class Sweep
{
    /** @var array<int, float> of the cells that lie open */
    private array $open;

    /**
     * @param int         $stride cells from one to the next
     * @param list<float> $links  to the next cell
     * @param list<float> $open   to the air
     */
    public function __construct(private int $stride, private array $links, array $open)
    {
        $this->open = array_filter($open, fn(float $way): bool => $way > 0.0);
    }

    /**
     * Adds what flows into each cell along the lines.
     *
     * @param array<int, float> $flow   W into each
     * @param array<int, float> $kelvin
     *
     * @return array<int, float>
     */
    public function onto(array $flow, array $kelvin): array
    {
        [$links, $stride] = [$this->links, $this->stride];
        $last = count($kelvin) - $stride;
        for ($first = 0; $first < $stride; $first++) {
            $in = 0.0;
            $here = $kelvin[$first];
            $c = $first;
            for (; $c < $last; $c += $stride) {
                $next = $kelvin[$c + $stride];
                $out = $links[$c] * ($here - $next);
                $flow[$c] += $in - $out;
                $in = $out;
                $here = $next;
            }
            $flow[$c] += $in;
        }

        return $flow;
    }

    /**
     * What Thomas's way keeps of a step: by how much each cell takes its own right side, the cell before it and the cell after it.
     *
     * @param list<float>       $held  J/K for its seconds
     * @param array<int, float> $scale of the right side
     *
     * @return array{array<int, float>, array<int, float>, array<int, float>}
     */
    public function factors(array $held, array $scale): array
    {
        [$links, $stride, $full] = [$this->links, $this->stride, $held];
        foreach ($this->open as $c => $way) {
            $full[$c] += $way;
        }
        $own = $before = $after = $held;
        for ($first = 0, $all = count($held); $first < $stride; $first++) {
            $link = $weight = 0.0;
            for ($c = $first; $c < $all; $c += $stride) {
                $inverse = 1.0 / ($full[$c] + $link * (1.0 - $weight) + $links[$c]);
                $own[$c] = $scale[$c] * $inverse;
                $before[$c] = $link * $inverse;
                $link = $links[$c];
                $weight = $link * $inverse;
                $after[$c] = $weight;
            }
        }

        return [$own, $before, $after];
    }

    /**
     * Solves (held − L) y = scale · x along every line.
     *
     * @param array<int, float> $x
     * @param array<int, float> $own    of its factors
     * @param array<int, float> $before
     * @param array<int, float> $after
     *
     * @return array<int, float> y
     */
    public function solve(array $x, array $own, array $before, array $after): array
    {
        [$stride, $all] = [$this->stride, count($x)];
        for ($c = 0; $c < $stride; $c++) {
            $x[$c] *= $own[$c];
        }
        for ($c = $stride; $c < $all; $c++) {
            $x[$c] = $own[$c] * $x[$c] + $before[$c] * $x[$c - $stride];
        }
        for ($c = $all - $stride - 1; $c >= 0; $c--) {
            $x[$c] += $after[$c] * $x[$c + $stride];
        }

        return $x;
    }

    /**
     * @param array<int, float> $excess K of every cell over the air
     *
     * @return float W that leave to it
     */
    public function given(array $excess): float
    {
        $given = 0.0;
        foreach ($this->open as $c => $way) {
            $given += $way * $excess[$c];
        }

        return $given;
    }
}
