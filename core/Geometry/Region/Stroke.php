<?php

declare(strict_types=1);

namespace Pensilis\Geometry\Region;

use Pensilis\Exception\ImpossibleValue;
use Pensilis\Numerics\Intervals;

/** A line that is drawn with the cup: so wide, with round ends and bends. Invariant: at least two points, half the width above 0. */
final readonly class Stroke implements Patch
{
    /** A line has at most so many points. */
    public const POINTS = 200;

    /** Chords of a round end. */
    private const CHORDS = 12;

    /** @var list<array{float, float, float, float, float}> where each stretch begins, its direction and length */
    private array $stretches;

    /** @param list<array{float, float}> $points */
    private function __construct(private array $points, private float $half)
    {
        $stretches = [];
        for ($n = 0; $n + 1 < count($points); $n++) {
            [[$px, $py], [$qx, $qy]] = [$points[$n], $points[$n + 1]];
            $length = max(1e-12, hypot($qx - $px, $qy - $py));
            $stretches[] = [$px, $py, ($qx - $px) / $length, ($qy - $py) / $length, $length];
        }
        $this->stretches = $stretches;
    }

    /** @param list<array{float, float}> $points */
    public static function through(array $points, float $width): self
    {
        ImpossibleValue::unlessPositive('line-width', $width);
        ImpossibleValue::unlessWithin('line-points', (float) count($points), 2.0, (float) self::POINTS);

        return new self($points, 0.5 * $width);
    }

    public function along(float $x, float $y, float $dx, float $dy): Intervals
    {
        $inside = Intervals::none();
        foreach ($this->stretches as [$px, $py, $ux, $uy, $length]) {
            [$begins, $ends] = [($px - $x) * $dy - ($py - $y) * $dx, ($px + $length * $ux - $x) * $dy - ($py + $length * $uy - $y) * $dx];
            if (min($begins, $ends) >= $this->half || max($begins, $ends) <= -$this->half) {
                continue;
            }
            // A stretch with its round ends is convex: a line runs in it once, from the first to the last of its parts.
            [$forth, $aside] = [($x - $px) * $ux + ($y - $py) * $uy, ($y - $py) * $ux - ($x - $px) * $uy];
            $between = Chord::ofStrip($aside, $dy * $ux - $dx * $uy, -$this->half, $this->half);
            $parts = [...Chord::ofStrip($forth, $dx * $ux + $dy * $uy, 0.0, $length)->and($between)->spans,
                ...Chord::ofDisc($px, $py, $this->half, $x, $y, $dx, $dy)->spans,
                ...Chord::ofDisc($px + $length * $ux, $py + $length * $uy, $this->half, $x, $y, $dx, $dy)->spans];
            if ($parts !== []) {
                $part = Intervals::between(min(array_column($parts, 0)), max(array_column($parts, 1)));
                $inside = $inside->isEmpty() ? $part : $inside->or($part);
            }
        }

        return $inside;
    }

    public function holds(float $x, float $y): bool
    {
        foreach ($this->stretches as [$px, $py, $ux, $uy, $length]) {
            $share = max(0.0, min($length, ($x - $px) * $ux + ($y - $py) * $uy));
            if (hypot($px + $share * $ux - $x, $py + $share * $uy - $y) <= $this->half) {
                return true;
            }
        }

        return false;
    }

    public function grown(float $by): self
    {
        return new self($this->points, max($this->half + $by, 1e-9));
    }

    /** Both sides of each stretch, and the round ends; bends are left open. */
    public function edges(): array
    {
        $edges = [];
        foreach ($this->stretches as [$px, $py, $ux, $uy, $length]) {
            foreach ([$this->half, -$this->half] as $aside) {
                $edges[] = [
                    [$px - $aside * $uy, $py + $aside * $ux],
                    [$px + $length * $ux - $aside * $uy, $py + $length * $uy + $aside * $ux],
                ];
            }
        }
        [$first, $last] = [$this->stretches[0], $this->stretches[count($this->stretches) - 1]];

        return [
            ...$edges, $this->end($first[0], $first[1], atan2($first[3], $first[2]) + 0.5 * M_PI),
            $this->end($last[0] + $last[4] * $last[2], $last[1] + $last[4] * $last[3], atan2($last[3], $last[2]) - 0.5 * M_PI),
        ];
    }

    public function bends(): array
    {
        $bends = [];
        foreach ($this->points as [, $y]) {
            array_push($bends, $y - $this->half, $y, $y + $this->half);
        }

        return $bends;
    }

    /** @return non-empty-list<array{float, float}> half a circle, from an angle on */
    private function end(float $x, float $y, float $from): array
    {
        $corner = fn(int $n): array => [
            $x + $this->half * cos($from + M_PI * $n / self::CHORDS),
            $y + $this->half * sin($from + M_PI * $n / self::CHORDS),
        ];

        return array_map($corner, range(0, self::CHORDS));
    }
}
