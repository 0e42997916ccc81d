<?php

declare(strict_types=1);

namespace Pensilis\Geometry\Region;

use Pensilis\Geometry\Section;
use Pensilis\Numerics\Brent;
use Pensilis\Numerics\Fejer;
use Pensilis\Numerics\Intervals;

/**
 * A level cut of a vessel divided among patches: a later one lies over those before it, what none covers is the ground, −1.
 *
 * Areas by lines along x, in strips between the heights at which an edge begins, ends, bends or, where it is straight, meets another;
 * within a strip by Fejér's rule, whose lines crowd at the ends of round edges (order 2 at a kink inside; shares within 1e-4 of the whole).
 * Shares add up to 1 by construction. Metres.
 */
final readonly class Parcels
{
    private const LINES = 20;

    /** A boundary counts as shared where so much of it lies between two parcels, as a share of the width. */
    private const TOUCH = 0.01;

    /** What lies so near beside an edge tells what is beyond it, m. */
    private const BESIDE = 5e-5;

    /** @var list<array{float, float, list<array{float, float, int}>}> height of a line, what it stands for, how it is divided */
    private array $rows;

    /** @param list<Patch> $patches in the order in which they are poured */
    public function __construct(public Section $section, public array $patches)
    {
        $this->rows = $patches === []
            ? []
            : array_map(fn(array $line): array => [$line[0], $line[1], $this->across($line[0])], $this->lines());
    }

    /**
     * @return array<int, float> share of the area, by index; −1 is the ground
     */
    public function shares(): array
    {
        if ($this->patches === []) {
            return [-1 => 1.0];
        }
        $areas = array_fill(-1, count($this->patches) + 1, 0.0);
        foreach ($this->rows as [, $weight, $spans]) {
            foreach ($spans as [$from, $to, $index]) {
                $areas[$index] += $weight * ($to - $from);
            }
        }
        $all = array_sum($areas);

        return array_map(fn(float $area): float => $all > 0.0 ? $area / $all : 0.0, $areas);
    }

    /**
     * How a line along x is divided, from left to right.
     *
     * @return list<array{float, float, int}> from, to, index
     */
    public function across(float $y): array
    {
        return $this->along(0.0, $y, 1.0, 0.0);
    }

    /**
     * How a line through (x, y) with a direction of length 1 is divided.
     *
     * @return list<array{float, float, int}> from and to in metres along the line, index
     */
    public function along(float $x, float $y, float $dx, float $dy): array
    {
        $free = $this->section->along($x, $y, $dx, $dy)->spans;
        $spans = [];
        for ($index = count($this->patches) - 1; $index >= 0 && $free !== []; $index--) {
            $patch = $this->patches[$index]->along($x, $y, $dx, $dy)->spans;
            $left = [];
            foreach ($patch === [] ? [] : $free as [$here, $end]) {
                foreach ($patch as [$from, $to]) {
                    if ($to > $here && $from < $end) {
                        if ($from > $here) {
                            $left[] = [$here, $from];
                        }
                        $spans[] = [max($from, $here), min($to, $end), $index];
                        $here = min($to, $end);
                    }
                }
                if ($here < $end) {
                    $left[] = [$here, $end];
                }
            }
            $free = $patch === [] ? $free : $left;
        }
        foreach ($free as [$from, $to]) {
            $spans[] = [$from, $to, -1];
        }
        sort($spans);

        return $spans;
    }

    /** Which one lies at a place of the vessel. */
    public function at(float $x, float $y): int
    {
        for ($index = count($this->patches) - 1; $index >= 0; $index--) {
            if ($this->patches[$index]->holds($x, $y)) {
                return $index;
            }
        }

        return -1;
    }

    /**
     * Middles of area.
     *
     * @return array<int, array{float, float}> by index, of those that have an area
     */
    public function middles(): array
    {
        $sums = [];
        foreach ($this->rows as [$y, $weight, $spans]) {
            foreach ($spans as [$from, $to, $index]) {
                $area = $weight * ($to - $from);
                $sums[$index] ??= [0.0, 0.0, 0.0];
                $sums[$index][0] += $area;
                $sums[$index][1] += $area * 0.5 * ($from + $to);
                $sums[$index][2] += $area * $y;
            }
        }

        return array_map(
            fn(array $sum): array => [$sum[1] / $sum[0], $sum[2] / $sum[0]],
            array_filter($sums, fn(array $sum): bool => $sum[0] > 0.0),
        );
    }

    /** @return list<array{int, int}> pairs that share a boundary, the lower index first */
    public function neighbours(): array
    {
        $pairs = [];
        $least = self::TOUCH * $this->section->halfX;
        $before = [];
        foreach ($this->rows as [, , $now]) {
            foreach ($now as $n => [$from, , $index]) {
                if ($n > 0 && $from - $now[$n - 1][1] < 1e-9) {
                    $pairs["{$index},{$now[$n - 1][2]}"] = [$index, $now[$n - 1][2]];
                }
            }
            [$i, $j] = [0, 0];
            while (isset($now[$i], $before[$j])) {
                [[$from, $to, $index], [$start, $end, $other]] = [$now[$i], $before[$j]];
                if ($index !== $other && min($to, $end) - max($from, $start) > $least) {
                    $pairs["{$index},{$other}"] = [$index, $other];
                }
                [$i, $j] = $to < $end ? [$i + 1, $j] : [$i, $j + 1];
            }
            $before = $now;
        }
        $ordered = [];
        foreach ($pairs as [$one, $other]) {
            $ordered[min($one, $other) . ',' . max($one, $other)] = [min($one, $other), max($one, $other)];
        }

        return array_values($ordered);
    }

    /**
     * How far the boundary of a patch moves outward until it covers a share of the area, whatever lies beside it; once level, each keeps
     * the share of area that it was given of volume. What lies at the wall stays there. Null where no move does it.
     */
    public function shift(int $index, float $share): ?float
    {
        $patch = $this->patches[$index];
        $inner = $this->innerEdges($patch);
        $walled = $inner !== $patch->edges();
        $alone = fn(float $by): float => (new self(
            $this->section,
            $walled && $by < 0.0 ? [$patch, ...$this->strokes($inner, -$by)] : [$patch->grown($by)],
        ))->shares()[0];
        // What later ones cover of it stays covered.
        $wanted = $share - $this->shares()[$index] + $alone(0.0);
        $far = 2.0 * max($this->section->halfX, $this->section->halfY);
        if ($alone($far) < $wanted || $alone(-$far) > $wanted) {
            return null;
        }

        return Brent::root(fn(float $by): float => $alone($by) - $wanted, -$far, $far, 1e-6);
    }

    /**
     * The edges of a patch that have a part of the vessel on their other side; whole ones as they are, of others the stretches that do.
     *
     * @return list<list<array{float, float}>>
     */
    private function innerEdges(Patch $patch): array
    {
        $inner = [];
        foreach ($patch->edges() as $edge) {
            $line = [];
            foreach ($edge as $n => $point) {
                $next = $edge[$n + 1] ?? null;
                if ($line === []) {
                    $line = [$point];
                }
                if ($next !== null && $this->isInner($point, $next)) {
                    $line[] = $next;
                } else {
                    $inner = count($line) > 1 ? [...$inner, $line] : $inner;
                    $line = [];
                }
            }
        }

        return $inner;
    }

    /**
     * Whether the vessel goes on beyond a stretch of edge.
     *
     * @param array{float, float} $from
     * @param array{float, float} $to
     */
    private function isInner(array $from, array $to): bool
    {
        $length = hypot($to[0] - $from[0], $to[1] - $from[1]);
        [$dx, $dy] = $length > 0.0 ? [($to[0] - $from[0]) / $length, ($to[1] - $from[1]) / $length] : [1.0, 0.0];
        foreach ($this->section->along($from[0], $from[1], $dx, $dy)->and(Intervals::between(0.0, $length))->spans as [$begins, $ends]) {
            $middle = 0.5 * ($begins + $ends);
            [$x, $y] = [$from[0] + $middle * $dx, $from[1] + $middle * $dy];
            // Across the edge there is as much of the vessel on either side.
            $across = $this->section->along($x, $y, -$dy, $dx)->and(Intervals::between(-self::BESIDE, self::BESIDE));
            if ($across->length() > 2.0 * self::BESIDE - 1e-9) {
                return true;
            }
        }

        return false;
    }

    /**
     * All that lies within a distance of lines.
     *
     * @param list<list<array{float, float}>> $lines
     *
     * @return list<Stroke>
     */
    private function strokes(array $lines, float $distance): array
    {
        $strokes = [];
        foreach ($lines as $line) {
            // Pieces of at most so many points, each beginning where the one before ends.
            for ($n = 0; $n + 1 < count($line); $n += Stroke::POINTS - 1) {
                $strokes[] = Stroke::through(array_slice($line, $n, Stroke::POINTS), 2.0 * max($distance, 1e-9));
            }
        }

        return $strokes;
    }

    /**
     * Its edges as far as they lie inside the vessel and no later patch covers them.
     *
     * @return list<array{float, float, float, float}> pieces of straight line
     */
    public function edgesOf(int $index): array
    {
        $pieces = [];
        foreach ($this->patches[$index]->edges() as $line) {
            for ($n = 0; $n + 1 < count($line); $n++) {
                [[$x, $y], [$toX, $toY]] = [$line[$n], $line[$n + 1]];
                $length = hypot($toX - $x, $toY - $y);
                if ($length <= 0.0) {
                    continue;
                }
                [$dx, $dy] = [($toX - $x) / $length, ($toY - $y) / $length];
                $inside = $this->section->along($x, $y, $dx, $dy)->and(Intervals::between(0.0, $length));
                foreach (array_slice($this->patches, $index + 1) as $later) {
                    $inside = $inside->without($later->along($x, $y, $dx, $dy));
                }
                foreach ($inside->spans as [$from, $to]) {
                    $pieces[] = [$x + $from * $dx, $y + $from * $dy, $x + $to * $dx, $y + $to * $dy];
                }
            }
        }

        return $pieces;
    }

    /** @return list<array{float, float}> heights of lines along x and what they stand for, m */
    private function lines(): array
    {
        $rim = array_column($this->section->rim(), 1);
        assert($rim !== []);
        [$least, $most] = [min($rim), max($rim)];
        if ($this->section->round) {
            [$least, $most] = [-$this->section->halfY, $this->section->halfY];
        }
        $stops = [$least, $most, ...($this->section->outline === null ? [] : $this->few($rim))];
        foreach ($this->patches as $patch) {
            array_push($stops, ...$this->few($patch->bends()), ...$this->meetings($patch));
        }
        $stops = array_filter($stops, fn(float $y): bool => $y >= $least && $y <= $most);
        sort($stops);
        $lines = [];
        for ($n = 0; $n + 1 < count($stops); $n++) {
            $half = 0.5 * ($stops[$n + 1] - $stops[$n]);
            if ($half < 1e-7) {
                continue;
            }
            $count = max(1, (int) round(self::LINES * sqrt(2.0 * $half / ($most - $least))));
            foreach (Fejer::rule($count) as [$node, $weight]) {
                $lines[] = [$stops[$n] + $half * (1.0 + $node), $half * $weight];
            }
        }

        return $lines;
    }

    /** @return list<float> heights in plan at which a region begins, ends or bends */
    public function turns(): array
    {
        return array_merge(...array_map(fn(Patch $patch): array => $this->few($patch->bends()), $this->patches));
    }

    /** @return list<float> heights at which the straight edges of a patch meet the wall or another patch */
    private function meetings(Patch $patch): array
    {
        $heights = [];
        foreach ($patch->edges() as $edge) {
            if (count($edge) > 2) {
                continue;
            }
            [[$x, $y], [$toX, $toY]] = $edge;
            $length = hypot($toX - $x, $toY - $y);
            // Two points of a drawn line that are one.
            if ($length <= 0.0) {
                continue;
            }
            [$dx, $dy] = [($toX - $x) / $length, ($toY - $y) / $length];
            foreach ([$this->section, ...$this->patches] as $other) {
                foreach ($other === $patch ? [] : $other->along($x, $y, $dx, $dy)->spans as [$from, $to]) {
                    array_push($heights, $y + $from * $dy, $y + $to * $dy);
                }
            }
        }

        return $heights;
    }

    /**
     * All bends of something simple; of many corners the ends only, as strips would grow too many.
     *
     * @param list<float> $bends
     *
     * @return list<float>
     */
    private function few(array $bends): array
    {
        return count($bends) <= 12 ? $bends : [min([INF, ...$bends]), max([-INF, ...$bends])];
    }
}
