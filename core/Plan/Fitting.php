<?php

declare(strict_types=1);

namespace Pensilis\Plan;

/** A handle, hook or foot, and the room beneath it that must stay free of objects. Metres. */
final readonly class Fitting
{
    /** Between the end of a hole and the nearest object (memory). */
    public const CLEAR = 0.002;

    public function __construct(
        public string $kind,
        public float $x,
        public float $y,
        public float $radius,
        public float $depth,
        public bool $fromTop,
    ) {}

    /**
     * Heights between which nothing may lie.
     *
     * @return array{float, float}
     */
    public function zone(float $thickness): array
    {
        $reach = $this->depth + self::CLEAR;

        return $this->fromTop ? [$thickness - $reach, $thickness] : [0.0, $reach];
    }
}
