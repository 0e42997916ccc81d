<?php

declare(strict_types=1);

namespace Pensilis\Layout;

use Closure;
use Pensilis\Geometry\Section;
use Pensilis\Material\Inclusion;
use Pensilis\Plan\Fitting;
use Pensilis\Plan\Plan;

/**
 * Where fittings go on a finished piece: it hangs as it was drawn where they are above its balance point, and level where two of them
 * are mirrored about it; a handle has two holes, at an end of the piece (common practice). Of several such places the first under which
 * nothing lies. Up is behind in plan. Metres.
 */
final readonly class FittingPlaces
{
    /** Between balance and edge, a fitting lies halfway, far enough from both (common practice); then elsewhere, where that is not free. */
    private const SHARES = [0.5, 0.6, 0.7, 0.8, 0.4, 0.3];

    /** Between the holes of a handle as it is bought, the larger where there is room (memory). */
    private const SPACINGS = [0.096, 0.064, 0.032];

    /** From a hole of a handle to the edge at the least, and how much farther in it is tried (memory). */
    private const EDGE = 0.012;

    private const STEP = 0.004;

    /** A chain is so much longer than its hooks are apart, so that it draws them together no more than the piece weighs (memory). */
    private const CHAIN = 1.25;

    /**
     * @param array{float, float}              $balance right of and behind the middle
     * @param Closure(float, float): bool|null $isFree  whether nothing lies under a place; all are free where that is not said
     */
    public function __construct(private Section $rim, private array $balance, private ?Closure $isFree = null) {}

    /** @return array{float, float} above the balance point */
    public function above(): array
    {
        [$x, $y] = $this->balance;

        return $this->first(fn(float $share): array => [[$x, $y + $share * $this->far(0.0, 1.0, $x, $y)]])[0];
    }

    /** @return array{float, float} at the edge below the balance point, where a stand carries it */
    public function below(): array
    {
        [$x, $y] = $this->balance;

        return [$x, $y - $this->far(0.0, -1.0, $x, $y)];
    }

    /** @return list<array{float, float}> as high as one would be, mirrored about the balance point */
    public function pairAbove(): array
    {
        return $this->mirrored($this->above()[1]);
    }

    /** @return list<array{float, float}> through the balance point, mirrored about it: what is carried stays level */
    public function pairLevel(): array
    {
        return $this->mirrored($this->balance[1]);
    }

    /** @return list<array{float, float}> two holes at either end, for what is carried by two handles */
    public function handles(): array
    {
        [$x, $y] = $this->balance;
        foreach (self::SPACINGS as $spacing) {
            $ends = [$this->end(-1.0, $spacing), $this->end(1.0, $spacing)];
            if ($ends[0] !== null && $ends[1] !== null) {
                return [[$ends[0], $y - 0.5 * $spacing], [$ends[0], $y + 0.5 * $spacing],
                    [$ends[1], $y - 0.5 * $spacing], [$ends[1], $y + 0.5 * $spacing]];
            }
        }

        return $this->pairLevel();
    }

    /** How far right of the middle a handle lies that is mounted at one end; null where there is no room for it. */
    private function end(float $way, float $spacing): ?float
    {
        [[$x, $y], $half] = [$this->balance, 0.5 * $spacing];
        $far = $this->far($way, 0.0, $x, $y);
        for ($by = $far - self::EDGE; $by >= 0.4 * $far; $by -= self::STEP) {
            $at = $x + $way * $by;
            $fits = min($this->far(0.0, 1.0, $at, $y), $this->far(0.0, -1.0, $at, $y)) >= $half + self::EDGE;
            if ($fits && $this->areFree([[$at, $y - $half], [$at, $y + $half]])) {
                return $at;
            }
        }

        return null;
    }

    /** @return list<array{float, float}> */
    private function mirrored(float $y): array
    {
        $x = $this->balance[0];
        $far = min($this->far(-1.0, 0.0, $x, $y), $this->far(1.0, 0.0, $x, $y));

        return $this->first(fn(float $share): array => [[$x - $share * $far, $y], [$x + $share * $far, $y]]);
    }

    /**
     * @param Closure(float): non-empty-list<array{float, float}> $places by their share of the way to the edge
     *
     * @return non-empty-list<array{float, float}> the first that are free, else those that are tried first
     */
    private function first(Closure $places): array
    {
        foreach (self::SHARES as $share) {
            if ($this->areFree($places($share))) {
                return $places($share);
            }
        }

        return $places(self::SHARES[0]);
    }

    /** @param list<array{float, float}> $places */
    private function areFree(array $places): bool
    {
        return $this->isFree === null
            || array_filter($places, fn(array $place): bool => !($this->isFree)($place[0], $place[1])) === [];
    }

    /** Whether an object reaches into the room that the hole of a fitting wants. */
    public static function isUnder(Plan $plan, Layout $layout, Inclusion $inclusion, Fitting $fitting): bool
    {
        $bottom = $layout->bottomOf($inclusion);
        [$from, $to] = $plan->setup->keptFree($fitting, $layout->level());
        $cut = $inclusion->solid->sectionAt(max(0.0, $from - $bottom));
        if ($bottom >= $to || $bottom + $inclusion->solid->height() <= $from) {
            return false;
        }
        foreach ($inclusion->places() as [$x, $y]) {
            [$dx, $dy] = [$fitting->x - $x, $fitting->y - $y];
            $far = hypot($dx, $dy);
            [$px, $py] = $far > 0.0 ? $cut->support($dx, $dy) : [0.0, 0.0];
            if ($far < $fitting->radius + ($far > 0.0 ? ($px * $dx + $py * $dy) / $far : 0.0)) {
                return true;
            }
        }

        return false;
    }

    /**
     * A chain between two hooks at one height, hung by its middle.
     *
     * @return array{float, float} its length, and how high above the hooks its middle is
     */
    public static function chain(float $apart): array
    {
        $length = self::CHAIN * $apart;

        return [$length, 0.5 * sqrt($length ** 2 - $apart ** 2)];
    }

    /** How far it is to the edge from a place in a direction of length 1, over a hole or bay that it may lie in. */
    private function far(float $dx, float $dy, float $x, float $y): float
    {
        foreach ($this->rim->along($x, $y, $dx, $dy)->spans as [$from, $to]) {
            if ($to >= 0.0) {
                return $to;
            }
        }

        return 0.0;
    }
}
