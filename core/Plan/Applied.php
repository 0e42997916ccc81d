<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Fact\Fact;

/** Something applied on the set surface of a pour: what, what it says, where its middle is and how large it is. Metres. */
final readonly class Applied
{
    /** Hours left over between a step that has dried and the next pour, so that nothing is hurried (memory). */
    private const SLACK = 0.1;

    public function __construct(
        public Application $application,
        public string $says,
        public float $x,
        public float $y,
        public float $width,
        public float $height,
    ) {}

    /** What it is, and what it says. */
    public function fact(): Fact
    {
        return $this->says === ''
            ? new Fact('applied.bare', ['kind' => $this->application])
            : new Fact('applied.says', ['kind' => $this->application, 'says' => $this->says]);
    }

    /** Whether any of it lies within a radius about a place in plan. */
    public function reaches(float $x, float $y, float $radius): bool
    {
        return hypot(max(abs($x - $this->x) - 0.5 * $this->width, 0.0), max(abs($y - $this->y) - 0.5 * $this->height, 0.0)) < $radius;
    }

    /** Whether it must be laid so that it reads from behind. */
    public function isMirrored(Viewed $viewed): bool
    {
        return $this->application->reads() && $viewed === Viewed::Bottom;
    }

    /**
     * When it can begin, in hours after the pour below began: at the opening of the recoat window where it wants tack, else halfway through
     * it (memory), when the surface is firm and the next coat still bonds.
     */
    public function ready(float $opens, float $closes): float
    {
        return $this->application->wantsTack() ? $opens : 0.5 * ($opens + $closes);
    }

    /** Hours until the next coat may come, from its beginning. */
    public function takes(): float
    {
        return $this->application->working() + $this->application->drying() + self::SLACK;
    }
}
