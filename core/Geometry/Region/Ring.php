<?php

declare(strict_types=1);

namespace Pensilis\Geometry\Region;

use Pensilis\Exception\ImpossibleValue;
use Pensilis\Numerics\Intervals;

/** Between two circles about one middle; a round patch where the inner one has no radius. Invariant: 0 ≤ inner < outer. */
final readonly class Ring implements Patch
{
    private const CORNERS = 72;

    private function __construct(private float $x, private float $y, private float $inner, private float $outer) {}

    public static function about(float $x, float $y, float $inner, float $outer): self
    {
        ImpossibleValue::unlessWithin('inner-radius_mm', 1e3 * $inner, 0.0, 1e3 * Band::FAR);
        ImpossibleValue::unlessPositive('ring-width', $outer - $inner);

        return new self($x, $y, $inner, $outer);
    }

    public function along(float $x, float $y, float $dx, float $dy): Intervals
    {
        $disc = fn(float $radius): Intervals => Chord::ofDisc($this->x, $this->y, $radius, $x, $y, $dx, $dy);

        return $disc($this->outer)->without($disc($this->inner));
    }

    public function holds(float $x, float $y): bool
    {
        $far = hypot($x - $this->x, $y - $this->y);

        return $far >= $this->inner && $far <= $this->outer;
    }

    public function grown(float $by): self
    {
        $outer = max($this->outer + $by, 1e-9);

        return new self($this->x, $this->y, max(0.0, min($this->inner > 0.0 ? $this->inner - $by : 0.0, $outer - 1e-9)), $outer);
    }

    public function edges(): array
    {
        $edges = [];
        foreach ([$this->outer, $this->inner] as $radius) {
            $line = [];
            for ($n = 0; $n <= self::CORNERS; $n++) {
                $turn = 2.0 * M_PI * $n / self::CORNERS;
                $line[] = [$this->x + $radius * cos($turn), $this->y + $radius * sin($turn)];
            }
            if ($radius > 0.0) {
                $edges[] = $line;
            }
        }

        return $edges;
    }

    public function bends(): array
    {
        return [$this->y - $this->outer, $this->y - $this->inner, $this->y + $this->inner, $this->y + $this->outer];
    }
}
