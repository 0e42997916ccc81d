<?php

declare(strict_types=1);

namespace Pensilis\Judgement;

use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Quantity\Share;
use Pensilis\Quantity\Temperature;
use Pensilis\Resin\Glass;
use Pensilis\Simulation\Simulation;

/** Whether a resin turns to glass in its room well before what its sheet means by full cure. */
final readonly class GlassJudge implements Judge
{
    /** Conversion by which a cure may fall short of what its sheet means before it is told. */
    private const SHORT = 0.05;

    /** How long at its end a cure must be warm, s (memory). */
    private const LAST = 2.0 * 86400.0;

    public function __construct(private Simulation $simulation) {}

    /** The first resin of which that is so. */
    public function findings(): array
    {
        $plan = $this->simulation->plan;
        foreach ($this->simulation->pours as $k => $pour) {
            $resin = $this->simulation->layout->pours[$k]->resin;
            $glass = Glass::of($resin->sheet->deflection);
            $end = 3600.0 * ($pour->startHour + ($pour->fullCure ?? $resin->sheet->fullCure / 3600.0));
            $reached = $glass->stopsAt($plan->ambient->greatest($end - self::LAST, $end));
            $meant = min(1.0, $glass->stopsAt($resin->sheet->temperature));
            if ($reached < $meant - self::SHORT) {
                return [Finding::of(Code::StopsShort, $plan->pointerToResin($resin->id), [
                    'reached' => Share::percent(100.0 * $reached), 'meant' => Share::percent(100.0 * $meant),
                    'warm'    => Temperature::celsius(ceil(Temperature::kelvin($glass->warmthFor($meant - self::SHORT))->c())),
                ], ['resin' => $resin->name])];
            }
        }

        return [];
    }
}
