<?php

declare(strict_types=1);

namespace Pensilis\Layout;

use Pensilis\Colour\Film;
use Pensilis\Colour\Shade;
use Pensilis\Material\Inclusion;
use Pensilis\Numerics\Intervals;
use Pensilis\Plan\Plan;
use Pensilis\Plan\Viewed;

/**
 * What is seen from one face: for each line of sight the coats in front of the first object, the object, else all coats and what lies
 * behind them. Straight down; bending of light only lifts what is seen (depth / n, Snell for small angles).
 *
 * Films are added up from the viewer inward (Colour\Film); those of the same region and depth are made once.
 */
final class Appearance
{
    /** An object whose colour nobody has said, for drawings only (memory). */
    public const UNSAID = '#8a7a5c';

    /** @var array<string, Film> */
    private array $films = [];

    /** @var array<string, Shade> what is seen, by object and regions */
    private array $shades = [];

    /** @var array<string, Shade> of the far face, by place */
    private array $grounds = [];

    private function __construct(private readonly Plan $plan, private readonly Layout $layout, public readonly bool $fromFloor) {}

    public static function of(Plan $plan, Layout $layout, bool $fromFloor): self
    {
        return new self($plan, $layout, $fromFloor);
    }

    /** The face that a plan is made for: the floor, else the open side. */
    public static function chosen(Plan $plan, Layout $layout): self
    {
        return new self($plan, $layout, $plan->setup->viewed === Viewed::Bottom);
    }

    /**
     * All coats in front of a height at a place.
     *
     * @param int|null $but one that is left out, as if it were clear
     */
    public function before(float $x, float $y, float $height, ?int $but = null): Film
    {
        $film = Film::clear();
        foreach ($this->inward() as $k) {
            $depth = $this->depthBefore($k, $height);
            if ($depth > 0.0 && $k !== $but) {
                $film = $film->before($this->film($k, $this->layout->pours[$k]->portions->parcels->at($x, $y), $depth));
            }
        }

        return $film;
    }

    /** What lies behind everything, as it is seen at a place. */
    public function ground(float $x, float $y): Shade
    {
        return $this->grounds["{$x},{$y}"] ??= $this->before($x, $y, $this->far())->over($this->plan->behind->shade());
    }

    /** What is seen of an object, at its own place. */
    public function objectAt(Inclusion $object): Shade
    {
        return $this->before($object->x, $object->y, $this->faceOf($object))->over($object->shade ?? Shade::hex(self::UNSAID));
    }

    /** How much of the contrast of an object is left, 0 to 1. */
    public function showsOf(Inclusion $object): float
    {
        return $this->before($object->x, $object->y, $this->faceOf($object))->showThrough();
    }

    /** How deep an object looks below the face, m: its depth over the refractive index. */
    public function apparentDepth(Inclusion $object): float
    {
        $depth = abs(($this->fromFloor ? 0.0 : $this->layout->level()) - $this->faceOf($object));

        return $depth / $this->plan->resin()->refraction;
    }

    /** The face of an object that looks at the viewer, m above the floor. */
    public function faceOf(Inclusion $object): float
    {
        return $this->layout->bottomOf($object) + ($this->fromFloor ? 0.0 : $object->solid->height());
    }

    /** How much of the contrast of coat k is left in front of it at a place, 0 to 1. */
    public function showsOfCoat(int $k, float $x, float $y): float
    {
        return $this->before($x, $y, $this->fromFloor ? $this->layout->pours[$k]->bottom : $this->layout->pours[$k]->top)->showThrough();
    }

    /** What lies behind everything as it would be seen with one coat left clear. */
    public function withoutCoat(int $k, float $x, float $y): Shade
    {
        return $this->before($x, $y, $this->far(), $k)->over($this->plan->behind->shade());
    }

    /**
     * What is seen along a line in plan, from left to right.
     *
     * @return list<array{float, float, Shade}> from, to in metres, colour
     */
    public function row(float $y): array
    {
        $cuts = [];
        $spans = [];
        foreach ($this->inward() as $k) {
            $spans[$k] = $this->layout->pours[$k]->portions->parcels->across($y);
            foreach ($spans[$k] as [$from, $to]) {
                array_push($cuts, $from, $to);
            }
        }
        $objects = $this->objectsOn($y);
        foreach ($objects as [, $covers]) {
            foreach ($covers->spans as [$from, $to]) {
                array_push($cuts, $from, $to);
            }
        }
        sort($cuts);
        /** @var list<array{float, float, Shade}> $row */
        $row = [];
        $next = array_fill_keys(array_keys($spans), 0);
        for ($n = 0; $n + 1 < count($cuts); $n++) {
            if ($cuts[$n + 1] - $cuts[$n] < 1e-7) {
                continue;
            }
            $x = 0.5 * ($cuts[$n] + $cuts[$n + 1]);
            $here = [];
            foreach ($spans as $k => $some) {
                while (isset($some[$next[$k]]) && $some[$next[$k]][1] <= $x) {
                    $next[$k]++;
                }
                if (isset($some[$next[$k]]) && $some[$next[$k]][0] < $x) {
                    $here[$k] = $some[$next[$k]][2];
                }
            }
            $shade = $this->seen($here, $this->hit($x, $objects));
            $last = array_pop($row);
            if ($last !== null && $shade !== null && $last[2] === $shade && $cuts[$n] - $last[1] < 1e-7) {
                $row[] = [$last[0], $cuts[$n + 1], $shade];
            } else {
                array_push($row, ...($last === null ? [] : [$last]), ...($shade === null ? [] : [[$cuts[$n], $cuts[$n + 1], $shade]]));
            }
        }

        return $row;
    }

    /**
     * The first object on a line of sight.
     *
     * @param list<array{int, Intervals, float}> $objects nearest to the viewer first
     *
     * @return array{int, Intervals, float}|null
     */
    private function hit(float $x, array $objects): ?array
    {
        foreach ($objects as $object) {
            foreach ($object[1]->spans as [$from, $to]) {
                if ($x > $from && $x < $to) {
                    return $object;
                }
            }
        }

        return null;
    }

    /**
     * @param array<int, int>                   $here regions on a line of sight, by pour from the viewer inward
     * @param array{int, Intervals, float}|null $hit  the object that it meets
     */
    private function seen(array $here, ?array $hit): ?Shade
    {
        if ($here === []) {
            return null;
        }
        $key = ($hit[0] ?? '') . '|' . implode(',', array_keys($here)) . '|' . implode(',', $here);
        if (!isset($this->shades[$key])) {
            $height = $hit[2] ?? $this->far();
            $film = Film::clear();
            foreach ($here as $k => $index) {
                $depth = $this->depthBefore($k, $height);
                $film = $depth > 0.0 ? $film->before($this->film($k, $index, $depth)) : $film;
            }
            $behind = $hit === null ? $this->plan->behind->shade() : $this->plan->inclusions[$hit[0]]->shade ?? Shade::hex(self::UNSAID);
            $this->shades[$key] = $film->over($behind);
        }

        return $this->shades[$key];
    }

    /** @return list<array{int, Intervals, float}> index, where it lies on the line, height of its face; nearest to the viewer first */
    private function objectsOn(float $y): array
    {
        $on = [];
        foreach ($this->plan->inclusions as $i => $object) {
            $covers = Intervals::none();
            foreach ($object->places() as [$px, $py]) {
                $cut = $object->solid->footprint()->along(-$px, $y - $py, 1.0, 0.0);
                $covers = $covers->or($cut);
            }
            if (!$covers->isEmpty()) {
                $on[] = [$i, $covers, $this->faceOf($object)];
            }
        }
        usort($on, fn(array $one, array $other): int => $this->fromFloor ? $one[2] <=> $other[2] : $other[2] <=> $one[2]);

        return $on;
    }

    /** @return list<int> pours from the viewer inward */
    private function inward(): array
    {
        $order = array_keys($this->layout->pours);

        return $this->fromFloor ? $order : array_reverse($order);
    }

    /** How much of coat k lies between the viewer and a height, m; nothing where not above 0. */
    private function depthBefore(int $k, float $height): float
    {
        $pour = $this->layout->pours[$k];

        return $this->fromFloor ? min($pour->top, $height) - $pour->bottom : $pour->top - max($pour->bottom, $height);
    }

    private function far(): float
    {
        return $this->fromFloor ? $this->layout->level() : 0.0;
    }

    private function film(int $k, int $index, float $depth): Film
    {
        $key = "{$k}:{$index}:" . round(1e7 * $depth);

        return $this->films[$key] ??= $this->layout->pours[$k]->coat->recipe($index)->film($depth);
    }
}
