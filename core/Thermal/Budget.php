<?php

declare(strict_types=1);

namespace Pensilis\Thermal;

/** How much heat all runs of a search may follow before it ends with the best it has, in steps of a cell. A search's working state. */
final class Budget
{
    /** About three seconds; a usual piece takes a tenth of them. */
    public const USUAL = 1_500_000;

    public function __construct(private int $left = self::USUAL) {}

    public function spend(int $cells): void
    {
        $this->left -= $cells;
    }

    public function isSpent(): bool
    {
        return $this->left <= 0;
    }
}
