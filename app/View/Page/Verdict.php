<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Words\Figures;
use App\Words\Words;
use Pensilis\Answer\PlanAnswer;
use Pensilis\Finding\Finding;
use Pensilis\Finding\Question as Asked;
use Pensilis\Layout\Layout;
use Pensilis\Plan\Plan;
use Pensilis\Scheduling\Joint;
use Pensilis\Simulation\Simulation;
use Pensilis\Thermal\SimulatedPour;

/** The questions that are asked of every piece, each with its answer as far as it is known. */
final readonly class Verdict
{
    /** @param list<Finding> $findings */
    public function __construct(
        private Plan $plan,
        private ?Layout $layout,
        private ?PlanAnswer $answer,
        private array $findings,
        private Figures $figures,
    ) {}

    /** @return list<Question> */
    public function questions(bool $isColoured): array
    {
        $asked = array_filter(Asked::cases(), fn(Asked $one): bool => $one !== Asked::Shows || $isColoured);

        return array_values(array_map($this->question(...), $asked));
    }

    private function question(Asked $asked): Question
    {
        $simulation = $this->answer?->simulation;
        $known = in_array($asked, [Asked::Cools, Asked::Fits], true) ? $simulation !== null : $this->layout !== null;

        return new Question(
            $asked,
            array_values(array_filter($this->findings, fn(Finding $one): bool => $one->question() === $asked)),
            $known,
            $this->answer === null,
            $known ? $this->figure($asked, $simulation) : '',
        );
    }

    private function figure(Asked $asked, ?Simulation $simulation): string
    {
        return match ($asked) {
            Asked::Hangs  => Words::say('piece.verdict.hangs.figure', count: count($this->layout->pours ?? [])),
            Asked::Cools  => $simulation === null ? '' : $this->hottest($simulation),
            Asked::Fits   => $this->pace(),
            Asked::Suits  => Words::say('piece.verdict.suits.figure', ['use' => Words::choice($this->plan->purpose->service)]),
            Asked::Shows  => Words::say('piece.verdict.shows.figure', ['viewed' => Words::choice($this->plan->setup->viewed)]),
            Asked::Weighs => Words::say(
                'piece.verdict.weighs.figure',
                ['device' => (new Words($this->figures->system))->inside($this->plan->studio->device->fact())],
            ),
        };
    }

    private function hottest(Simulation $simulation): string
    {
        $peaks = array_map(fn(SimulatedPour $pour): float => $pour->peakCelsius, $simulation->pours);
        $k = $peaks === [] ? 0 : (int) array_search(max($peaks), $peaks, true);

        return $peaks === [] ? '' : Words::say('piece.verdict.cools.figure', [
            'peak' => $this->figures->heat($peaks[$k]), 'allowed' => $this->figures->heat($simulation->acceptable($k)),
        ]);
    }

    private function pace(): string
    {
        $sanded = count(array_filter($this->answer->joints ?? [], fn(Joint $joint): bool => $joint === Joint::Sanded));

        return Words::say('piece.verdict.fits.figure', [
            'span'   => $this->figures->span($this->answer?->hours()),
            'joints' => $sanded === 0
                ? Words::say('piece.verdict.fits.bonded')
                : Words::say('piece.verdict.fits.sanded', ['count' => $sanded]),
        ]);
    }
}
