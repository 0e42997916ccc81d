<?php

declare(strict_types=1);

namespace Pensilis\Simulation;

use Pensilis\Thermal\Fit\CalibrationStore;
use Pensilis\Thermal\Fit\LeftCup;
use Pensilis\Thermal\Room\Ambient;
use Pensilis\Thermal\Room\ShiftedAmbient;
use Pensilis\Thermal\Run\HeatRun;
use Pensilis\Thermal\Run\PourTrack;
use Pensilis\Thermal\SimulatedPour;

/**
 * One pour once more, with one thing otherwise: the room 5 K colder or warmer, the pour a fifth deeper, its cup left full for 20 minutes
 * before it is poured, or a box over it, or none where one is planned. What was poured before it is as planned, at the hours planned, in
 * that room; what would come after it is left out.
 */
final readonly class WhatIf
{
    /** K */
    private const SHIFT = 5.0;

    private const DEEPER = 1.2;

    /** s */
    private const STOOD = 1200.0;

    private function __construct(public Condition $condition, public SimulatedPour $pour) {}

    /**
     * @param Simulation $simulation as planned
     * @param float      $cup        what its largest cup holds, kg
     *
     * @return list<self> as planned first; where there is no room above it is not poured deeper
     */
    public static function all(Simulation $simulation, CalibrationStore $store, int $k, float $cup): array
    {
        [$plan, $layout] = [$simulation->plan, $simulation->layout];
        $roomAbove = $plan->vessel->shape->height() - $layout->pours[$k]->bottom;
        $possible = array_filter(Condition::cases(), fn(Condition $one): bool => match ($one) {
            Condition::Deeper  => self::DEEPER * $layout->pours[$k]->depth() <= $roomAbove,
            Condition::Stood   => $cup > 0.0,
            Condition::Covered => !$plan->setup->isCovered,
            Condition::Open    => $plan->setup->isCovered,
            default            => true,
        });

        return array_values(array_map(
            fn(Condition $one): self => new self($one, self::pour($simulation, $store, $k, $cup, $one)),
            $possible,
        ));
    }

    private static function pour(Simulation $simulation, CalibrationStore $store, int $k, float $cup, Condition $condition): SimulatedPour
    {
        [$plan, $layout, $starts] = [$simulation->plan, $simulation->layout, $simulation->starts()];
        $room = match ($condition) {
            Condition::Colder => new ShiftedAmbient($plan->ambient, -self::SHIFT),
            Condition::Warmer => new ShiftedAmbient($plan->ambient, self::SHIFT),
            default           => $plan->ambient,
        };
        $covered = match ($condition) {
            Condition::Covered => true,
            Condition::Open    => false,
            default            => null,
        };
        $heat = Simulation::heat($plan, $layout, $room, $covered);
        $run = $heat->begin($store->calibrated($plan->resin()));
        for ($n = 0; $n <= $k; $n++) {
            [$pour, $at] = [$layout->pours[$n], 3600.0 * $starts[$n]];
            $resin = $pour->mix($store);
            $depth = ($n === $k && $condition === Condition::Deeper ? self::DEEPER : 1.0) * $pour->depth();
            $mix = $n === $k && $condition === Condition::Stood ? LeftCup::stood($resin, $cup, $room, $at, self::STOOD) : null;
            $run->pour($resin, $depth, $at, $heat->rowsFor($pour->depth()), $mix);
        }

        return self::read($run, $room, $k);
    }

    private static function read(HeatRun $run, Ambient $room, int $k): SimulatedPour
    {
        $track = $run->tracks()[$k];
        $run->goOnUntil(
            fn(PourTrack $one): bool => $one !== $track || $one->mayBeLeft(),
            $track->start + HeatRun::HORIZON,
        );

        return SimulatedPour::of($track, max($track->poured, $room->greatest($run->tracks()[0]->start, $track->peakAt)));
    }
}
