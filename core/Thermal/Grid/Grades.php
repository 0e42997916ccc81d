<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Grid;

use Pensilis\Vessel\Sheet;

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

    /** Of a wall, m: what is less is one cell; and the most that it gets. */
    private const THICK = 0.005;

    private const MOST = 6;

    /** Power by which cells widen into a wall. */
    private const INTO = 1.4;

    /** @return non-empty-list<float> faces of so many cells, narrow towards 1: from the axis to the wall */
    public static function outward(int $cells): array
    {
        return array_map(fn(float $s): float => $s * (1.0 + self::STRENGTH * (1.0 - $s)), self::even($cells));
    }

    /**
     * The same, the last of them so narrow as is wanted: where a long side wants no more cells than a short one.
     *
     * @param float $last share of the whole
     *
     * @return non-empty-list<float>
     */
    public static function closing(int $cells, float $last): array
    {
        $power = log($last) / log(1.0 / $cells);

        return array_map(fn(float $s): float => 1.0 - (1.0 - $s) ** $power, self::even($cells));
    }

    /** @return non-empty-list<float> faces of so many cells, narrow towards both ends: from the foot of a pour to its free face */
    public static function bothWays(int $cells): array
    {
        return array_map(fn(float $s): float => $s - self::STRENGTH * sin(2.0 * M_PI * $s) / (2.0 * M_PI), self::even($cells));
    }

    /**
     * Outer faces of cells in a wall, a floor or a board, from the resin outward: as many as it is thick, narrow towards the resin.
     *
     * @return list<float> m; none where there is no sheet
     */
    public static function into(?Sheet $sheet): array
    {
        $thickness = $sheet->thickness ?? 0.0;
        $cells = min(self::MOST, (int) ceil($thickness / self::THICK));

        return $cells === 0 ? [] : array_map(fn(float $s): float => $thickness * $s ** self::INTO, array_slice(self::even($cells), 1));
    }

    /** @return non-empty-list<float> */
    private static function even(int $cells): array
    {
        return array_map(fn(int $n): float => $n / $cells, range(0, $cells));
    }
}
