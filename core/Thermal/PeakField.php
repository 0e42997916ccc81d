<?php

declare(strict_types=1);

namespace Pensilis\Thermal;

/**
 * The greatest temperature that each cell reached: rows from the floor of the vessel up, rings from the axis.
 *
 * Kelvin and metres. Only the rows of pours count; z = 0 is the floor of the vessel.
 */
final readonly class PeakField
{
    /**
     * @param list<Row>         $stack
     * @param array<int, float> $hottest
     */
    public function __construct(private RadialMesh $mesh, private array $stack, private array $hottest) {}

    /** @return list<array{float, float, array<int, float>}> bottom and top of a row, and its rings that hold resin */
    public function rows(): array
    {
        $rows = [];
        $z = 0.0;
        foreach ($this->stack as $j => $row) {
            if ($row->pour !== null) {
                $rings = array_slice($this->hottest, $j * $this->mesh->rings(), $this->mesh->rings());
                $rows[] = [$z, $z + $row->height, array_filter($rings, fn(int $i): bool => $row->inside[$i] > 0.0, ARRAY_FILTER_USE_KEY)];
                $z += $row->height;
            }
        }

        return $rows;
    }

    /** @return array{float, float} the least and the greatest of all cells, K */
    public function span(): array
    {
        [$least, $greatest] = [INF, 0.0];
        foreach ($this->rows() as [, , $rings]) {
            foreach ($rings as $kelvin) {
                [$least, $greatest] = [min($least, $kelvin), max($greatest, $kelvin)];
            }
        }

        return [$least, $greatest];
    }

    /** At a height above the floor and a distance from the axis, K; null where nothing was poured. */
    public function at(float $height, float $distance): ?float
    {
        [$top, $rings] = [0.0, $this->mesh->rings()];
        foreach ($this->stack as $j => $row) {
            $top += $row->pour === null ? 0.0 : $row->height;
            if ($row->pour === null || $height > $top) {
                continue;
            }
            $ring = 0;
            while ($ring + 1 < $rings && $row->inside[$ring + 1] > 0.0 && $this->mesh->faces[$ring + 1] <= $distance) {
                $ring++;
            }

            return $this->hottest[$j * $rings + $ring];
        }

        return null;
    }

    /** Radius of the resin, m. */
    public function radius(): float
    {
        return $this->mesh->faces[$this->mesh->resinRings];
    }

    /**
     * The greatest temperature met by something between two heights and two distances from the axis.
     *
     * In a slab every distance is the same; heights at which nothing was poured count for nothing.
     */
    public function greatestWithin(float $from, float $to, float $inner, float $outer): ?float
    {
        $greatest = null;
        foreach ($this->rows() as [$bottom, $top, $rings]) {
            if ($bottom >= $to || $top <= $from) {
                continue;
            }
            foreach ($rings as $i => $kelvin) {
                if (!$this->mesh->open || ($this->mesh->faces[$i] <= $outer && $this->mesh->faces[$i + 1] >= $inner)) {
                    $greatest = max($greatest ?? 0.0, $kelvin);
                }
            }
        }

        return $greatest;
    }
}
