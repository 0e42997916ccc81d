<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Run;

use Pensilis\Thermal\Grid\Mesh;

/**
 * The greatest temperature that each cell reached: rows from the floor of the vessel up, rings from the axis.
 *
 * Kelvin and metres. Only the rows of pours count; z = 0 is the floor of the vessel.
 */
final readonly class PeakField
{
    private Lattice $lattice;

    /** @var list<list<float>> K, of each row from the axis outward */
    private array $outward;

    /**
     * @param list<LaidRow>     $laid    from the floor up
     * @param array<int, float> $hottest of every cell of the stack
     */
    public function __construct(private Mesh $mesh, private array $laid, private array $hottest)
    {
        $this->lattice = Lattice::of($mesh, $laid);
        $this->outward = array_map(
            fn(LaidRow $row): array => array_slice($row->hottest($hottest), 0, $row->held($mesh->rings())),
            $laid,
        );
    }

    /** @return list<array{float, float, array<int, float>}> bottom and top of a row, and its rings that hold resin */
    public function rows(): array
    {
        $rows = [];
        foreach ($this->laid as $laid) {
            $rings = [];
            foreach ($laid->hottest($this->hottest) as $c => $kelvin) {
                if ($laid->row->inside[$c] > 0.0) {
                    $ring = $this->mesh->ring($c);
                    $rings[$ring] = max($rings[$ring] ?? 0.0, $kelvin);
                }
            }
            $rows[] = [$laid->bottom, $laid->top, $rings];
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

    /** At a height above the floor and a distance from the axis in the first direction, K; null where nothing was poured. */
    public function at(float $height, float $distance): ?float
    {
        return $this->lattice->at($this->outward, $height, $distance);
    }

    /** Radius of the resin, m. */
    public function radius(): float
    {
        return $this->mesh->face($this->mesh->resinRings());
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
                if (!$this->mesh->isOpen() || ($this->mesh->face($i) <= $outer && $this->mesh->face($i + 1) >= $inner)) {
                    $greatest = max($greatest ?? 0.0, $kelvin);
                }
            }
        }

        return $greatest;
    }
}
