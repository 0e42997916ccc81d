<?php

declare(strict_types=1);

namespace Pensilis\Thermal;

/** How long a step of a run may be: so long that no resin cell changes by more than about so much, within bounds. */
final readonly class Steps
{
    /**
     * @param float $least    s
     * @param float $greatest s
     * @param float $warming  K in a step
     * @param float $curing   conversion in a step
     * @param float $slow     conversion in half a step below which cure is an Euler step
     */
    private function __construct(
        public float $least,
        public float $greatest,
        public float $warming,
        public float $curing,
        public float $slow,
    ) {}

    public static function usual(): self
    {
        return new self(1.0, 4096.0, 1.0, 0.007, 2e-4);
    }

    /** Every step as long as the other, whatever changes. */
    public static function even(float $seconds): self
    {
        return new self($seconds, $seconds, INF, INF, 0.0);
    }
}
