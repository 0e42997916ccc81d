<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

use Generator;
use Pensilis\Numerics\Lehmer;

/**
 * Places of equal objects spread over a room in plan, by a seed: no two nearer than their size and a spacing.
 *
 * Of some places tried at a time the one farthest from all others is taken (best candidate [1]), which spreads them
 * evenly without a grid. Metres.
 *
 * [1] D. P. Mitchell, Spectrally Optimal Sampling for Distribution Ray Tracing, SIGGRAPH 1991.
 */
final readonly class Scatter
{
    /** Places tried for each; and before the room counts as full. */
    private const CANDIDATES = 12;

    private const MOST_TRIES = 300;

    private float $apart;

    /** @param float $spacing between the edges of two objects, m */
    public function __construct(private Section $room, private Section $foot, private float $spacing, private int $seed)
    {
        $this->apart = 2.0 * self::reach($foot) + $spacing;
    }

    /** The farthest that an object reaches in plan, m. */
    public static function reach(Section $foot): float
    {
        return $foot->round ? max($foot->halfX, $foot->halfY) : hypot($foot->halfX, $foot->halfY);
    }

    /**
     * @param list<array{float, float}>        $placed those of the kind that have a place already, at least one
     * @param list<array{float, float, float}> $taken  x, y and reach of other objects
     * @param float|null                       $within m of the first of the placed; null for the whole room
     *
     * @return list<array{float, float}> all placed; fewer than wanted where the room is full
     */
    public function fill(array $placed, int $count, array $taken, ?float $within): array
    {
        $numbers = Lehmer::from($this->seed);
        $first = $placed[0] ?? [0.0, 0.0];
        while (count($placed) < $count) {
            $next = $this->next($placed, $taken, $numbers, [$first[0], $first[1], $within]);
            if ($next === null) {
                break;
            }
            $placed[] = $next;
        }

        return $placed;
    }

    /**
     * @param list<array{float, float}>        $placed
     * @param list<array{float, float, float}> $taken
     * @param Generator<int, float>            $numbers
     * @param array{float, float, float|null}  $around
     *
     * @return array{float, float}|null
     */
    private function next(array $placed, array $taken, Generator $numbers, array $around): ?array
    {
        [$best, $farthest, $found] = [null, -INF, 0];
        for ($try = 0; $try < self::MOST_TRIES && $found < self::CANDIDATES; $try++) {
            [$x, $y] = $this->candidate($numbers, $around);
            $free = $this->free($x, $y, $placed, $taken);
            if ($free < 0.0 || !$this->room->holds($this->foot, $x, $y)) {
                continue;
            }
            $found++;
            if ($free > $farthest) {
                [$best, $farthest] = [[$x, $y], $free];
            }
        }

        return $best;
    }

    /**
     * @param Generator<int, float>           $numbers
     * @param array{float, float, float|null} $around
     *
     * @return array{float, float}
     */
    private function candidate(Generator $numbers, array $around): array
    {
        [$u, $v] = [self::draw($numbers), self::draw($numbers)];
        if ($around[2] === null) {
            return [(2.0 * $u - 1.0) * $this->room->halfX, (2.0 * $v - 1.0) * $this->room->halfY];
        }
        $reach = $around[2] * sqrt($u);

        return [$around[0] + $reach * cos(2.0 * M_PI * $v), $around[1] + $reach * sin(2.0 * M_PI * $v)];
    }

    /** @param Generator<int, float> $numbers */
    private static function draw(Generator $numbers): float
    {
        $number = $numbers->current();
        $numbers->next();

        return $number;
    }

    /**
     * @param list<array{float, float}>        $placed
     * @param list<array{float, float, float}> $taken
     *
     * @return float how much farther than it must a place lies from all others, m
     */
    private function free(float $x, float $y, array $placed, array $taken): float
    {
        $free = INF;
        foreach ($placed as [$px, $py]) {
            $free = min($free, hypot($x - $px, $y - $py) - $this->apart);
            if ($free < 0.0) {
                return $free;
            }
        }
        foreach ($taken as [$px, $py, $reach]) {
            $free = min($free, hypot($x - $px, $y - $py) - $reach - 0.5 * $this->apart - 0.5 * $this->spacing);
        }

        return $free;
    }
}
