<?php

declare(strict_types=1);

namespace Tests;

/** Meshes made by rule, as the two kinds of STL; facets are lists of three corners, seen from outside counter-clockwise. */
final class Meshes
{
    /** @return list<array{list<float>, list<float>, list<float>}> a block standing on z = 0 */
    public static function block(float $x, float $y, float $z): array
    {
        $corner = fn(int $n): array => [$n & 1 ? $x : 0.0, $n & 2 ? $y : 0.0, $n & 4 ? $z : 0.0];
        $faces = [[0, 2, 3, 1], [4, 5, 7, 6], [0, 1, 5, 4], [2, 6, 7, 3], [0, 4, 6, 2], [1, 3, 7, 5]];
        $facets = [];
        foreach ($faces as [$a, $b, $c, $d]) {
            $facets[] = [$corner($a), $corner($b), $corner($c)];
            $facets[] = [$corner($a), $corner($c), $corner($d)];
        }

        return $facets;
    }

    /** @return list<array{list<float>, list<float>, list<float>}> a ball of so many rings and segments about the origin */
    public static function ball(float $radius, int $rings, int $segments): array
    {
        $point = fn(int $i, int $j): array => $i === 0 || $i === $rings ? [0.0, 0.0, $i === 0 ? $radius : -$radius] : [
            $radius * sin(M_PI * $i / $rings) * cos(2.0 * M_PI * ($j % $segments) / $segments),
            $radius * sin(M_PI * $i / $rings) * sin(2.0 * M_PI * ($j % $segments) / $segments),
            $radius * cos(M_PI * $i / $rings),
        ];
        $facets = [];
        for ($i = 0; $i < $rings; $i++) {
            for ($j = 0; $j < $segments; $j++) {
                if ($i < $rings - 1) {
                    $facets[] = [$point($i, $j), $point($i + 1, $j), $point($i + 1, $j + 1)];
                }
                if ($i > 0) {
                    $facets[] = [$point($i, $j), $point($i + 1, $j + 1), $point($i, $j + 1)];
                }
            }
        }

        return $facets;
    }

    /** @return list<array{list<float>, list<float>, list<float>}> a pyramid over a square, tip up */
    public static function pyramid(float $side, float $height): array
    {
        [$a, $b, $c, $d, $tip] = [
            [0.0, 0.0, 0.0], [$side, 0.0, 0.0], [$side, $side, 0.0], [0.0, $side, 0.0], [0.5 * $side, 0.5 * $side, $height],
        ];

        return [[$a, $d, $c], [$a, $c, $b], [$a, $b, $tip], [$b, $c, $tip], [$c, $d, $tip], [$d, $a, $tip]];
    }

    /**
     * @param list<array{list<float>, list<float>, list<float>}> $facets
     *
     * @return list<array{list<float>, list<float>, list<float>}>
     */
    public static function moved(array $facets, float $x, float $y, float $z): array
    {
        return array_map(
            fn(array $facet): array => array_map(fn(array $p): array => [$p[0] + $x, $p[1] + $y, $p[2] + $z], $facet),
            $facets,
        );
    }

    /** @param list<array{list<float>, list<float>, list<float>}> $facets */
    public static function binary(array $facets): string
    {
        $records = array_map(fn(array $facet): string => pack('g12', 0.0, 0.0, 0.0, ...array_merge(...$facet)) . "\0\0", $facets);

        return str_pad('made by a test', 80) . pack('V', count($facets)) . implode('', $records);
    }

    /** @param list<array{list<float>, list<float>, list<float>}> $facets */
    public static function ascii(array $facets): string
    {
        $text = "solid made by a test\n";
        foreach ($facets as $facet) {
            $text .= "  facet normal 0 0 0\n    outer loop\n";
            foreach ($facet as $p) {
                $text .= sprintf("      vertex %.7e %.7e %.7e\n", ...$p);
            }
            $text .= "    endloop\n  endfacet\n";
        }

        return "{$text}endsolid made by a test\n";
    }
}
