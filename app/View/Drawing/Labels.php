<?php

declare(strict_types=1);

namespace App\View\Drawing;

/**
 * Names put to what they name so that none covers another: inside where there is room, else beside it, away from other things as far as
 * there is a choice. One after the other; what finds no place that can be read is told so. Any unit of length, y down.
 */
final class Labels
{
    /** Of a letter, as a share of the size of the type: about that of a sans serif. */
    private const LETTER = 0.56;

    /** Between a thing and its name, as a share of the size. */
    private const GAP = 0.3;

    /** What it costs to lie on another name, and beyond the edge, against lying on a thing. */
    private const ON_NAME = 4.0;

    private const BEYOND = 8.0;

    private const ON_LINE = 1.0;

    /** What each later place costs, of the area of the name. */
    private const LATER = 0.02;

    /** Cells are numbered in rows of so many; no drawing has as many. */
    private const ROWS = 100_000;

    /** A name of which so much is covered is not read. */
    private const COVERED = 0.3;

    /** @var array<int, array<int, array{float, float, float, float}>> by cell and number: left, top, right and bottom */
    private array $names = [];

    /** @var array<int, array<int, array{float, float, float, float}>> by cell and number */
    private array $things = [];

    /** @var array<int, array<int, array{float, float, float, float}>> by cell and number: from x, y to x, y */
    private array $lines = [];

    /** @param array{float, float, float, float} $bounds left, top, right and bottom of the drawing */
    private function __construct(private readonly float $size, private readonly array $bounds) {}

    /**
     * @param list<array{x: float, y: float, halfX: float, halfY: float, name: string}> $things a thing of no size is a place
     * @param float                                                                     $size   of the type
     * @param array{float, float, float, float}                                         $bounds left, top, right and bottom
     * @param list<array{float, float, float, float}>                                   $lines  from x, y to x, y: kept clear of, too
     * @param int                                                                       $most   for which a place is looked for
     *
     * @return list<Label> of those that have a name
     */
    public static function of(array $things, float $size, array $bounds, array $lines = [], int $most = PHP_INT_MAX): array
    {
        $labels = new self($size, $bounds);
        foreach ($lines as $n => $line) {
            [$x, $y, $toX, $toY] = $line;
            foreach ($labels->cells([min($x, $toX), min($y, $toY), max($x, $toX), max($y, $toY)]) as $cell) {
                $labels->lines[$cell][$n] = $line;
            }
        }
        foreach ($things as $n => $one) {
            $box = [$one['x'] - $one['halfX'], $one['y'] - $one['halfY'], $one['x'] + $one['halfX'], $one['y'] + $one['halfY']];
            foreach ($labels->cells($box) as $cell) {
                $labels->things[$cell][$n] = $box;
            }
        }
        $placed = [];
        foreach ($things as $n => $one) {
            if ($one['name'] !== '') {
                $placed[] = count($placed) < $most
                    ? $labels->place($n, $one['x'], $one['y'], $one['halfX'], $one['halfY'], $one['name'])
                    : new Label($n, $one['name'], round($one['x'], 2), round($one['y'], 2), false);
            }
        }

        return $placed;
    }

    private function place(int $n, float $x, float $y, float $halfX, float $halfY, string $name): Label
    {
        $wide = self::LETTER * $this->size * mb_strlen($name);
        [$best, $least, $covered] = [[$x, $y], INF, 0.0];
        foreach ($this->candidates($x, $y, $halfX, $halfY, $wide) as $order => [$cx, $cy]) {
            $box = [$cx - 0.5 * $wide, $cy - 0.5 * $this->size, $cx + 0.5 * $wide, $cy + 0.5 * $this->size];
            $onNames = self::shared($box, $this->near($this->names, $box), -1);
            $late = self::LATER * $order * $wide * $this->size;
            $in = self::ON_NAME * $onNames + self::BEYOND * $this->beyond($box);
            // Things and lines only make it worse: in a heap of hundreds they are not looked at in vain.
            if ($in + $late >= $least) {
                continue;
            }
            $in += self::ON_LINE * $this->crossed($box) + self::shared($box, $this->near($this->things, $box), $n);
            $cost = $in + $late;
            if ($cost < $least) {
                [$best, $least, $covered] = [[$cx, $cy], $cost, $onNames + $this->beyond($box)];
            }
            // Whatever comes later costs more.
            if ($in <= 0.0) {
                break;
            }
        }
        [$cx, $cy] = $best;
        $isRead = $covered <= self::COVERED * $wide * $this->size;
        $box = [$cx - 0.5 * $wide, $cy - 0.5 * $this->size, $cx + 0.5 * $wide, $cy + 0.5 * $this->size];
        foreach ($isRead ? $this->cells($box) : [] as $cell) {
            $this->names[$cell][$n] = $box;
        }

        // Type stands on its line, a third of its size below its middle.
        return new Label($n, $name, round($cx, 2), round($cy + 0.33 * $this->size, 2), $isRead);
    }

    /** @return list<array{float, float}> middles of places for a name, the better first */
    private function candidates(float $x, float $y, float $halfX, float $halfY, float $wide): array
    {
        [$side, $up] = [$halfX + self::GAP * $this->size + 0.5 * $wide, $halfY + (0.5 + self::GAP) * $this->size];
        $fits = ($wide <= 2.0 * $halfX && $this->size <= 2.0 * $halfY) || ($halfX === 0.0 && $halfY === 0.0);

        return [
            ...($fits ? [[$x, $y], [$x, $y - max($this->size, 0.5 * $halfY)], [$x, $y + max($this->size, 0.5 * $halfY)]] : []),
            [$x, $y - $up], [$x, $y + $up], [$x + $side, $y], [$x - $side, $y],
            [$x + $side, $y - 0.6 * $up], [$x - $side, $y - 0.6 * $up], [$x + $side, $y + 0.6 * $up], [$x - $side, $y + 0.6 * $up],
            [$x, $y - $up - $this->size], [$x, $y + $up + $this->size],
        ];
    }

    /**
     * @param array{float, float, float, float} $box
     *
     * @return float area outside the drawing
     */
    private function beyond(array $box): float
    {
        $whole = ($box[2] - $box[0]) * ($box[3] - $box[1]);

        return $whole - self::shared($box, [$this->bounds], -1);
    }

    /**
     * How much of the lines runs through a box, as an area: their length in it by half its height.
     *
     * @param array{float, float, float, float} $box
     */
    private function crossed(array $box): float
    {
        $length = 0.0;
        foreach ($this->near($this->lines, $box) as [$x, $y, $toX, $toY]) {
            // Liang and Barsky 1984: the part of the line between the four sides.
            [$from, $to] = [0.0, 1.0];
            foreach ([[$x, $toX - $x, $box[0], $box[2]], [$y, $toY - $y, $box[1], $box[3]]] as [$at, $by, $least, $most]) {
                if ($by === 0.0) {
                    $to = $at < $least || $at > $most ? -1.0 : $to;
                    continue;
                }
                [$one, $other] = [($least - $at) / $by, ($most - $at) / $by];
                [$from, $to] = [max($from, min($one, $other)), min($to, max($one, $other))];
            }
            $length += max(0.0, $to - $from) * hypot($toX - $x, $toY - $y);
        }

        return 0.5 * $this->size * $length;
    }

    /**
     * @param array{float, float, float, float}             $box
     * @param array<int, array{float, float, float, float}> $others
     * @param int                                           $but    of which it does not count what is shared
     */
    private static function shared(array $box, array $others, int $but): float
    {
        $area = 0.0;
        foreach ($others as $n => [$left, $top, $right, $bottom]) {
            if ($n !== $but && $right > $box[0] && $left < $box[2] && $bottom > $box[1] && $top < $box[3]) {
                $area += (min($box[2], $right) - max($box[0], $left)) * (min($box[3], $bottom) - max($box[1], $top));
            }
        }

        return $area;
    }

    /**
     * @param array<int, array<int, array{float, float, float, float}>> $boxes by cell and number
     * @param array{float, float, float, float}                         $box
     *
     * @return array<int, array{float, float, float, float}> those that may reach into it, by number
     */
    private function near(array $boxes, array $box): array
    {
        $near = [];
        foreach ($this->cells($box) as $cell) {
            $near += $boxes[$cell] ?? [];
        }

        return $near;
    }

    /**
     * @param array{float, float, float, float} $box
     *
     * @return list<int>
     */
    private function cells(array $box): array
    {
        [$cell, $cells] = [6.0 * $this->size, []];
        [$least, $most] = [(int) floor($box[1] / $cell), (int) floor($box[3] / $cell)];
        for ($i = (int) floor($box[0] / $cell); $i <= floor($box[2] / $cell); $i++) {
            for ($j = $least; $j <= $most; $j++) {
                $cells[] = self::ROWS * $i + $j;
            }
        }

        return $cells;
    }
}
