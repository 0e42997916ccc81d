<?php

declare(strict_types=1);

namespace App\View\Drawing;

/**
 * An area drawn by colour from lines across it: one SVG path for each colour. Between two lines that are divided alike the strips run
 * straight from one to the other, so that edges come out smooth; where they are not, lines between them are looked at, and the rest
 * changes halfway.
 */
final class Mosaic
{
    private const LINES = 64;

    private const NEAR = 1e-6;

    private const CLOSE = [0.06, 0.3];

    private const FEW = 16;

    /** How often the room between two lines is halved. */
    private const HALVINGS = 1;

    /** Strips reach into each other by so much, in drawing units, so that no light shows between them. */
    private const OVERLAP = 0.3;

    /** @var array<string, string> SVG path data by colour */
    private array $paths = [];

    /** @param callable(float): list<array{float, float, string}> $line */
    private function __construct(private $line, private readonly float $scale, private readonly bool $mirrored) {}

    /**
     * @param callable(float): list<array{float, float, string}> $line     from, to in metres and "#rrggbb", of a line at a height in plan
     * @param float                                              $half     m, half the height of the area
     * @param float                                              $scale    drawing units for a metre
     * @param bool                                               $mirrored left and right swapped
     * @param list<float>                                        $turns    heights at which something begins or ends: looked at on both
     *                                                                     sides
     *
     * @return array<string, string> SVG path data by colour
     */
    public static function paths(callable $line, float $half, float $scale, bool $mirrored, array $turns = []): array
    {
        $mosaic = new self($line, $scale, $mirrored);
        $near = $half * self::NEAR;
        // Just inside, so that what ends in a straight edge is told from what ends in a point.
        $heights = [];
        for ($n = 1; $n < self::LINES; $n++) {
            $heights[] = $half - 2.0 * $half * $n / self::LINES;
        }
        // Round ends are steep: a few lines close by make them look round, where there is time for it.
        $close = count($turns) <= self::FEW
            ? [$near, ...array_map(fn(float $share): float => $share * 2.0 * $half / self::LINES, self::CLOSE)]
            : [$near];
        foreach ([$half, -$half, ...$turns] as $turn) {
            foreach ($close as $by) {
                array_push($heights, $turn - $by, $turn + $by);
            }
        }
        $heights = array_values(array_filter($heights, fn(float $y): bool => abs($y) <= $half - $near));
        rsort($heights);
        [$above, $y] = [$mosaic->row($heights[0]), $half];
        foreach (array_slice($heights, 1) as $next) {
            $below = $mosaic->row($next);
            $mosaic->between($above, $below, $y, $next, self::HALVINGS);
            [$above, $y] = [$below, $next];
        }

        return $mosaic->paths;
    }

    /** @return list<array{float, float, string}> a line in drawing units, from left to right */
    private function row(float $y): array
    {
        $row = [];
        foreach (($this->line)($y) as [$from, $to, $colour]) {
            $row[] = $this->mirrored
                ? [-$to * $this->scale, -$from * $this->scale, $colour]
                : [$from * $this->scale, $to * $this->scale, $colour];
        }

        return $this->mirrored ? array_reverse($row) : $row;
    }

    /**
     * @param list<array{float, float, string}> $upper
     * @param list<array{float, float, string}> $lower
     */
    private function between(array $upper, array $lower, float $from, float $to, int $halvings): void
    {
        $middle = 0.5 * ($from + $to);
        if (array_column($upper, 2) === array_column($lower, 2)) {
            $this->strip($upper, $lower, $from, $to);
        } elseif ($halvings > 0) {
            $row = $this->row($middle);
            $this->between($upper, $row, $from, $middle, $halvings - 1);
            $this->between($row, $lower, $middle, $to, $halvings - 1);
        } else {
            $this->strip($upper, $upper, $from, $middle);
            $this->strip($lower, $lower, $middle, $to);
        }
    }

    /**
     * @param list<array{float, float, string}> $upper
     * @param list<array{float, float, string}> $lower divided alike
     */
    private function strip(array $upper, array $lower, float $from, float $to): void
    {
        [$top, $bottom] = [round(-$from * $this->scale, 2), round(-$to * $this->scale + self::OVERLAP, 2)];
        foreach ($upper as $n => [$left, $right, $colour]) {
            $this->paths[$colour] = ($this->paths[$colour] ?? '') . sprintf(
                'M%s %sH%sL%s %sH%sz',
                round($left, 1),
                $top,
                round($right, 1),
                round($lower[$n][1], 1),
                $bottom,
                round($lower[$n][0], 1),
            );
        }
    }
}
