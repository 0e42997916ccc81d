<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Run;

use Pensilis\Thermal\Grid\Row;

/** A row of a pour as it was laid, and where it is in the stack by now, whatever it has become one with. Metres above the floor, K. */
final readonly class LaidRow
{
    /** @param list<float> $before the greatest temperature of each cell until then; empty while it is a row by itself */
    private function __construct(
        public float $bottom,
        public float $top,
        public int $pour,
        public Row $row,
        public int $at,
        private array $before,
    ) {}

    public static function of(float $bottom, Row $row, int $at): self
    {
        assert($row->pour !== null);

        return new self($bottom, $bottom + $row->height, $row->pour, $row, $at, []);
    }

    /** How many cells from the axis outward hold resin; the first in any case. */
    public function held(int $rings): int
    {
        return max(1, count(array_filter(array_slice($this->row->inside, 0, $rings), fn(float $inside): bool => $inside > 0.0)));
    }

    /**
     * The same in a stack that has become coarser.
     *
     * @param array<int, float> $hottest of every cell of the stack until then
     */
    public function moved(Coarsening $coarser, array $hottest): self
    {
        return new self($this->bottom, $this->top, $this->pour, $this->row, $coarser->row($this->at), $this->hottest($hottest));
    }

    /**
     * @param array<int, float> $hottest of every cell of the stack, since it is as it is
     *
     * @return list<float> the greatest temperature of each cell
     */
    public function hottest(array $hottest): array
    {
        $cells = count($this->row->inside);
        $since = array_slice($hottest, $this->at * $cells, $cells);

        $greater = fn(float $before, float $after): float => max($before, $after);

        return $this->before === [] ? $since : array_map($greater, $this->before, $since);
    }
}
