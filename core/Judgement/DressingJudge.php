<?php

declare(strict_types=1);

namespace Pensilis\Judgement;

use Pensilis\Bench\PourActs;
use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Quantity\Duration;
use Pensilis\Quantity\Number;
use Pensilis\Simulation\Simulation;

/**
 * Whether each mix of a pour can be stirred, coloured, poured and dressed while it can be worked, as it was simulated: at once, as standing
 * may be cut short; and what of more mixes or more hands would do.
 */
final readonly class DressingJudge implements Judge
{
    /** In more nobody mixes one pour (memory). */
    private const MOST_MIXES = 5;

    public function __construct(private Simulation $simulation) {}

    public function findings(): array
    {
        [$found, $contact, $plan] = [[], 0.0, $this->simulation->plan];
        foreach ($this->simulation->pours as $k => $pour) {
            $laid = $this->simulation->layout->pours[$k];
            $isShared = $laid->batch->isShared;
            $contact = $isShared ? $contact : $pour->startHour;
            // Out of the mix of the pour below it is as old as that, but for its standing.
            $old = $isShared ? $pour->startHour - $contact - $laid->resin->sheet->stands() / 3600.0 : 0.0;
            $acts = PourActs::of($plan, $this->simulation->layout, $k);
            $works = $pour->workingUntil;
            if ($works === null || $old + $acts->mixHours() <= $works) {
                continue;
            }
            $said = [
                'pour'  => Number::count($k + 1), 'takes' => Duration::hours($old + $acts->mixHours()), 'works' => Duration::hours($works),
                'mixes' => Number::count($this->mixes($acts, $laid->batch->goes(), $old, $works)),
            ];
            $two = PourActs::of($plan->withHands(2), $this->simulation->layout, $k)->mixHours();
            $found[] = Finding::of(match (true) {
                $said['mixes']->figure() > 0.0                    => Code::OutrunsWorking,
                $plan->studio->hands < 2 && $old + $two <= $works => Code::OutrunsWorkingAlone,
                default                                           => Code::OutrunsWorkingFar,
            }, "/pours/{$k}", $said);
        }

        return $found;
    }

    /** Into how many mixes it would have to go so that each is poured in time; 0 where none are enough. */
    private function mixes(PourActs $acts, int $goes, float $old, float $works): int
    {
        for ($mixes = $goes + 1; $mixes <= self::MOST_MIXES; $mixes++) {
            if ($old + $acts->mixHours($mixes) <= $works) {
                return $mixes;
            }
        }

        return 0;
    }
}
