<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Run;

use function max;
use function min;

/** How long a step of a run may be: so long that no resin cell changes by more than about so much, within bounds. */
final readonly class Steps
{
    /** An excess over the air at which a step may cure half as much, as heat then hastens cure (memory), K. */
    private const FELT = 12.0;

    /** A greater one asks for no more than that one, K. */
    private const MOST_FELT = 8.0;

    /**
     * @param float $least    s
     * @param float $greatest s
     * @param float $workable share of the sheet's working time, while a pour can be worked and times are read off
     * @param float $warming  K in a step
     * @param float $curing   conversion in a step for what hastens it (Reaction::change), where all is as cool as the air
     * @param float $short    s, a step that is called so
     */
    private function __construct(
        public float $least,
        public float $greatest,
        public float $workable,
        private float $warming,
        private float $curing,
        public float $short,
    ) {}

    public static function usual(): self
    {
        return new self(1.0, 16384.0, 0.12, 2.0, 0.07, 60.0);
    }

    /** Every step as long as the other, whatever changes. */
    public static function even(float $seconds): self
    {
        return new self($seconds, $seconds, INF, INF, INF, 0.0);
    }

    /**
     * How much changes in a step, 1 being the most that is wanted.
     *
     * @param float $warmed K
     * @param float $cured  conversion for what hastened it
     * @param float $excess K over the air
     */
    public function strain(float $warmed, float $cured, float $excess): float
    {
        return max($warmed / $this->warming, $cured / $this->curing * (1.0 + max(0.0, min(self::MOST_FELT, $excess)) / self::FELT));
    }
}
