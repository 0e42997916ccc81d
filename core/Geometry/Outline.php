<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

use Pensilis\Exception\CrossingOutline;
use Pensilis\Exception\ImpossibleValue;
use Pensilis\Exception\UnreadablePath;
use Pensilis\Numerics\GaussLegendre;

/**
 * A closed line in plan, with holes where other lines lie inside it, about the middle of its bounding box. Metres.
 *
 * Area by Green's theorem, ½∮(x dy − y dx), exact on lines and Bézier curves and to rounding on arcs; the corners
 * are a chord polygon, for drawings and for telling inside from outside. Invariant: it runs round once, and no hole lies in another.
 */
final readonly class Outline
{
    /** An arc of at most half a turn, cut into so many panels, is integrated to rounding. */
    private const PANELS = 8;

    /**
     * @param non-empty-list<array{float, float}> $corners
     * @param array{float, float}                 $drawnAt where its middle lies in the drawing that it was read from
     * @param list<list<array{float, float}>>     $holes   their lines
     * @param list<array{float, float}>           $outer   the line round them, where there are any
     */
    private function __construct(
        public array $corners,
        public float $area,
        public float $perimeter,
        public float $halfX,
        public float $halfY,
        public array $drawnAt = [0.0, 0.0],
        public array $holes = [],
        private array $outer = [],
    ) {}

    /** SVG path data, holes after the line that they lie in; a unit of it is so many millimetres. */
    public static function fromPath(string $path, float $unit = 1.0): self
    {
        return self::of(PathReader::chains($path), 1e-3 * $unit);
    }

    /** A regular polygon standing on a side. */
    public static function regular(int $sides, float $side): self
    {
        ImpossibleValue::unlessWithin('sides', $sides, 3.0, 100.0);
        ImpossibleValue::unlessPositive('side', $side);
        $radius = 0.5 * $side / sin(M_PI / $sides);
        $corner = fn(int $n): array => [$radius * sin(M_PI / $sides * (2 * $n + 1)), -$radius * cos(M_PI / $sides * (2 * $n + 1))];
        $curves = [];
        for ($n = 0; $n < $sides; $n++) {
            $curves[] = Cubic::line($corner($n), $corner(($n + 1) % $sides));
        }
        assert($curves !== []);

        return self::of([$curves], 1.0);
    }

    /**
     * Closed lines as they lie, holes and separate parts among them, grown about the middle to an area where one is
     * known better. They are strung on one line that runs to each part and back, which leaves inside and outside alone.
     *
     * @param list<list<array{float, float}>> $lines
     * @param float|null                      $area  m²
     */
    public static function ofLines(array $lines, ?float $area = null): self
    {
        [$signed, $perimeter, $corners] = [0.0, 0.0, []];
        foreach ($lines as $line) {
            $before = $line[count($line) - 1];
            foreach ($line as $point) {
                $signed += 0.5 * ($before[0] * $point[1] - $point[0] * $before[1]);
                $perimeter += hypot($point[0] - $before[0], $point[1] - $before[1]);
                $before = $point;
            }
            $corners = [...$corners, ...$line, $line[0]];
            $corners = count($lines) > 1 ? [...$corners, $lines[0][0]] : $corners;
        }
        if ($corners === [] || $signed === 0.0) {
            return new self([[0.0, 0.0]], 0.0, 0.0, 0.0, 0.0);
        }
        $grown = $area === null ? 1.0 : sqrt($area / abs($signed));
        $corners = array_map(fn(array $p): array => [$grown * $p[0], $grown * $p[1]], $corners);

        return new self(
            $corners,
            $grown ** 2 * abs($signed),
            $grown * $perimeter,
            max(array_map(fn(array $p): float => abs($p[0]), $corners)),
            max(array_map(fn(array $p): float => abs($p[1]), $corners)),
        );
    }

    /** @return non-empty-list<array{float, float}> its line without holes */
    public function outer(): array
    {
        return $this->outer === [] ? $this->corners : $this->outer;
    }

    /** @return bool whether a point lies inside or on the line */
    public function contains(float $x, float $y): bool
    {
        $inside = false;
        [$px, $py] = $this->corners[count($this->corners) - 1];
        foreach ($this->corners as [$qx, $qy]) {
            if (abs(($qx - $px) * ($y - $py) - ($qy - $py) * ($x - $px)) <= 1e-9 * hypot($qx - $px, $qy - $py)
                && ($x - $px) * ($x - $qx) + ($y - $py) * ($y - $qy) <= 1e-12) {
                return true;
            }
            if (($py > $y) !== ($qy > $y) && $x < $px + ($y - $py) / ($qy - $py) * ($qx - $px)) {
                $inside = !$inside;
            }
            [$px, $py] = [$qx, $qy];
        }

        return $inside;
    }

    /**
     * @param non-empty-list<non-empty-list<Curve>> $chains closed, holes after the line that they lie in
     * @param float                                 $unit   metres
     */
    private static function of(array $chains, float $unit): self
    {
        [$areas, $perimeter, $rings] = [[], 0.0, []];
        foreach ($chains as $n => $curves) {
            [$area, $points] = [0.0, []];
            foreach ($curves as $curve) {
                $area += 0.5 * GaussLegendre::integrate(function (float $t) use ($curve): float {
                    [[$x, $y], [$dx, $dy]] = [$curve->point($t), $curve->tangent($t)];

                    return $x * $dy - $y * $dx;
                }, 0.0, 1.0, self::PANELS);
                $perimeter += GaussLegendre::integrate(fn(float $t): float => hypot(...$curve->tangent($t)), 0.0, 1.0, self::PANELS);
                for ($k = 0; $k < $curve->chords(); $k++) {
                    $points[] = $curve->point($k / $curve->chords());
                }
            }
            assert($points !== []);
            // Holes run the other way round.
            $rings[] = $n > 0 && $area * $areas[0] > 0.0 ? array_reverse($points) : $points;
            $areas[] = $area;
        }
        self::mustNotCross($rings);
        self::mustBeHoles(array_slice($rings, 1), $rings[0]);
        [$x, $y] = [array_column($rings[0], 0), array_column($rings[0], 1)];
        [$middleX, $middleY] = [0.5 * (min($x) + max($x)), 0.5 * (min($y) + max($y))];
        $area = 2.0 * abs($areas[0]) - array_sum(array_map(abs(...), $areas));
        ImpossibleValue::unlessPositive('outline-area', $area);
        $moved = array_map(fn(array $ring): array => self::moved($ring, $unit, $middleX, $middleY), $rings);
        $outer = array_shift($moved);

        return new self(
            self::strung([$outer, ...$moved]),
            $area * $unit ** 2,
            $perimeter * $unit,
            0.5 * $unit * (max($x) - min($x)),
            0.5 * $unit * (max($y) - min($y)),
            [$unit * $middleX, $unit * $middleY],
            $moved,
            $outer,
        );
    }

    /**
     * About a middle, in metres.
     *
     * @param non-empty-list<array{float, float}> $ring
     *
     * @return non-empty-list<array{float, float}>
     */
    private static function moved(array $ring, float $unit, float $x, float $y): array
    {
        return array_map(fn(array $p): array => [$unit * ($p[0] - $x), $unit * ($p[1] - $y)], $ring);
    }

    /**
     * Rings on one line that runs to each hole where it is nearest, round it and back.
     *
     * @param non-empty-list<non-empty-list<array{float, float}>> $rings
     *
     * @return non-empty-list<array{float, float}>
     */
    private static function strung(array $rings): array
    {
        $line = $rings[0];
        foreach (array_slice($rings, 1) as $hole) {
            [$nearest, $at, $from] = [INF, 0, 0];
            foreach ($line as $i => [$x, $y]) {
                foreach ($hole as $k => [$hx, $hy]) {
                    $far = hypot($hx - $x, $hy - $y);
                    if ($far < $nearest) {
                        [$nearest, $at, $from] = [$far, $i, $k];
                    }
                }
            }
            $round = [...array_slice($hole, $from), ...array_slice($hole, 0, $from + 1)];
            $line = [...array_slice($line, 0, $at + 1), ...$round, ...array_slice($line, $at)];
        }

        return $line;
    }

    /**
     * @param list<non-empty-list<array{float, float}>> $holes
     * @param non-empty-list<array{float, float}>       $outer
     *
     * @throws UnreadablePath where one lies outside, or in another
     */
    private static function mustBeHoles(array $holes, array $outer): void
    {
        $rings = array_map(fn(array $ring): self => new self($ring, 0.0, 0.0, 0.0, 0.0), [$outer, ...$holes]);
        foreach ($holes as $n => $hole) {
            foreach ($rings as $m => $ring) {
                if ($m !== $n + 1 && $ring->contains(...$hole[0]) !== ($m === 0)) {
                    throw UnreadablePath::secondOutline();
                }
            }
        }
    }

    /**
     * Sweeps along x, so that only edges that overlap there are compared.
     *
     * @param list<list<array{float, float}>> $rings
     *
     * @throws CrossingOutline
     */
    private static function mustNotCross(array $rings): void
    {
        [$edges, $first] = [[], 0];
        foreach ($rings as $points) {
            foreach ($points as $i => [$x, $y]) {
                $next = ($i + 1) % count($points);
                [$toX, $toY] = $points[$next];
                $edges[] = [min($x, $toX), max($x, $toX), $x, $y, $toX, $toY, $first + $i, $first + $next];
            }
            $first += count($points);
        }
        usort($edges, fn(array $one, array $other): int => $one[0] <=> $other[0]);
        foreach ($edges as $n => [, $right, $ax, $ay, $bx, $by, $i, $next]) {
            for ($m = $n + 1; $m < $first && $edges[$m][0] <= $right; $m++) {
                [, , $cx, $cy, $dx, $dy, $j, $after] = $edges[$m];
                if ($next === $j || $after === $i) {
                    continue;
                }
                $side = fn(
                    float $px,
                    float $py,
                    float $qx,
                    float $qy,
                    float $rx,
                    float $ry,
                ): float => ($qx - $px) * ($ry - $py) - ($qy - $py) * ($rx - $px);
                [$c, $d] = [$side($ax, $ay, $bx, $by, $cx, $cy), $side($ax, $ay, $bx, $by, $dx, $dy)];
                [$a, $b] = [$side($cx, $cy, $dx, $dy, $ax, $ay), $side($cx, $cy, $dx, $dy, $bx, $by)];
                if ($a * $b < 0.0 && $c * $d < 0.0) {
                    throw CrossingOutline::near($ax + $a / ($a - $b) * ($bx - $ax), $ay + $a / ($a - $b) * ($by - $ay));
                }
            }
        }
    }
}
