<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

use Pensilis\Numerics\GaussLegendre;

/**
 * Moments of a section, ∫ x^p y^q over its area and along its edges, x and y as shares of its half extents; and where its edges turn.
 *
 * Areas by Green's theorem, ∫ x^p y^q dA = ∮ x^(p+1) y^q dy / (p + 1), along each side by a rule that is exact for p + q up to 8; then
 * scaled to the true area and perimeter, of which the chords of a curve fall a little short.
 */
final readonly class Moments
{
    /** The greatest p + q. */
    private const DEGREE = 8;

    private const STRIDE = self::DEGREE + 1;

    /** Of the half extents: along a shorter side two points are as good as five. */
    private const SHORT = 0.2;

    /** A line that turns back on itself only strings parts together; radians. */
    private const BACK = 2.8;

    /**
     * @param array<int, float>                $area  m², by p · STRIDE + q
     * @param array<int, float>                $edge  m
     * @param list<array{float, float, float}> $turns where edges turn, m, and by how much, radians; less than none where they turn inward
     */
    private function __construct(private array $area, private array $edge, public array $turns) {}

    public static function of(Section $section): self
    {
        $lines = [
            self::sides($section->outer(), true),
            ...array_map(fn(array $line): array => self::sides($line, false), $section->holes()),
        ];
        [$area, $edge, $length] = [self::none(), self::none(), 0.0];
        [$halfX, $halfY] = [$section->halfX, $section->halfY];
        foreach (array_merge(...$lines) as [$x, $y, $dx, $dy]) {
            $side = hypot($dx, $dy);
            $length += $side;
            $isShort = abs($dx) < self::SHORT * $halfX && abs($dy) < self::SHORT * $halfY;
            foreach ($isShort ? GaussLegendre::TWO : GaussLegendre::FIVE as [$node, $weight]) {
                $along = 0.5 * (1.0 + $node);
                [$px, $py] = [($x + $along * $dx) / $halfX, ($y + $along * $dy) / $halfY];
                $edge = self::add($edge, $px, $py, 0.5 * $weight * $side);
                $area = self::add($area, $px, $py, 0.5 * $weight * $dy * $px * $halfX);
            }
        }
        foreach ($area as $at => $sum) {
            $area[$at] = $sum / (intdiv($at, self::STRIDE) + 1);
        }
        [$grown, $longer] = [$section->area() / $area[0], $section->perimeter() / $length];

        return new self(
            array_map(fn(float $sum): float => $grown * $sum, $area),
            array_map(fn(float $sum): float => $longer * $sum, $edge),
            array_merge(...array_map(self::turns(...), $lines)),
        );
    }

    /** ∫ x^p y^q over the area, m² */
    public function area(int $p, int $q): float
    {
        return $this->area[$p * self::STRIDE + $q];
    }

    /** ∮ x^p y^q along the edges, m */
    public function edge(int $p, int $q): float
    {
        return $this->edge[$p * self::STRIDE + $q];
    }

    /** @return array<int, float> */
    private static function none(): array
    {
        $none = [];
        for ($p = 0; $p <= self::DEGREE; $p++) {
            for ($q = 0; $p + $q <= self::DEGREE; $q++) {
                $none[$p * self::STRIDE + $q] = 0.0;
            }
        }

        return $none;
    }

    /**
     * @param array<int, float> $sums
     *
     * @return array<int, float> with what a place adds to each
     */
    private static function add(array $sums, float $x, float $y, float $weight): array
    {
        for ($p = 0; $p <= self::DEGREE; $p++) {
            $here = $weight;
            for ($q = 0; $p + $q <= self::DEGREE; $q++) {
                $sums[$p * self::STRIDE + $q] += $here;
                $here *= $y;
            }
            $weight *= $x;
        }

        return $sums;
    }

    /**
     * The sides of a line, run round with the inside on the left; of a hole, on the right.
     *
     * @param list<array{float, float}> $line
     *
     * @return list<array{float, float, float, float}> where each begins and how far it goes
     */
    private static function sides(array $line, bool $isOuter): array
    {
        [$sides, $signed] = [[], 0.0];
        foreach ($line as $i => [$x, $y]) {
            [$u, $v] = $line[($i + 1) % count($line)];
            $signed += $x * $v - $u * $y;
            if (hypot($u - $x, $v - $y) > 0.0) {
                $sides[] = [$x, $y, $u - $x, $v - $y];
            }
        }
        if (($signed > 0.0) === $isOuter) {
            return $sides;
        }
        $turned = [];
        foreach (array_reverse($sides) as [$x, $y, $dx, $dy]) {
            $turned[] = [$x + $dx, $y + $dy, -$dx, -$dy];
        }

        return $turned;
    }

    /**
     * @param list<array{float, float, float, float}> $sides
     *
     * @return list<array{float, float, float}>
     */
    private static function turns(array $sides): array
    {
        $turns = [];
        foreach ($sides as $i => [$x, $y, $dx, $dy]) {
            [, , $nx, $ny] = $sides[($i + 1) % count($sides)];
            $turn = atan2($dx * $ny - $dy * $nx, $dx * $nx + $dy * $ny);
            if (abs($turn) < self::BACK) {
                $turns[] = [$x + $dx, $y + $dy, $turn];
            }
        }

        return $turns;
    }
}
