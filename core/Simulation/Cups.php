<?php

declare(strict_types=1);

namespace Pensilis\Simulation;

use Pensilis\Batching\Batch;
use Pensilis\Batching\CupLife;
use Pensilis\Batching\CupSplit;
use Pensilis\Layout\LaidPour;
use Pensilis\Layout\Layout;
use Pensilis\Plan\Plan;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Thermal\Fit\CalibrationStore;
use WeakMap;

/** Into how many mixes each pour goes: so many as its device asks for, and as live long enough in the room of that hour. */
final class Cups
{
    /** @var WeakMap<CalibratedResin, CupLife>|null */
    private static ?WeakMap $lives = null;

    /** @param float $start of the pour, h of the plan */
    public static function of(Plan $plan, LaidPour $pour, CalibratedResin $resin, float $start): CupSplit
    {
        self::$lives ??= new WeakMap();
        $life = self::$lives[$resin] ??= new CupLife($resin);

        return CupSplit::of($pour->batch, $life, $plan->ambient->at(3600.0 * $start));
    }

    /**
     * A layout with each pour in so many mixes.
     *
     * @param list<float> $starts h of the plan
     */
    public static function parted(Plan $plan, Layout $layout, CalibrationStore $store, array $starts): Layout
    {
        return $layout->mixedAs(array_map(
            fn(LaidPour $pour, float $start): Batch => self::of($plan, $pour, $store->calibrated($pour->resin), $start)->batch,
            array_slice($layout->pours, 0, count($starts)),
            $starts,
        ));
    }
}
