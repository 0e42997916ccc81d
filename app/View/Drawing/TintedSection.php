<?php

declare(strict_types=1);

namespace App\View\Drawing;

use Closure;
use Pensilis\Vessel\Vessel;

/**
 * A section filled with small cells that a quantity tints, each as one digit of a band; the left half is the right one again. Cells reach
 * beyond slanted walls, which cut them off.
 */
final readonly class TintedSection
{
    /** Across half of it, and up. */
    private const COLUMNS = 10;

    private const ROWS = 24;

    /** Every so many columns and rows a digit. */
    private const DIGITS = [4, 4];

    private float $half;

    public function __construct(public SectionDrawing $section, private Vessel $vessel)
    {
        [$c, $s] = $section->gaze->right();
        $this->half = $section->gaze->across(...$vessel->widest()->support($c, $s));
    }

    /** SVG points of what is filled. */
    public function edge(): string
    {
        return $this->section->inside(0.0, $this->vessel->fill);
    }

    /** @return list<array{x: float, y: float, width: float, height: float, cell: int}> */
    public function cells(): array
    {
        $cells = [];
        for ($j = 0; $j < self::ROWS; $j++) {
            [$top, $bottom] = [$this->section->y($this->height($j + 1.0)), $this->section->y($this->height((float) $j))];
            for ($i = -self::COLUMNS; $i < self::COLUMNS; $i++) {
                $sides = [$this->section->x($this->half * $i / self::COLUMNS), $this->section->x($this->half * ($i + 1) / self::COLUMNS)];
                $cells[] = [
                    'x'      => min($sides), 'y' => min($top, $bottom),
                    'width'  => round(max($sides) - min($sides), 2),
                    'height' => round(abs($bottom - $top), 2), 'cell' => $this->index($i, $j),
                ];
            }
        }

        return $cells;
    }

    /** @return list<array{x: float, y: float, cell: int}> where a digit tells the band */
    public function digits(): array
    {
        $digits = [];
        for ($j = intdiv(self::DIGITS[1], 2); $j < self::ROWS; $j += self::DIGITS[1]) {
            for ($i = -self::COLUMNS + intdiv(self::DIGITS[0], 2); $i < self::COLUMNS; $i += self::DIGITS[0]) {
                $digits[] = [
                    'x'    => $this->section->x($this->half * ($i + 0.5) / self::COLUMNS),
                    'y'    => $this->section->y($this->height($j + 0.5)) + 4.0,
                    'cell' => $this->index($i, $j),
                ];
            }
        }

        return $digits;
    }

    /**
     * One character a cell: the band that it is in, or - where there is nothing.
     *
     * @param Closure(float, float): (int|null) $band by height, m, and the share of the way from the middle to the edge of the widest cut
     */
    public function text(Closure $band): string
    {
        $text = '';
        for ($j = 0; $j < self::ROWS; $j++) {
            for ($i = 0; $i < self::COLUMNS; $i++) {
                $text .= $band($this->height($j + 0.5), ($i + 0.5) / self::COLUMNS) ?? '-';
            }
        }

        return $text;
    }

    private function height(float $row): float
    {
        return $this->vessel->fill * $row / self::ROWS;
    }

    private function index(int $column, int $row): int
    {
        return $row * self::COLUMNS + ($column < 0 ? -1 - $column : $column);
    }
}
