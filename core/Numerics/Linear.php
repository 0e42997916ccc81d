<?php

declare(strict_types=1);

namespace Pensilis\Numerics;

/** Small vectors and matrices, as lists of numbers and of rows. */
final class Linear
{
    /**
     * The solution of equations by Gauss's elimination without exchange of rows: of matrices that are symmetric and positive.
     *
     * @param list<list<float>> $rows
     * @param list<float>       $right
     *
     * @return list<float>
     */
    public static function solve(array $rows, array $right): array
    {
        $count = count($right);
        for ($i = 0; $i < $count; $i++) {
            for ($k = $i + 1; $k < $count; $k++) {
                $share = $rows[$k][$i] / $rows[$i][$i];
                for ($j = $i; $j < $count; $j++) {
                    $rows[$k][$j] -= $share * $rows[$i][$j];
                }
                $right[$k] -= $share * $right[$i];
            }
        }
        for ($i = $count - 1; $i >= 0; $i--) {
            for ($j = $i + 1; $j < $count; $j++) {
                $right[$i] -= $rows[$i][$j] * $right[$j];
            }
            $right[$i] /= $rows[$i][$i];
        }

        return array_values($right);
    }

    /**
     * @param list<float> $one
     * @param list<float> $other
     */
    public static function product(array $one, array $other): float
    {
        return array_sum(array_map(fn(float $a, float $b): float => $a * $b, $one, $other));
    }

    /**
     * @param list<list<float>> $rows
     * @param list<float>       $column
     *
     * @return list<float>
     */
    public static function times(array $rows, array $column): array
    {
        return array_map(fn(array $row): float => self::product($row, $column), $rows);
    }

    /**
     * @param list<float> $one
     * @param list<float> $other
     *
     * @return list<float> one and so much of the other
     */
    public static function plus(array $one, array $other, float $times = 1.0): array
    {
        return array_map(fn(float $a, float $b): float => $a + $times * $b, $one, $other);
    }
}
