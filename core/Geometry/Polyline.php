<?php

declare(strict_types=1);

namespace Pensilis\Geometry;

/** Closed lines of points in plan: fewer corners, and the tightest band around them. */
final readonly class Polyline
{
    /**
     * The same line with as few corners as stay within a distance (Douglas & Peucker, Cartographica 10, 1973).
     *
     * @param list<array{float, float}> $points of a closed line
     *
     * @return list<array{float, float}>
     */
    public static function simplified(array $points, float $within): array
    {
        $count = count($points);
        if ($count < 4) {
            return $points;
        }
        $far = 0;
        foreach ($points as $i => [$x, $y]) {
            if (hypot($x - $points[0][0], $y - $points[0][1]) > hypot($points[$far][0] - $points[0][0], $points[$far][1] - $points[0][1])) {
                $far = $i;
            }
        }
        $points[] = $points[0];
        $keep = [0 => true, $far => true];
        $open = [[0, $far], [$far, $count]];
        while ($open !== []) {
            [$from, $to] = array_pop($open);
            [$farthest, $worst] = [$from, $within];
            for ($i = $from + 1; $i < $to; $i++) {
                $off = self::distance($points[$i], $points[$from], $points[$to]);
                if ($off > $worst) {
                    [$farthest, $worst] = [$i, $off];
                }
            }
            if ($farthest !== $from) {
                $keep[$farthest] = true;
                array_push($open, [$from, $farthest], [$farthest, $to]);
            }
        }
        ksort($keep);

        return array_values(array_intersect_key($points, $keep));
    }

    /**
     * The convex hull, counter-clockwise (Andrew, Information Processing Letters 9, 1979).
     *
     * @param list<array{float, float}> $points
     *
     * @return list<array{float, float}>
     */
    public static function hull(array $points): array
    {
        sort($points);
        $chain = function (array $points): array {
            $chain = [];
            /** @var array{float, float} $p */
            foreach ($points as $p) {
                while (($n = count($chain)) > 1 && ($chain[$n - 1][0] - $chain[$n - 2][0]) * ($p[1] - $chain[$n - 2][1])
                    - ($chain[$n - 1][1] - $chain[$n - 2][1]) * ($p[0] - $chain[$n - 2][0]) <= 0.0) {
                    array_pop($chain);
                }
                $chain[] = $p;
            }

            return array_slice($chain, 0, -1);
        };

        return [...$chain($points), ...$chain(array_reverse($points))];
    }

    /**
     * @param array{float, float} $p
     * @param array{float, float} $from
     * @param array{float, float} $to
     */
    private static function distance(array $p, array $from, array $to): float
    {
        [$dx, $dy] = [$to[0] - $from[0], $to[1] - $from[1]];
        $length = hypot($dx, $dy);

        return $length === 0.0
            ? hypot($p[0] - $from[0], $p[1] - $from[1])
            : abs($dx * ($p[1] - $from[1]) - $dy * ($p[0] - $from[0])) / $length;
    }
}
