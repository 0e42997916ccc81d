<?php

declare(strict_types=1);

namespace App\View;

/**
 * An area drawn by colour from lines across it: one SVG path for each colour. Between two lines that are divided alike the strips run
 * straight from one to the other, so that edges come out smooth; elsewhere they change halfway.
 */
final class Mosaic
{
    private const LINES = 120;

    /** Strips reach into each other by so much, in drawing units, so that no light shows between them. */
    private const OVERLAP = 0.3;

    /** @var array<string, string> SVG path data by colour */
    private array $paths = [];

    /**
     * @param callable(float): list<array{float, float, string}> $line     from, to in metres and "#rrggbb", of a line at a height in plan
     * @param float                                              $half     m, half the height of the area
     * @param float                                              $scale    drawing units for a metre
     * @param bool                                               $mirrored left and right swapped
     *
     * @return array<string, string> SVG path data by colour
     */
    public static function paths(callable $line, float $half, float $scale, bool $mirrored): array
    {
        $mosaic = new self();
        $step = 2.0 * $half / self::LINES;
        [$before, $above] = [null, $half];
        for ($n = 0; $n < self::LINES; $n++) {
            $y = $half - ($n + 0.5) * $step;
            $row = array_map(fn(array $span): array => [($mirrored ? -$span[1] : $span[0]) * $scale, ($mirrored ? -$span[0] : $span[1]) * $scale, $span[2]], $line($y));
            $row = $mirrored ? array_reverse($row) : $row;
            if ($before !== null && array_column($before, 2) === array_column($row, 2)) {
                $mosaic->strip($before, $row, $above * $scale, $y * $scale);
            } else {
                $middle = 0.5 * ($above + $y);
                $mosaic->strip($before ?? [], $before ?? [], $above * $scale, $middle * $scale);
                $mosaic->strip($row, $row, ($before === null ? $half : $middle) * $scale, $y * $scale);
            }
            [$before, $above] = [$row, $y];
        }
        $mosaic->strip($before ?? [], $before ?? [], $above * $scale, -$half * $scale);

        return $mosaic->paths;
    }

    /**
     * @param list<array{float, float, string}> $upper
     * @param list<array{float, float, string}> $lower divided alike
     */
    private function strip(array $upper, array $lower, float $from, float $to): void
    {
        [$top, $bottom] = [round(-$from, 2), round(-$to + self::OVERLAP, 2)];
        foreach ($upper as $n => [$left, $right, $colour]) {
            $this->paths[$colour] = ($this->paths[$colour] ?? '') . sprintf('M%s %sH%sL%s %sH%sz', round($left, 1), $top, round($right, 1), round($lower[$n][1], 1), $bottom, round($lower[$n][0], 1));
        }
    }
}
