<?php

declare(strict_types=1);

namespace Pensilis\Geometry\Region;

use Pensilis\Exception\ImpossibleValue;
use Pensilis\Numerics\Intervals;

/** A line that is drawn with the cup: so wide, with round ends and bends. Invariant: at least two points, half the width above 0. */
final readonly class Stroke implements Patch
{
    /** Chords of a round end. */
    private const CHORDS = 12;

    /** @var list<non-empty-list<array{float, float}>> a polygon with round ends for each stretch between two points */
    private array $pieces;

    /** @param list<array{float, float}> $points */
    private function __construct(private array $points, private float $half)
    {
        $this->pieces = $this->pieces();
    }

    /** @param list<array{float, float}> $points */
    public static function through(array $points, float $width): self
    {
        ImpossibleValue::unlessPositive('width of the line', $width);
        ImpossibleValue::unlessWithin('number of points of the line', (float) count($points), 2.0, 200.0);

        return new self($points, 0.5 * $width);
    }

    public function along(float $x, float $y, float $dx, float $dy): Intervals
    {
        $inside = Intervals::none();
        foreach ($this->pieces as $piece) {
            $inside = $inside->or(Intervals::ofCrossings(Blot::crossings($piece, $x, $y, $dx, $dy)));
        }

        return $inside;
    }

    public function grown(float $by): self
    {
        return new self($this->points, max($this->half + $by, 1e-9));
    }

    /** Both sides of each stretch, and the round ends; bends are left open. */
    public function edges(): array
    {
        $half = self::CHORDS + 1;
        $edges = [[...array_slice($this->pieces[0], $half)], [...array_slice($this->pieces[count($this->pieces) - 1], 0, $half)]];
        foreach ($this->pieces as $piece) {
            array_push($edges, [$piece[$half - 1], $piece[$half]], [$piece[2 * $half - 1], $piece[0]]);
        }

        return $edges;
    }

    public function bends(): array
    {
        $bends = [];
        foreach ($this->points as [, $y]) {
            array_push($bends, $y - $this->half, $y, $y + $this->half);
        }

        return $bends;
    }

    /** @return list<non-empty-list<array{float, float}>> */
    private function pieces(): array
    {
        $pieces = [];
        for ($n = 0; $n + 1 < count($this->points); $n++) {
            [[$px, $py], [$qx, $qy]] = [$this->points[$n], $this->points[$n + 1]];
            $turn = atan2($qy - $py, $qx - $px);
            $pieces[] = [...$this->end($qx, $qy, $turn - 0.5 * M_PI), ...$this->end($px, $py, $turn + 0.5 * M_PI)];
        }

        return $pieces;
    }

    /** @return non-empty-list<array{float, float}> half a circle, from an angle on */
    private function end(float $x, float $y, float $from): array
    {
        $corner = fn(int $n): array => [$x + $this->half * cos($from + M_PI * $n / self::CHORDS), $y + $this->half * sin($from + M_PI * $n / self::CHORDS)];

        return array_map($corner, range(0, self::CHORDS));
    }
}
