<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

use Pensilis\Numerics\Intervals;

/**
 * A level cut through a vessel or an object about its own middle: an ellipse, a rectangle or an outline. Metres.
 *
 * Invariant: both half extents are at least 0. A point (the tip of a cone) is an ellipse of no size.
 */
final readonly class Section
{
    private const CORNERS = 48;

    /** Closer than this counts as touching, m. */
    private const TOUCH = 1e-9;

    private function __construct(public bool $round, public float $halfX, public float $halfY, public ?Outline $outline = null) {}

    public static function ellipse(float $halfX, float $halfY): self
    {
        return new self(true, $halfX, $halfY);
    }

    public static function rectangle(float $halfX, float $halfY): self
    {
        return new self(false, $halfX, $halfY);
    }

    public static function within(Outline $outline): self
    {
        return new self(false, $outline->halfX, $outline->halfY, $outline);
    }

    public function isRectangle(): bool
    {
        return !$this->round && $this->outline === null;
    }

    /** How far a place lies on the way from the middle (0) to the edge (1), its outline taken as the rectangle around it. */
    public function outwardness(float $x, float $y): float
    {
        return $this->round
            ? hypot($x / $this->halfX, $y / $this->halfY)
            : max(abs($x) / $this->halfX, abs($y) / $this->halfY);
    }

    /** m² */
    public function area(): float
    {
        return $this->outline->area ?? ($this->round ? M_PI : 4.0) * $this->halfX * $this->halfY;
    }

    /**
     * m; of an ellipse by Ramanujan's second approximation (exact for a circle; 1e-5 up to 3 : 1).
     */
    public function perimeter(): float
    {
        if (!$this->round) {
            return $this->outline->perimeter ?? 4.0 * ($this->halfX + $this->halfY);
        }
        $sum = $this->halfX + $this->halfY;
        $h = $sum > 0.0 ? 3.0 * (($this->halfX - $this->halfY) / $sum) ** 2 : 0.0;

        return M_PI * $sum * (1.0 + $h / (10.0 + sqrt(4.0 - $h)));
    }

    /**
     * Whether another section, moved by (x, y), lies inside this one; touching counts as inside. Exact but for ellipses that
     * are no circles or lie in other than rectangles: those by their corners.
     */
    public function holds(self $other, float $x, float $y): bool
    {
        if ($this->outline === null && !$this->round && $other->outline === null) {
            return abs($x) + $other->halfX <= $this->halfX + self::TOUCH && abs($y) + $other->halfY <= $this->halfY + self::TOUCH;
        }
        if ($this->isCircle() && $other->isCircle()) {
            return hypot($x, $y) + $other->halfX <= $this->halfX + self::TOUCH;
        }
        foreach ($other->rim() as [$dx, $dy]) {
            if (!$this->contains($x + $dx, $y + $dy)) {
                return false;
            }
        }
        // A wall may also reach into an object between its corners.
        foreach ($this->outline->corners ?? [] as [$cx, $cy]) {
            if ($other->containsDeeply($cx - $x, $cy - $y)) {
                return false;
            }
        }

        return true;
    }

    /** @return array{float, float} its centre of area, m */
    public function middle(): array
    {
        if ($this->outline === null) {
            return [0.0, 0.0];
        }
        [$area, $x, $y] = [0.0, 0.0, 0.0];
        $corners = $this->outline->corners;
        [$px, $py] = $corners[count($corners) - 1];
        foreach ($corners as [$qx, $qy]) {
            $cross = 0.5 * ($px * $qy - $qx * $py);
            $area += $cross;
            $x += $cross * ($px + $qx) / 3.0;
            $y += $cross * ($py + $qy) / 3.0;
            [$px, $py] = [$qx, $qy];
        }

        return $area === 0.0 ? [0.0, 0.0] : [$x / $area, $y / $area];
    }

    /** @return non-empty-list<array{float, float}> points on the edge: corners of a rectangle or an outline, many of an ellipse */
    public function rim(): array
    {
        if ($this->outline !== null) {
            return $this->outline->corners;
        }
        if (!$this->round) {
            return [[$this->halfX, $this->halfY], [-$this->halfX, $this->halfY],
                [-$this->halfX, -$this->halfY], [$this->halfX, -$this->halfY]];
        }

        return array_map(function (int $n): array {
            $turn = 2.0 * M_PI * $n / self::CORNERS;

            return [$this->halfX * cos($turn), $this->halfY * sin($turn)];
        }, range(0, self::CORNERS - 1));
    }

    /** @return non-empty-list<array{float, float}> the same without holes, as it is drawn */
    public function outer(): array
    {
        return $this->outline?->outer() ?? $this->rim();
    }

    /** @return list<list<array{float, float}>> the edges of its holes */
    public function holes(): array
    {
        return $this->outline->holes ?? [];
    }

    /** Where a line through (x, y) with the direction (dx, dy), of length 1, runs inside: metres along the line. */
    public function along(float $x, float $y, float $dx, float $dy): Intervals
    {
        if (!$this->round) {
            return Intervals::insidePolygon($this->rim(), $x, $y, $dx, $dy);
        }
        if ($this->halfX <= 0.0 || $this->halfY <= 0.0) {
            return Intervals::none();
        }
        // |p + t d|² = 1 in the plane in which the ellipse is the unit circle.
        [$px, $py, $qx, $qy] = [$x / $this->halfX, $y / $this->halfY, $dx / $this->halfX, $dy / $this->halfY];
        [$a, $b, $c] = [$qx * $qx + $qy * $qy, $px * $qx + $py * $qy, $px * $px + $py * $py - 1.0];
        $root = $b * $b - $a * $c;

        return $root <= 0.0 ? Intervals::none() : Intervals::between((-$b - sqrt($root)) / $a, (-$b + sqrt($root)) / $a);
    }

    /**
     * A point that lies farthest in a direction.
     *
     * @return array{float, float}
     */
    public function support(float $x, float $y): array
    {
        if ($this->outline !== null) {
            $reach = array_map(fn(array $p): float => $x * $p[0] + $y * $p[1], $this->outline->corners);

            return $this->outline->corners[(int) array_search(max($reach), $reach, true)];
        }
        if (!$this->round) {
            return [$x < 0.0 ? -$this->halfX : $this->halfX, $y < 0.0 ? -$this->halfY : $this->halfY];
        }
        $length = hypot($this->halfX * $x, $this->halfY * $y);

        return $length > 0.0 ? [$this->halfX ** 2 * $x / $length, $this->halfY ** 2 * $y / $length] : [0.0, 0.0];
    }

    public function isCircle(): bool
    {
        return $this->round && $this->halfX === $this->halfY;
    }

    /** Whether a point lies inside or on the edge. */
    public function contains(float $x, float $y): bool
    {
        return $this->outline?->contains($x, $y) ?? $this->beyond($x, $y) <= 1e-9;
    }

    private function containsDeeply(float $x, float $y): bool
    {
        return $this->outline === null ? $this->beyond($x, $y) < -1e-9 : $this->outline->contains($x, $y);
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
}
