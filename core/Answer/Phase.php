<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Pensilis\Thermal\SimulatedPour;

/** What a pour is like from one hour of the plan to another. */
final readonly class Phase
{
    private function __construct(public string $kind, public float $from, public float $to) {}

    /**
     * @param float $start hour of the plan at which it was poured
     *
     * @return list<self> one after another
     */
    public static function all(SimulatedPour $pour, float $start): array
    {
        $phases = [];
        foreach ([
            ['work', 0.0, $pour->workingUntil], ['liquid', $pour->workingUntil, $pour->surfaceSets],
            ['tacky', $pour->surfaceSets, $pour->recoatOpens], ['window', $pour->recoatOpens, $pour->recoatCloses],
            ['hard', $pour->recoatCloses, $pour->demold],
        ] as [$kind, $from, $to]) {
            if ($from !== null && $to !== null && $to > $from) {
                $phases[] = new self($kind, $start + $from, $start + $to);
            }
        }

        return $phases;
    }
}
