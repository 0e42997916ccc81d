<?php

declare(strict_types=1);

namespace Pensilis\Geometry\Region;

use Pensilis\Exception\ImpossibleValue;
use Pensilis\Numerics\Intervals;

/** Between two straight lines across the plan: all places with from ≤ x cos φ + y sin φ ≤ to. A half has one of them far away. */
final readonly class Band implements Patch
{
    /** Farther away than any vessel reaches, m. */
    public const FAR = 20.0;

    private function __construct(private float $cos, private float $sin, private float $from, private float $to) {}

    /** @param float $degrees the direction across the band, counted from the right towards behind */
    public static function across(float $degrees, float $from, float $to): self
    {
        ImpossibleValue::unlessPositive('band-width', $to - $from);
        // Right angles come out exact, so that the edges of such bands lie level.
        $turn = fmod($degrees, 360.0);

        return new self(round(cos(deg2rad($turn)), 15), round(sin(deg2rad($turn)), 15), $from, $to);
    }

    public static function half(float $degrees, float $from = 0.0): self
    {
        return self::across($degrees, $from, self::FAR);
    }

    public function along(float $x, float $y, float $dx, float $dy): Intervals
    {
        return Chord::ofStrip($x * $this->cos + $y * $this->sin, $dx * $this->cos + $dy * $this->sin, $this->from, $this->to);
    }

    public function holds(float $x, float $y): bool
    {
        $here = $x * $this->cos + $y * $this->sin;

        return $here >= $this->from && $here <= $this->to;
    }

    public function grown(float $by): self
    {
        $half = 0.5 * ($this->to - $this->from);
        $by = max($by, -$half + 1e-9);

        return new self($this->cos, $this->sin, $this->from - $by, $this->to + ($this->to < self::FAR ? $by : 0.0));
    }

    public function edges(): array
    {
        $edges = [];
        foreach ([$this->from, $this->to] as $at) {
            if ($at < self::FAR) {
                $edges[] = array_map(
                    fn(float $far): array => [$at * $this->cos - $far * $this->sin, $at * $this->sin + $far * $this->cos],
                    [-self::FAR, self::FAR],
                );
            }
        }

        return $edges;
    }

    public function bends(): array
    {
        return abs($this->cos) < 1e-12 ? [$this->from * $this->sin, $this->to * $this->sin] : [];
    }
}
