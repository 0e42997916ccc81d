<?php

declare(strict_types=1);

namespace Pensilis\Judgement;

use Pensilis\Bench\PourActs;
use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Quantity\Duration;
use Pensilis\Quantity\Number;
use Pensilis\Scheduling\Session;
use Pensilis\Simulation\Simulation;

/** Whether a pour can be mixed, poured and dressed while it can be worked, as it was simulated: at once, as standing may be cut short. */
final readonly class DressingJudge implements Judge
{
    /** h; what is stiff at once is as bad. */
    private const LEAST = 1.0 / 60.0;

    /** In more nobody mixes one pour (memory). */
    private const MOST_MIXES = 5;

    public function __construct(private Simulation $simulation) {}

    public function findings(): array
    {
        [$found, $contact] = [[], 0.0];
        foreach ($this->simulation->pours as $k => $pour) {
            $laid = $this->simulation->layout->pours[$k];
            $contact = $laid->batch->isShared ? $contact : $pour->startHour;
            $stands = Session::standingMinutes($laid->resin->sheet->working) / 60.0;
            // From the first contact of its mix, which may be that of the pour below.
            $takes = $pour->startHour - $contact
                + PourActs::of($this->simulation->plan, $this->simulation->layout, $k)->wetHours() - $stands;
            if ($pour->workingUntil === null || $takes <= $pour->workingUntil) {
                continue;
            }
            $mixes = (int) ceil($takes / max(self::LEAST, $pour->workingUntil));
            $found[] = Finding::of($mixes > self::MOST_MIXES ? Code::OutrunsWorkingFar : Code::OutrunsWorking, "/pours/{$k}", [
                'pour'  => Number::count($k + 1), 'takes' => Duration::hours($takes), 'works' => Duration::hours($pour->workingUntil),
                'mixes' => Number::count($mixes),
            ]);
        }

        return $found;
    }
}
