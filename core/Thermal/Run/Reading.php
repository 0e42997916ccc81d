<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Run;

use Pensilis\Thermal\Grid\Mesh;
use Pensilis\Thermal\Grid\Row;

/** What can be read off a run at a moment: its cells by height and distance, and the mean of its resin. Metres, K. */
final readonly class Reading
{
    /**
     * @param float             $time   s from the start of the plan
     * @param list<Row>         $stack
     * @param list<LaidRow>     $laid   rows of pours, from the floor up
     * @param array<int, float> $kelvin of every cell
     * @param array<int, float> $alpha  of every cell
     */
    public function __construct(
        private float $time,
        private Mesh $mesh,
        private array $stack,
        private array $laid,
        private array $kelvin,
        private array $alpha,
    ) {}

    /** What the pours are like, from the axis outward in the first direction. */
    public function frame(): Frame
    {
        [$kelvin, $alpha, $cells] = [[], [], $this->mesh->cells()];
        foreach ($this->laid as $laid) {
            $held = $laid->held($this->mesh->rings());
            $kelvin[] = array_slice($this->kelvin, $laid->at * $cells, $held);
            $alpha[] = array_slice($this->alpha, $laid->at * $cells, $held);
        }

        return new Frame($this->time, $kelvin, $alpha);
    }

    /** @return array{float, float} K and conversion of all resin, by volume */
    public function mean(): array
    {
        [$volume, $kelvin, $alpha, $cells] = [0.0, 0.0, 0.0, $this->mesh->cells()];
        foreach ($this->stack as $j => $row) {
            for ($i = 0; $i < $cells && $row->pour !== null; $i++) {
                $here = $row->resin($i);
                $volume += $here;
                $kelvin += $here * $this->kelvin[$j * $cells + $i];
                $alpha += $here * $this->alpha[$j * $cells + $i];
            }
        }

        return [$kelvin / $volume, $alpha / $volume];
    }

    public function lattice(): Lattice
    {
        return Lattice::of($this->mesh, $this->laid);
    }

    /** Temperature at a height above the floor and a distance from the axis in the first direction */
    public function kelvinAt(float $height, float $distance): float
    {
        return $this->kelvin[$this->cellAt($height, $distance)];
    }

    public function conversionAt(float $height, float $distance): float
    {
        return $this->alpha[$this->cellAt($height, $distance)];
    }

    /** The cell at a place, or the nearest that is filled. */
    private function cellAt(float $height, float $distance): int
    {
        $row = count($this->stack) - 1;
        foreach ($this->laid as $laid) {
            if ($laid->top >= $height) {
                $row = $laid->at;
                break;
            }
        }
        $ring = 0;
        while ($ring + 1 < $this->mesh->resinRings() && $this->mesh->face($ring + 1) < $distance) {
            $ring++;
        }

        return $row * $this->mesh->cells() + $ring;
    }
}
