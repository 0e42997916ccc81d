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
     * @param list<LaidRow>     $laid    from the floor up
     * @param array<int, float> $hottest of every cell of the stack
     */
    public function __construct(private RadialMesh $mesh, private array $laid, private array $hottest) {}

    /** @return list<array{float, float, array<int, float>}> bottom and top of a row, and its rings that hold resin */
    public function rows(): array
    {
        return array_map(fn(LaidRow $laid): array => [
            $laid->bottom,
            $laid->top,
            array_filter($laid->hottest($this->hottest), fn(int $i): bool => $laid->row->inside[$i] > 0.0, ARRAY_FILTER_USE_KEY),
        ], $this->laid);
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
        foreach ($this->laid as $laid) {
            if ($height > $laid->top) {
                continue;
            }
            [$ring, $inside] = [0, $laid->row->inside];
            while (($inside[$ring + 1] ?? 0.0) > 0.0 && $this->mesh->faces[$ring + 1] <= $distance) {
                $ring++;
            }

            return $laid->hottest($this->hottest)[$ring];
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
