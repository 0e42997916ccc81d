<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Pensilis\Thermal\SimulatedPour;

/** The moments of one pour that a day goes by, in hours from its start, and when it is planned: little enough to keep hundreds of. */
final readonly class PourMoments
{
    /** @param list<Phase> $phases in hours of the plan */
    private function __construct(
        public string $id,
        public float $start,
        public float $gels,
        public float $opens,
        public float $closes,
        public float $demold,
        public array $phases,
    ) {}

    /** @param string $id of it */
    public static function of(SimulatedPour $pour, string $id): self
    {
        $window = $pour->window();

        return new self(
            $id,
            $pour->startHour,
            $window->gels,
            $window->opens,
            $window->closes,
            $window->demold,
            Phase::all($pour, $pour->startHour),
        );
    }
}
