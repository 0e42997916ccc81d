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
    /**
     * @param non-empty-list<array{float, float}> $corners
     * @param float                               $reach   none of them lies farther from its middle, m
     */
    private function __construct(
        private array $corners,
        private float $x,
        private float $y,
        private float $area,
        private float $perimeter,
        private float $reach,
    ) {}

    public static function at(Outline $outline, float $x, float $y): self
    {
        return new self(
            array_map(fn(array $p): array => [$x + $p[0], $y + $p[1]], $outline->corners),
            $x,
            $y,
            $outline->area,
            $outline->perimeter,
            hypot($outline->halfX, $outline->halfY),
        );
    }

    public function along(float $x, float $y, float $dx, float $dy): Intervals
    {
        $past = abs(($this->x - $x) * $dy - ($this->y - $y) * $dx) > $this->reach;

        return $past ? Intervals::none() : Intervals::insidePolygon($this->corners, $x, $y, $dx, $dy);
    }

    public function holds(float $x, float $y): bool
    {
        foreach ($this->along($x, $y, 1.0, 0.0)->spans as [$from, $to]) {
            if ($from <= 0.0 && $to >= 0.0) {
                return true;
            }
        }

        return false;
    }

    public function grown(float $by): self
    {
        $factor = max(1.0 + $by * $this->perimeter / (2.0 * $this->area), 1e-3);
        $corners = array_map(
            fn(array $p): array => [$this->x + $factor * ($p[0] - $this->x), $this->y + $factor * ($p[1] - $this->y)],
            $this->corners,
        );

        return new self($corners, $this->x, $this->y, $factor ** 2 * $this->area, $factor * $this->perimeter, $factor * $this->reach);
    }

    public function edges(): array
    {
        return [[...$this->corners, $this->corners[0]]];
    }

    public function bends(): array
    {
        return array_column($this->corners, 1);
    }
}
