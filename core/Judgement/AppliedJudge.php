<?php

declare(strict_types=1);

namespace Pensilis\Judgement;

use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Finding\Mend;
use Pensilis\Quantity\Duration;
use Pensilis\Quantity\Number;
use Pensilis\Simulation\AppliedSteps;
use Pensilis\Simulation\Simulation;

/** Whether the next pour leaves room for what is applied on a set surface. */
final readonly class AppliedJudge implements Judge
{
    public function __construct(private Simulation $simulation) {}

    public function findings(): array
    {
        $found = [];
        foreach (AppliedSteps::of($this->simulation)->latecomers($this->simulation) as $k => $until) {
            $start = ceil(4.0 * $until) / 4.0;
            $later = $this->simulation->pours[$k + 2]->startHour ?? INF;
            $at = '/pours/' . ($k + 1) . '/start_h';
            $found[] = Finding::of(Code::NoTimeToApply, $at, [
                'pour'   => Number::count($k + 2), 'below' => Number::count($k + 1), 'until' => Duration::hours($until),
                'better' => Duration::hours($start),
            ], mend: $start > $later ? null : new Mend($at, $start));
        }

        return $found;
    }
}
