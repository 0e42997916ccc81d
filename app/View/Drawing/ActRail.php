<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\Words\Figures;
use App\Words\Words;
use Pensilis\Bench\Act;
use Pensilis\Bench\PourActs;
use Pensilis\Material\Inclusion;

/** What hands do for one pour on a rail of minutes: as wide as it takes, and when it begins where the clock is known. */
final readonly class ActRail
{
    /** @param float|null $start hour of the plan at which the first act begins; null where it is not known yet */
    public function __construct(private PourActs $acts, private Words $words, private Figures $figures, private ?float $start) {}

    /** How long all of it takes. */
    public function takes(): string
    {
        return $this->figures->span($this->acts->leadHours() + $this->acts->hours());
    }

    /**
     * What belongs to the act before it is told with it.
     *
     * @return list<array{x: float, width: float, from: string, says: string}> x and width in percent
     */
    public function steps(): array
    {
        [$steps, $lead] = [[], 60.0 * $this->acts->leadHours()];
        $all = max(1.0, $lead + 60.0 * $this->acts->hours());
        foreach ($this->acts->steps() as $step) {
            $act = $step->act;
            $last = $act->goesOn ? array_pop($steps) : null;
            $steps[] = $last === null ? [
                'x'    => 100.0 * ($lead + $step->starts) / $all, 'width' => 100.0 * $act->minutes / $all,
                'from' => $this->from($step->starts, $lead), 'says' => $this->says($act),
            ] : ['width' => $last['width'] + 100.0 * $act->minutes / $all, 'says' => "{$last['says']} {$this->says($act)}"] + $last;
        }

        return $steps;
    }

    /** @param float $minutes after first contact, which comes so many after the first act */
    private function from(float $minutes, float $lead): string
    {
        return $this->start === null
            ? Words::say('piece.pours.after', ['minutes' => (int) round($lead + $minutes)])
            : $this->figures->moment($this->start + $minutes / 60.0);
    }

    private function says(Act $act): string
    {
        $names = implode(', ', array_map(fn(Inclusion $one): string => "“{$one->id}”", $act->objects));
        $says = $names === '' ? $this->words->fact($act->what) : "{$names}: {$this->words->inside($act->what)}.";

        return implode(' ', [$says, ...array_map($this->words->fact(...), $act->shared())]);
    }
}
