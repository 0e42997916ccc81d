<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Pensilis\Layout\LaidPour;
use Pensilis\Material\Inclusion;
use Pensilis\Plan\Weights;
use Pensilis\Scheduling\Joint;
use Pensilis\Simulation\Simulation;
use Pensilis\Thermal\SimulatedPour;

/** What one plan is by which another may be better. */
final readonly class Measures
{
    /**
     * @param float $hours   until the last pour
     * @param float $celsius of the hottest
     * @param float $off     m, of all objects from where they are wanted
     * @param int   $sanded  joints
     * @param float $lost    g, in cups and held back
     * @param float $mixed   g
     */
    private function __construct(
        public int $pours,
        public float $hours,
        public float $celsius,
        public float $off,
        public int $sanded,
        public float $lost,
        public float $mixed,
    ) {}

    /** @param list<Joint> $joints */
    public static function of(Simulation $simulation, array $joints): self
    {
        $layout = $simulation->layout;

        return new self(
            count($layout->pours),
            max([0.0, ...$simulation->starts()]),
            max([-INF, ...array_map(fn(SimulatedPour $pour): float => $pour->peakCelsius, $simulation->pours)]),
            array_sum(array_map(
                fn(Inclusion $one): float => abs($layout->bottomOf($one) - $one->targetBottom),
                $simulation->plan->inclusions,
            )),
            count(array_filter($joints, fn(Joint $joint): bool => $joint === Joint::Sanded)),
            array_sum(array_map(fn(LaidPour $pour): float => $pour->batch->loss + $pour->batch->held, $layout->pours)),
            array_sum(array_map(fn(LaidPour $pour): float => $pour->batch->mixed(), $layout->pours)),
        );
    }

    public function cost(Weights $weights): float
    {
        return $weights->cost($this->pours, $this->hours / 24.0, $this->celsius, $this->off, $this->sanded, $this->lost);
    }
}
