<?php

declare(strict_types=1);

namespace Pensilis\Numerics;

/** A set of disjoint intervals on a line, in order; each from < to. */
final readonly class Intervals
{
    /** @param list<array{float, float}> $spans */
    private function __construct(public array $spans) {}

    public static function none(): self
    {
        return new self([]);
    }

    public static function between(float $from, float $to): self
    {
        return new self($from < $to ? [[$from, $to]] : []);
    }

    /**
     * Where a line through (x, y) with the direction (dx, dy), of length 1, runs inside a polygon: lengths along the line.
     *
     * @param non-empty-list<array{float, float}> $corners
     */
    public static function insidePolygon(array $corners, float $x, float $y, float $dx, float $dy): self
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

        return self::ofCrossings($crossings);
    }

    /**
     * Inside and outside take turns at every crossing (even-odd).
     *
     * @param list<float> $crossings an even number, in any order
     */
    public static function ofCrossings(array $crossings): self
    {
        sort($crossings);
        $spans = [];
        for ($n = 0; $n + 1 < count($crossings); $n += 2) {
            if ($crossings[$n] < $crossings[$n + 1]) {
                $spans[] = [$crossings[$n], $crossings[$n + 1]];
            }
        }

        return new self($spans);
    }

    public function isEmpty(): bool
    {
        return $this->spans === [];
    }

    public function length(): float
    {
        $length = 0.0;
        foreach ($this->spans as [$from, $to]) {
            $length += $to - $from;
        }

        return $length;
    }

    public function and(self $other): self
    {
        $spans = [];
        foreach ($this->spans as [$from, $to]) {
            foreach ($other->spans as [$start, $end]) {
                if (max($from, $start) < min($to, $end)) {
                    $spans[] = [max($from, $start), min($to, $end)];
                }
            }
        }

        return new self($spans);
    }

    public function or(self $other): self
    {
        $all = [...$this->spans, ...$other->spans];
        usort($all, fn(array $one, array $two): int => $one[0] <=> $two[0]);
        /** @var list<array{float, float}> $spans */
        $spans = [];
        foreach ($all as [$from, $to]) {
            $last = array_pop($spans);
            if ($last !== null && $from <= $last[1]) {
                $spans[] = [$last[0], max($last[1], $to)];
            } else {
                array_push($spans, ...($last === null ? [] : [$last]), ...[[$from, $to]]);
            }
        }

        return new self($spans);
    }

    public function without(self $other): self
    {
        $left = $this->spans;
        foreach ($other->spans as [$start, $end]) {
            $next = [];
            foreach ($left as [$from, $to]) {
                if ($from < min($to, $start)) {
                    $next[] = [$from, min($to, $start)];
                }
                if (max($from, $end) < $to) {
                    $next[] = [max($from, $end), $to];
                }
            }
            $left = $next;
        }

        return new self($left);
    }
}
