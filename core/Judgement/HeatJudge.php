<?php

declare(strict_types=1);

namespace Pensilis\Judgement;

use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Finding\Mend;
use Pensilis\Finding\Rework;
use Pensilis\Quantity\Duration;
use Pensilis\Quantity\Number;
use Pensilis\Quantity\Temperature;
use Pensilis\Simulation\Simulation;
use Pensilis\Thermal\Run\HeatRun;

/**
 * What is wrong with the heat, the cure and the timing of simulated pours: what gets hotter than its maker, its artist or an object bears,
 * what never sets, and what comes onto a pour that is liquid, not yet tacky or no longer so; with the smallest change that mends it.
 */
final readonly class HeatJudge implements Judge
{
    public function __construct(private Simulation $simulation) {}

    public function findings(): array
    {
        $found = [];
        foreach (array_keys($this->simulation->pours) as $k) {
            array_push($found, ...array_filter([$this->heat($k), $this->cure($k)]));
        }

        return [...$found, ...$this->timings(), ...$this->objects(), ...$this->sheets(), ...$this->assumed()];
    }

    /** The heat of a pour that is not acceptable. */
    public function heat(int $k): ?Finding
    {
        $pour = $this->simulation->pours[$k];
        if (!$pour->isRunaway() && !$this->simulation->isTooHot($k)) {
            return null;
        }

        return Finding::of($pour->isRunaway() ? Code::Runaway : Code::TooHot, "/pours/{$k}", [
            'pour'  => Number::count($k + 1), 'peak' => Temperature::celsius($pour->peakCelsius),
            'after' => Duration::hours($pour->peakAt), 'allowed' => Temperature::celsius($this->simulation->acceptable($k)),
        ], mend: $this->mend(Rework::Split, $k));
    }

    /** Pours that were found need none. */
    private function mend(Rework $rework, int $k): ?Mend
    {
        return $this->simulation->plan->pours === [] ? null : Mend::pours($rework, $k);
    }

    private function cure(int $k): ?Finding
    {
        $pour = $this->simulation->pours[$k];
        $quantities = ['pour' => Number::count($k + 1), 'horizon' => Duration::hours(HeatRun::HORIZON / 3600.0)];

        return match (true) {
            $pour->gelLast === null  => Finding::of(Code::NoGel, "/pours/{$k}", $quantities),
            $pour->fullCure === null => Finding::of(Code::NoFullCure, "/pours/{$k}", $quantities),
            default                  => null,
        };
    }

    /** @return list<Finding> all times are found anew at once: only the first offers it */
    private function timings(): array
    {
        $found = [];
        foreach (array_keys($this->simulation->pours) as $k) {
            $found[] = $this->timing($k, array_filter($found) === []);
        }

        return array_values(array_filter($found));
    }

    private function timing(int $k, bool $offers): ?Finding
    {
        $below = $this->simulation->pours[$k - 1] ?? null;
        if ($below === null) {
            return null;
        }
        $after = $this->simulation->pours[$k]->startHour - $below->startHour;
        $told = fn(Code $code, ?float $moment): Finding => Finding::of($code, "/pours/{$k}/start_h", [
            'pour' => Number::count($k + 1), 'after' => Duration::hours($after),
        ] + ($moment === null ? [] : ['moment' => Duration::hours($moment)]), mend: match (true) {
            !$offers, $code === Code::OnLiquidForGood, $code === Code::WetMissed => null,
            default => $this->mend(Rework::Times, $k),
        });

        $isOnWet = $this->simulation->layout->pours[$k]->isOnWet;
        $window = $below->window();

        return match (true) {
            $isOnWet && ($below->gelFirst === null || $after < $below->gelFirst) => null,
            $isOnWet                                                             => $told(Code::WetMissed, $below->gelFirst),
            $below->gelFirst === null                                            => $told(Code::OnLiquidForGood, null),
            $after < $below->gelFirst                                            => $told(Code::OnLiquid, $below->gelFirst),
            $after > $window->closes + 1e-6                                      => $told(Code::RecoatMissed, $window->closes),
            is_finite($window->opens) && $after < $window->opens - 1e-6          => $told(Code::BeforeRecoat, $window->opens),
            default                                                              => null,
        };
    }

    /** @return list<Finding> */
    private function objects(): array
    {
        $found = [];
        foreach ($this->simulation->plan->inclusions as $i => $inclusion) {
            $limit = $inclusion->substance->greatestCelsius;
            $met = $this->simulation->greatestAt($inclusion);
            if ($limit !== null && $met !== null && $met > $limit) {
                $found[] = Finding::of(Code::ObjectTooHot, "/inclusions/{$i}/material/max_celsius", [
                    'met' => Temperature::celsius($met), 'bears' => Temperature::celsius($limit),
                ], ['object' => $inclusion->id]);
            }
        }

        return $found;
    }

    /** @return list<Finding> the first sheet that does not say when its window closes, where another pour comes on it */
    private function assumed(): array
    {
        foreach (array_slice($this->simulation->layout->pours, 0, -1) as $pour) {
            $sheet = $pour->resin->sheet;
            if (!$sheet->isClosingSaid) {
                return [Finding::of(
                    Code::RecoatAssumed,
                    $this->simulation->plan->pointerToResin($pour->resin->id) . '/sheet/recoat_close_h',
                    ['closes' => Duration::hours($sheet->recoatCloses / 3600.0)],
                    ['resin'  => $pour->resin->name],
                )];
            }
        }

        return [];
    }

    /** @return list<Finding> the first sheet whose own deepest pour would run hot */
    private function sheets(): array
    {
        foreach ($this->simulation->pours as $k => $pour) {
            if ($pour->sheetRunsHot) {
                return [Finding::of(Code::SheetRunsHot, "/pours/{$k}", ['tolerated' => Temperature::celsius($pour->toleratedCelsius)], [
                    'resin' => $this->simulation->layout->pours[$k]->resin->name,
                ])];
            }
        }

        return [];
    }
}
