<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

use Pensilis\Exception\ImpossibleValue;

/**
 * A body known by its slices: area and volume at levels, outlines at cuts. A vessel or an object made from a mesh.
 *
 * The volume between two levels is the cubic of their volumes and areas (Hermite): exact where no point of the mesh
 * lies between them, fourth order in their distance elsewhere. Outlines are those of the nearest cut, grown to the
 * area of the height asked for. As an object that is met by others it counts as convex.
 *
 * Invariant: levels rise from 0, volumes never fall; the lowest and the highest cut lie between the ends. m, m², m³.
 */
final readonly class Sliced implements VesselShape, Solid
{
    /** Sections that differ by less are the same. */
    private const SAME = 1e-6;

    /**
     * @param non-empty-list<array{float, float, float, float}>   $levels  height, area just below, just above, volume below
     * @param list<array{float, list<list<array{float, float}>>}> $cuts    height, closed lines
     * @param non-empty-list<array{float, float, float}>          $hull    its outermost points
     * @param array{float, float, float}                          $shadows what all facets show along x, y and z
     */
    private function __construct(
        private array $levels,
        private array $cuts,
        private array $hull,
        private float $surface,
        private array $shadows,
        public int $facets,
    ) {}

    /**
     * @param non-empty-list<array{float, float, float, float}>   $levels
     * @param list<array{float, list<list<array{float, float}>>}> $cuts
     * @param non-empty-list<array{float, float, float}>          $hull
     * @param array{float, float, float}                          $shadows
     */
    public static function of(array $levels, array $cuts, array $hull, float $surface, array $shadows, int $facets): self
    {
        ImpossibleValue::unlessPositive('mesh-height', $levels[count($levels) - 1][0]);

        return new self($levels, $cuts, $hull, $surface, $shadows, $facets);
    }

    /** The same body stretched along each axis; its surface as far as its facets look along the axes. */
    public function stretched(float $x, float $y, float $z): self
    {
        foreach ([$x, $y, $z] as $factor) {
            ImpossibleValue::unlessPositive('size', $factor);
        }
        [$sx, $sy, $sz] = [$this->shadows[0] * $y * $z, $this->shadows[1] * $x * $z, $this->shadows[2] * $x * $y];

        return new self(
            array_map(
                fn(array $level): array => [$z * $level[0], $x * $y * $level[1], $x * $y * $level[2], $x * $y * $z * $level[3]],
                $this->levels,
            ),
            array_map(
                fn(array $cut): array => [
                    $z * $cut[0],
                    array_map(fn(array $line): array => array_map(fn(array $p): array => [$x * $p[0], $y * $p[1]], $line), $cut[1]),
                ],
                $this->cuts,
            ),
            array_map(fn(array $p): array => [$x * $p[0], $y * $p[1], $z * $p[2]], $this->hull),
            $this->surface * ($sx + $sy + $sz) / array_sum($this->shadows),
            [$sx, $sy, $sz],
            $this->facets,
        );
    }

    /** @return array{float, float, float} full extents along x, y and z, m */
    public function extents(): array
    {
        [$x, $y] = [array_column($this->hull, 0), array_column($this->hull, 1)];

        return [max($x) - min($x), max($y) - min($y), $this->height()];
    }

    public function height(): float
    {
        return $this->levels[count($this->levels) - 1][0];
    }

    public function volumeTo(float $z): float
    {
        [$i, $z] = $this->slab($z);
        [$from, , $areaFrom, $volumeFrom] = $this->levels[$i];
        [$to, $areaTo, , $volumeTo] = $this->levels[$i + 1];
        $t = ($z - $from) / ($to - $from);

        return $volumeFrom + ($volumeTo - $volumeFrom) * $t * $t * (3.0 - 2.0 * $t)
            + ($to - $from) * $t * (1.0 - $t) * ($areaFrom * (1.0 - $t) - $areaTo * $t);
    }

    public function volumeBelow(float $z): float
    {
        return $this->volumeTo($z);
    }

    public function sectionAt(float $z): Section
    {
        [, $z] = $this->slab($z);
        $nearest = $this->cuts[0];
        foreach ($this->cuts as $cut) {
            if ($cut[1] !== [] && ($nearest[1] === [] || abs($cut[0] - $z) < abs($nearest[0] - $z))) {
                $nearest = $cut;
            }
        }

        return Section::within(Outline::ofLines($nearest[1], $this->areaAt($z)));
    }

    /** m²; of a level facet, what lies just above it, at the top just below */
    public function areaAt(float $z): float
    {
        [$i, $z] = $this->slab($z);
        [$from, , $areaFrom, $volumeFrom] = $this->levels[$i];
        [$to, $areaTo, , $volumeTo] = $this->levels[$i + 1];
        $t = ($z - $from) / ($to - $from);

        return max(0.0, 6.0 * ($volumeTo - $volumeFrom) / ($to - $from) * $t * (1.0 - $t)
            + $areaFrom * (1.0 - $t) * (1.0 - 3.0 * $t) + $areaTo * $t * (3.0 * $t - 2.0));
    }

    public function isUpright(): bool
    {
        $area = $this->levels[0][2];
        foreach ($this->levels as $i => [, $below, $above]) {
            if (($i > 0 && abs($below - $area) > self::SAME * $area)
                || ($i < count($this->levels) - 1 && abs($above - $area) > self::SAME * $area)) {
                return false;
            }
        }

        return true;
    }

    public function surfaceArea(): float
    {
        return $this->surface;
    }

    public function support(float $x, float $y, float $z): array
    {
        [$best, $most] = [$this->hull[0], -INF];
        foreach ($this->hull as $point) {
            $reach = $x * $point[0] + $y * $point[1] + $z * $point[2];
            if ($reach > $most) {
                [$best, $most] = [$point, $reach];
            }
        }

        return $best;
    }

    public function footprint(): Section
    {
        return Section::within(Outline::ofLines([Polyline::hull(array_map(fn(array $p): array => [$p[0], $p[1]], $this->hull))]));
    }

    /** @return array{int, float} index of the level below, and the height within the body */
    private function slab(float $z): array
    {
        $z = min(max($z, 0.0), $this->height());
        [$low, $high] = [0, count($this->levels) - 2];
        while ($low < $high) {
            $half = ($low + $high + 1) >> 1;
            if ($this->levels[$half][0] <= $z) {
                $low = $half;
            } else {
                $high = $half - 1;
            }
        }

        return [$low, $z];
    }
}
