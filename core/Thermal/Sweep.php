<?php

declare(strict_types=1);

namespace Pensilis\Thermal;

/**
 * What conducts along one direction of a stack, whose cells lie in lines there, and what leaves to the air along it. W/K of every cell; the
 * last of a line has no link.
 */
final readonly class Sweep
{
    /**
     * @param list<int>   $starts first cells of its lines
     * @param int         $stride cells from one to the next
     * @param int         $length cells of a line
     * @param list<float> $links  to the next cell
     * @param list<float> $open   to the air
     */
    public function __construct(
        public array $starts,
        public int $stride,
        public int $length,
        public array $links,
        public array $open,
    ) {}

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
        [$links, $open, $stride, $length] = [$this->links, $this->open, $this->stride, $this->length];
        $own = $before = $after = $held;
        foreach ($this->starts as $c) {
            $link = $weight = 0.0;
            for ($n = 0; $n < $length; $n++) {
                $inverse = 1.0 / ($held[$c] + $link * (1.0 - $weight) + $links[$c] + $open[$c]);
                $own[$c] = $scale[$c] * $inverse;
                $before[$c] = $link * $inverse;
                $link = $links[$c];
                $weight = $link * $inverse;
                $after[$c] = $weight;
                $c += $stride;
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
     * @return array{array<int, float>, float} y, and what it gives to the air, W
     */
    public function solve(array $x, array $own, array $before, array $after): array
    {
        [$open, $stride, $length, $lost] = [$this->open, $this->stride, $this->length, 0.0];
        foreach ($this->starts as $c) {
            $solved = 0.0;
            for ($n = 0; $n < $length; $n++) {
                $solved = $own[$c] * $x[$c] + $before[$c] * $solved;
                $x[$c] = $solved;
                $c += $stride;
            }
            $solved = 0.0;
            for ($n = 0; $n < $length; $n++) {
                $c -= $stride;
                $solved = $x[$c] + $after[$c] * $solved;
                $x[$c] = $solved;
                $lost += $open[$c] * $solved;
            }
        }

        return [$x, $lost];
    }
}
