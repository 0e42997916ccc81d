<?php

declare(strict_types=1);

namespace Pensilis\Bench;

use Pensilis\Batching\CupLife;
use Pensilis\Batching\CupSplit;
use Pensilis\Layout\LaidPour;
use Pensilis\Plan\Plan;
use Pensilis\Resin\CalibratedResin;
use Pensilis\Scheduling\Session;

/** Into how many cups the mix of a pour goes: so many as its device asks for, and as live long enough in the room of that hour. */
final class Cups
{
    /** @param float $start of the pour, h of the plan */
    public static function of(Plan $plan, LaidPour $pour, CalibratedResin $resin, float $start): CupSplit
    {
        $standing = 60.0 * Session::standingMinutes($pour->resin->sheet->working);

        return CupSplit::of($pour->batch, new CupLife($resin), $standing, $plan->ambient->at(3600.0 * $start));
    }
}
