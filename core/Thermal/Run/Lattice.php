<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Run;

use Pensilis\Thermal\Grid\Mesh;

/** Where the cells of a run lie in a section from the axis outward, and what is between them. Metres. */
final readonly class Lattice
{
    /**
     * @param list<array{float, float, int}> $rows    bottom and top of each above the floor, and its pour
     * @param list<float>                    $middles of rings, from the axis
     */
    private function __construct(public array $rows, public array $middles) {}

    /** @param list<LaidRow> $laid from the floor up */
    public static function of(Mesh $mesh, array $laid): self
    {
        return new self(
            array_map(fn(LaidRow $row): array => [$row->bottom, $row->top, $row->pour], $laid),
            array_map(fn(int $ring): float => $mesh->middle($ring, 0), range(0, $mesh->resinRings() - 1)),
        );
    }

    /**
     * Straight between the middles of rows and rings, and on from the last two at a face; null above what is poured.
     *
     * @param list<list<float>> $values by row and ring
     */
    public function at(array $values, float $height, float $distance, bool $withinPour = false): ?float
    {
        $row = $this->rowAt($height, count($values));
        if ($row === null) {
            return null;
        }
        $middle = fn(int $j): float => 0.5 * ($this->rows[$j][0] + $this->rows[$j][1]);
        $joins = fn(int $j): bool => isset($values[$j]) && (!$withinPour || $this->rows[$j][2] === $this->rows[$row][2]);
        $other = $height >= $middle($row) ? $row + 1 : $row - 1;
        $other = $joins($other) ? $other : 2 * $row - $other;
        $here = $this->across($values[$row], $distance);
        if (!$joins($other)) {
            return $here;
        }
        $share = ($height - $middle($row)) / ($middle($other) - $middle($row));

        return $here + $share * ($this->across($values[$other], $distance) - $here);
    }

    private function rowAt(float $height, int $rows): ?int
    {
        for ($j = 0; $j < $rows; $j++) {
            if ($height <= $this->rows[$j][1] + 1e-9) {
                return $j;
            }
        }

        return null;
    }

    /**
     * Straight between two rings, and on from the last two; around the axis, where it is level, as a parabola.
     *
     * @param list<float> $ring values from the axis outward
     */
    private function across(array $ring, float $distance): float
    {
        $last = count($ring) - 1;
        if ($last < 1) {
            return $ring[0] ?? 0.0;
        }
        $i = 0;
        while ($i + 1 < $last && $this->middles[$i + 1] <= $distance) {
            $i++;
        }
        $bend = fn(float $at): float => $i === 0 ? $at * $at : $at;
        [$from, $to] = [$bend($this->middles[$i]), $bend($this->middles[$i + 1])];

        return $ring[$i] + ($bend($distance) - $from) / ($to - $from) * ($ring[$i + 1] - $ring[$i]);
    }
}
