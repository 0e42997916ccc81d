<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Words\Words;
use Pensilis\Layout\LaidPour;
use Pensilis\Plan\Making;
use Pensilis\Quantity\Known;
use Pensilis\Simulation\Doing;
use Pensilis\Simulation\DoneWhen;
use Pensilis\Thermal\Fit\LeftCup;
use Pensilis\Thermal\SimulatedPour;

/** What can be done with a pour and when, on one axis of hours; only what this pour is asked for. */
final readonly class PourWindows
{
    public function __construct(private PieceView $piece, private LaidPour $pour, private SimulatedPour $heat) {}

    /** Hours that the axis spans. */
    public function spans(): float
    {
        $moments = [$this->heat->recoatCloses, $this->heat->demold, $this->heat->gelLast];
        $ends = array_filter($moments, fn(?float $one): bool => $one !== null);

        return $ends === [] ? 1.0 : 1.05 * max($ends);
    }

    /** @return list<PourWindow> */
    public function all(): array
    {
        $lines = [];
        foreach (DoneWhen::all($this->heat) as $one) {
            if ($one->opens !== null && $this->isAsked($one->doing)) {
                [$opens, $closes] = Known::between($one->opens, $one->closes);
                $lines[] = new PourWindow(
                    Words::say("pour.when.doing.{$one->doing->value}"),
                    $this->piece->figures->moment($this->heat->onClock($opens)),
                    $closes === null
                        ? Words::say('pour.when.on')
                        : $this->piece->figures->moment($this->heat->onClock($closes)),
                    $one->opens / $this->spans(),
                    min(1.0, ($one->closes ?? INF) / $this->spans()),
                );
            }
        }

        return $lines;
    }

    public function peak(): string
    {
        $figures = $this->piece->figures;

        return Words::say('pour.when.peak', [
            'peak' => $figures->heat($this->heat->peakCelsius), 'after' => $figures->span(Known::near($this->heat->peakAt)),
        ]);
    }

    /** What its largest cup comes to that is left full. */
    public function cup(LeftCup $cup, float $grams): string
    {
        $figures = $this->piece->figures;

        return Words::say($cup->runsAway === null ? 'pour.when.cup' : 'pour.when.cup-runs-away', [
            'mass'  => $figures->mass($grams), 'peak' => $figures->heat(round($cup->peakCelsius)),
            'after' => $figures->span(Known::down($cup->runsAway ?? 0.0)),
        ]);
    }

    private function isAsked(Doing $doing): bool
    {
        $coat = $this->pour->coat;

        return match ($doing) {
            Doing::Merge, Doing::KeepLine, Doing::MoveByAir => $coat->zones !== [],
            Doing::Place     => $this->pour->placed !== [],
            Doing::PressOn   => $this->pour->placed !== [] || $coat->applied !== [],
            Doing::ScatterOn => $coat->applied !== [],
            Doing::Bend      => $this->piece->plan->setup->making === Making::Sheet,
            default          => true,
        };
    }
}
