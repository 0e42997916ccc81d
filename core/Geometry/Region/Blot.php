<?php

declare(strict_types=1);

namespace Pensilis\Geometry\Region;

use Pensilis\Geometry\Outline;
use Pensilis\Numerics\Intervals;

/**
 * A patch of any outline. It grows about its middle, by the factor that moves its edge outward by a distance on average:
 * 1 + distance × perimeter / 2 area, exact to first order.
 */
final readonly class Blot implements Patch
{
    private function __construct(private Outline $outline, private float $x, private float $y, private float $scale) {}

    public static function at(Outline $outline, float $x, float $y): self
    {
        return new self($outline, $x, $y, 1.0);
    }

    public function along(float $x, float $y, float $dx, float $dy): Intervals
    {
        return Intervals::ofCrossings(self::crossings($this->corners(), $x, $y, $dx, $dy));
    }

    public function grown(float $by): self
    {
        $factor = 1.0 + $by * $this->outline->perimeter / (2.0 * $this->outline->area);

        return new self($this->outline, $this->x, $this->y, $this->scale * max($factor, 1e-3));
    }

    public function edges(): array
    {
        $corners = $this->corners();

        return [[...$corners, $corners[0]]];
    }

    public function bends(): array
    {
        return array_column($this->corners(), 1);
    }

    /**
     * Where a line meets the edges of a polygon: metres along the line, an even number.
     *
     * @param list<array{float, float}> $corners
     *
     * @return list<float>
     */
    public static function crossings(array $corners, float $x, float $y, float $dx, float $dy): array
    {
        $crossings = [];
        [$px, $py] = $corners[count($corners) - 1];
        $before = ($px - $x) * $dy - ($py - $y) * $dx;
        foreach ($corners as [$qx, $qy]) {
            $side = ($qx - $x) * $dy - ($qy - $y) * $dx;
            if (($before > 0.0) !== ($side > 0.0)) {
                $share = $before / ($before - $side);
                $crossings[] = ($px + $share * ($qx - $px) - $x) * $dx + ($py + $share * ($qy - $py) - $y) * $dy;
            }
            [$px, $py, $before] = [$qx, $qy, $side];
        }

        return $crossings;
    }

    /** @return non-empty-list<array{float, float}> */
    private function corners(): array
    {
        return array_map(fn(array $p): array => [$this->x + $this->scale * $p[0], $this->y + $this->scale * $p[1]], $this->outline->corners);
    }
}
