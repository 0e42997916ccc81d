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

/** Whether the next pour leaves room for what is applied on a set surface, and finds what is strewn on tack still there. */
final readonly class AppliedJudge implements Judge
{
    public function __construct(private Simulation $simulation) {}

    public function findings(): array
    {
        $found = $this->strewn();
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

    /** @return list<Finding> what holds by tack alone, where its surface is sanded before the next pour */
    private function strewn(): array
    {
        $found = [];
        foreach ($this->simulation->layout->pours as $k => $pour) {
            foreach (AppliedSteps::isSanded($this->simulation, $k) ? $pour->coat->applied : [] as $n => $one) {
                if (!$one->isWet && $one->application->wantsTack()) {
                    $at = "/pours/{$k}/applied/{$n}/wet";
                    $found[] = Finding::of(Code::StrewnIsSanded, $at, [
                        'pour' => Number::count($k + 1), 'next' => Number::count($k + 2),
                    ], mend: $this->simulation->plan->pours === [] ? null : new Mend($at, true));
                }
            }
        }

        return $found;
    }
}
