<?php

declare(strict_types=1);

namespace Pensilis\Judgement;

use Pensilis\Bench\PourActs;
use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Finding\Mend;
use Pensilis\Finding\Rework;
use Pensilis\Quantity\Duration;
use Pensilis\Quantity\Number;
use Pensilis\Scheduling\Joint;
use Pensilis\Scheduling\Session;
use Pensilis\Simulation\AppliedSteps;
use Pensilis\Simulation\Holding;
use Pensilis\Simulation\Simulation;

/** Given pours that come before what is held down in them could hold: the coat under it must be brushed and turn tacky first. */
final readonly class HoldingJudge implements Judge
{
    public function __construct(private Simulation $simulation) {}

    public function findings(): array
    {
        $found = [];
        foreach ($this->simulation->plan->pours === [] ? [] : array_keys($this->simulation->pours) as $k) {
            $needed = $this->needed($k);
            if ($needed !== null && $this->simulation->pours[$k]->startHour < $needed - 1e-6) {
                $found[] = Finding::of(Code::HoldNotReady, "/pours/{$k}/start_h", [
                    'pour' => Number::count($k + 1), 'tacky' => Duration::hours($this->simulation->brushed->tacky),
                    'from' => Duration::hours($needed),
                ], mend: Mend::pours(Rework::Times, $k));
            }
        }

        return $found;
    }

    /** The first hour at which a pour finds what is set in it held; null where nothing must be. */
    private function needed(int $k): ?float
    {
        $below = $this->simulation->pours[$k - 1] ?? null;
        $joint = AppliedSteps::isSanded($this->simulation, $k - 1) ? Joint::Sanded : null;
        $acts = PourActs::of($this->simulation->plan, $this->simulation->layout, $k, $joint);
        if ($acts->holds() === []) {
            return null;
        }
        $from = $below === null ? 0.0 : $below->startHour + $below->window()->hard() + Session::SANDING;
        $task = Holding::task($this->simulation, $k, $acts, $this->simulation->pours[$k]->startHour - $acts->leadHours());

        return $task->start >= $from ? null : $from + Session::BRUSHING + $this->simulation->brushed->tacky + $acts->leadHours();
    }
}
