<?php

declare(strict_types=1);

namespace Pensilis\Thermal;

/**
 * Where the faces of cells lie: closer together where temperature bends most, by a smooth map of even steps, so that the method stays of
 * second order. Shares of the whole, from 0 to 1.
 *
 * [1] J. F. Thompson, Z. U. A. Warsi, C. W. Mastin, Numerical Grid Generation, 1985, chapter 5.
 */
final class Grades
{
    /** How much narrower than an even one a cell is at the end that counts. */
    private const STRENGTH = 0.6;

    /** @return non-empty-list<float> faces of so many cells, narrow towards 1: from the axis to the wall */
    public static function outward(int $cells): array
    {
        return array_map(fn(float $s): float => $s * (1.0 + self::STRENGTH * (1.0 - $s)), self::even($cells));
    }

    /** @return non-empty-list<float> faces of so many cells, narrow towards both ends: from the foot of a pour to its free face */
    public static function bothWays(int $cells): array
    {
        return array_map(fn(float $s): float => $s - self::STRENGTH * sin(2.0 * M_PI * $s) / (2.0 * M_PI), self::even($cells));
    }

    /** @return non-empty-list<float> */
    private static function even(int $cells): array
    {
        return array_map(fn(int $n): float => $n / $cells, range(0, $cells));
    }
}
