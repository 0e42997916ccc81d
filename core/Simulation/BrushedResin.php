<?php

declare(strict_types=1);

namespace Pensilis\Simulation;

use Pensilis\Plan\Plan;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Resin\Resin;
use Pensilis\Scheduling\CoatDrying;
use Pensilis\Thermal\Fit\CalibrationStore;

/**
 * Resin brushed on as a sealer, or flooded over a face: a film so thin that it keeps the heat of the room and cures by it alone. The next
 * coat goes on when it has gelled; the object goes in when a next coat would bond, and not before a night has passed (common practice).
 * Brushed where something is to be held, it is tacky by then. Of several resins of a piece the one is brushed that gels first.
 */
final readonly class BrushedResin
{
    /** h */
    private const NIGHT = 12.0;

    /**
     * @param float $tacky h until what is pressed onto it holds
     * @param float $hard  h until it can be turned over
     * @param float $cured h until it is fully cured
     */
    private function __construct(
        public Resin $resin,
        public CoatDrying $drying,
        public float $tacky,
        public float $hard,
        public float $cured,
    ) {}

    public static function of(Plan $plan, CalibrationStore $store): self
    {
        // As warm as the room is on average over a day.
        $hours = range(0, 21, 3);
        $room = array_sum(array_map(fn(int $hour): float => $plan->ambient->at(3600.0 * $hour), $hours)) / count($hours);
        $resins = array_map(fn(Resin $one): CalibratedResin => $store->calibrated($one), array_values($plan->resins));
        usort($resins, fn(CalibratedResin $one, CalibratedResin $other): int => $one->filmGels($room) <=> $other->filmGels($room));
        [$gels, $tacky] = [$resins[0]->filmGels($room) / 3600.0, $resins[0]->filmRecoats($room) / 3600.0];

        return new self(
            $resins[0]->resin,
            new CoatDrying($gels, max(self::NIGHT, $tacky)),
            $tacky,
            $resins[0]->filmHardens($room) / 3600.0,
            $resins[0]->filmCures($room) / 3600.0,
        );
    }
}
