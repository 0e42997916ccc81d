<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Run;

use Pensilis\Thermal\Grid\Row;

/**
 * Rows of a stack that become one: those of a pour that lies under two others and whose windows have been, and of such pours beside each
 * other once they are fully cured. Heat spreads evenly through what nothing warms, so no more rows are wanted there than over the whole
 * fill; without this each pour would make all later ones dearer.
 */
final readonly class Coarsening
{
    /** Pours that lie above. */
    private const COVERS = 2;

    /** @param list<int> $into the row that each becomes a part of */
    private function __construct(private array $into, private int $cells) {}

    /**
     * @param list<Row>       $stack
     * @param list<PourTrack> $tracks of its pours, with one more about to come
     * @param float           $most   as high as rows may become, m
     */
    public static function of(array $stack, array $tracks, int $cells, float $most): self
    {
        [$into, $height, $under] = [[], 0.0, null];
        foreach ($stack as $j => $row) {
            $track = $row->pour === null || $row->pour > count($tracks) - self::COVERS ? null : $tracks[$row->pour];
            $joins = $track !== null && $under !== null && $track->mayBeLeft() && $height + $row->height <= $most
                && ($track === $under || ($track->isCured() && $under->isCured()));
            $into[] = $j === 0 ? 0 : $into[$j - 1] + ($joins ? 0 : 1);
            [$height, $under] = [$joins ? $height + $row->height : $row->height, $track];
        }

        return new self($into, $cells);
    }

    /** The row that one becomes a part of. */
    public function row(int $row): int
    {
        return $this->into[$row];
    }

    /** The same of a cell. */
    public function cell(int $cell): int
    {
        return $this->into[intdiv($cell, $this->cells)] * $this->cells + $cell % $this->cells;
    }

    /** Whether any become one. */
    public function isNeeded(): bool
    {
        return $this->into !== array_keys($this->into);
    }

    /**
     * @param non-empty-list<Row> $stack
     *
     * @return non-empty-list<Row>
     */
    public function stack(array $stack): array
    {
        $rows = [];
        foreach ($stack as $j => $row) {
            $to = $this->into[$j];
            $rows[$to] = isset($rows[$to]) ? $rows[$to]->with($row) : $row;
        }

        return array_values($rows);
    }

    /**
     * @param array<int, float> $values of every cell
     *
     * @return array<int, float>
     */
    public function sum(array $values): array
    {
        $sums = [];
        foreach ($values as $c => $value) {
            $to = $this->cell($c);
            $sums[$to] = ($sums[$to] ?? 0.0) + $value;
        }

        return $sums;
    }

    /**
     * The mean of what becomes one; of nothing, nought.
     *
     * @param array<int, float> $values  of every cell
     * @param array<int, float> $weights of every cell
     *
     * @return array<int, float>
     */
    public function mean(array $values, array $weights): array
    {
        $weighted = array_map(fn(float $value, float $weight): float => $value * $weight, $values, $weights);

        return array_map(
            fn(float $sum, float $weight): float => $weight > 0.0 ? $sum / $weight : 0.0,
            $this->sum($weighted),
            $this->sum($weights),
        );
    }
}
