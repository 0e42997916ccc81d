<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Run;

/**
 * How much all parts of a search may work before it ends with the best it has, in steps of a cell; what follows no heat is counted as so
 * many as take about as long. A search's working state.
 */
final class Budget
{
    /** About three seconds; a usual piece takes a tenth of them. */
    public const USUAL = 1_000_000;

    /** A search for layers of one resin. */
    private const LAYERS = 8_000;

    /** A search for start times, by pour. */
    private const STARTS = 6_000;

    public function __construct(private int $left = self::USUAL) {}

    public function spend(int $cells): void
    {
        $this->left -= $cells;
    }

    public function lay(int $resins): void
    {
        $this->left -= self::LAYERS * $resins;
    }

    public function time(int $pours): void
    {
        $this->left -= self::STARTS * $pours;
    }

    public function isSpent(): bool
    {
        return $this->left <= 0;
    }
}
