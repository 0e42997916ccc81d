<?php

declare(strict_types=1);

namespace Pensilis\Colour;

/**
 * The shades that make up most of a picture: its pixels in groups about means in CIELAB (Lloyd, IEEE Trans. Inf. Theory 28 (1982) 129).
 *
 * The first mean is that of all; each further one is the pixel farthest from those before (Gonzalez, Theor. Comput. Sci. 38 (1985) 293), so
 * that the same picture always gives the same shades. Groups that look alike become one.
 */
final class MainShades
{
    private const ROUNDS = 12;

    /** Means nearer than this look alike, ΔE*ab (memory). */
    private const ALIKE = 8.0;

    /** Less of a picture than this is no part of it (memory). */
    private const LEAST = 0.02;

    /**
     * @param list<Shade> $pixels
     *
     * @return list<array{Shade, float}> each with its share of the pixels, the largest first
     */
    public static function of(array $pixels, int $most): array
    {
        if ($pixels === []) {
            return [];
        }
        $labs = array_map(fn(Shade $one): array => $one->lab(), $pixels);
        $means = self::spread($labs, $most);
        $nearest = [];
        for ($round = 0; $round < self::ROUNDS; $round++) {
            $before = $nearest;
            $nearest = array_map(fn(array $lab): int => self::nearest($lab, $means)[0], $labs);
            if ($nearest === $before) {
                break;
            }
            $means = self::means($labs, $nearest, $means);
        }

        return self::told($pixels, $nearest);
    }

    /**
     * @param non-empty-list<array{float, float, float}> $labs
     *
     * @return non-empty-list<array{float, float, float}>
     */
    private static function spread(array $labs, int $most): array
    {
        $means = [self::mean($labs)];
        while (count($means) < $most) {
            [$farthest, $far] = [$labs[0], 0.0];
            foreach ($labs as $lab) {
                [, $distance] = self::nearest($lab, $means);
                [$farthest, $far] = $distance > $far ? [$lab, $distance] : [$farthest, $far];
            }
            if ($far < self::ALIKE) {
                break;
            }
            $means[] = $farthest;
        }

        return $means;
    }

    /**
     * @param list<array{float, float, float}>           $labs
     * @param list<int>                                  $nearest
     * @param non-empty-list<array{float, float, float}> $before
     *
     * @return non-empty-list<array{float, float, float}>
     */
    private static function means(array $labs, array $nearest, array $before): array
    {
        $groups = [];
        foreach ($nearest as $i => $group) {
            $groups[$group][] = $labs[$i];
        }

        return array_map(
            fn(array $mean, int $k): array => isset($groups[$k]) ? self::mean($groups[$k]) : $mean,
            $before,
            array_keys($before),
        );
    }

    /**
     * @param non-empty-list<array{float, float, float}> $labs
     *
     * @return array{float, float, float}
     */
    private static function mean(array $labs): array
    {
        $sum = [0.0, 0.0, 0.0];
        foreach ($labs as [$l, $a, $b]) {
            $sum = [$sum[0] + $l, $sum[1] + $a, $sum[2] + $b];
        }

        return [$sum[0] / count($labs), $sum[1] / count($labs), $sum[2] / count($labs)];
    }

    /**
     * @param array{float, float, float}                 $lab
     * @param non-empty-list<array{float, float, float}> $means
     *
     * @return array{int, float} which, and how far
     */
    private static function nearest(array $lab, array $means): array
    {
        [$which, $least] = [0, INF];
        foreach ($means as $k => $mean) {
            $far = ($lab[0] - $mean[0]) ** 2 + ($lab[1] - $mean[1]) ** 2 + ($lab[2] - $mean[2]) ** 2;
            [$which, $least] = $far < $least ? [$k, $far] : [$which, $least];
        }

        return [$which, sqrt($least)];
    }

    /**
     * Groups with the mean of their light.
     *
     * @param non-empty-list<Shade> $pixels
     * @param list<int>             $nearest
     *
     * @return list<array{Shade, float}>
     */
    private static function told(array $pixels, array $nearest): array
    {
        $sums = [];
        foreach ($nearest as $i => $group) {
            [$count, $red, $green, $blue] = $sums[$group] ?? [0, 0.0, 0.0, 0.0];
            [$r, $g, $b] = $pixels[$i]->channels();
            $sums[$group] = [$count + 1, $red + $r, $green + $g, $blue + $b];
        }
        usort($sums, fn(array $one, array $other): int => $other[0] <=> $one[0]);
        $told = [];
        foreach ($sums as [$count, $red, $green, $blue]) {
            $shade = Shade::linear($red / $count, $green / $count, $blue / $count);
            $alike = array_filter($told, fn(array $one): bool => $one[0]->differenceFrom($shade) < self::ALIKE);
            if ($alike === [] && $count >= self::LEAST * count($pixels)) {
                $told[] = [$shade, $count / count($pixels)];
            }
        }

        return $told;
    }
}
