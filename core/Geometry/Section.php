<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

/**
 * A level cut through a vessel or an object: an ellipse or a rectangle about its own middle, in metres.
 *
 * Invariant: both half extents are at least 0. A point (the tip of a cone) is an ellipse of no size.
 */
final readonly class Section
{
    private const CORNERS = 48;

    private function __construct(public bool $round, public float $halfX, public float $halfY) {}

    public static function ellipse(float $halfX, float $halfY): self
    {
        return new self(true, $halfX, $halfY);
    }

    public static function rectangle(float $halfX, float $halfY): self
    {
        return new self(false, $halfX, $halfY);
    }

    /** m² */
    public function area(): float
    {
        return ($this->round ? M_PI : 4.0) * $this->halfX * $this->halfY;
    }

    /**
     * m; of an ellipse by Ramanujan's second approximation (exact for a circle; 1e-5 up to 3 : 1).
     */
    public function perimeter(): float
    {
        if (!$this->round) {
            return 4.0 * ($this->halfX + $this->halfY);
        }
        $sum = $this->halfX + $this->halfY;
        $h = $sum > 0.0 ? 3.0 * (($this->halfX - $this->halfY) / $sum) ** 2 : 0.0;

        return M_PI * $sum * (1.0 + $h / (10.0 + sqrt(4.0 - $h)));
    }

    /** Whether another section, moved by (x, y), lies inside this one; touching counts as inside. */
    public function holds(self $other, float $x, float $y): bool
    {
        foreach ($other->rim() as [$dx, $dy]) {
            if ($this->beyond($x + $dx, $y + $dy) > 1e-9) {
                return false;
            }
        }

        return true;
    }

    /** How far a point lies outside, relative to the half extent; negative inside. */
    private function beyond(float $x, float $y): float
    {
        if ($this->halfX <= 0.0 || $this->halfY <= 0.0) {
            return 1.0;
        }
        [$u, $v] = [abs($x) / $this->halfX, abs($y) / $this->halfY];

        return ($this->round ? sqrt($u * $u + $v * $v) : max($u, $v)) - 1.0;
    }

    /** @return list<array{float, float}> points on the edge: corners of a rectangle, many of an ellipse */
    private function rim(): array
    {
        if (!$this->round) {
            return [[$this->halfX, $this->halfY], [-$this->halfX, $this->halfY],
                [$this->halfX, -$this->halfY], [-$this->halfX, -$this->halfY]];
        }
        $points = [];
        for ($n = 0; $n < self::CORNERS; $n++) {
            $turn = 2.0 * M_PI * $n / self::CORNERS;
            $points[] = [$this->halfX * cos($turn), $this->halfY * sin($turn)];
        }

        return $points;
    }
}
