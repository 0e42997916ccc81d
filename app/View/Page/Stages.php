<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Words\Figures;
use App\Words\Words;
use Pensilis\Finding\Question as Asked;
use Pensilis\Plan\Plan;

/** How far the work at a piece is, stage by stage, and which panel a place in its plan file belongs to. */
final readonly class Stages
{
    /**
     * @param int            $pours   how many there are
     * @param list<Question> $verdict
     */
    public function __construct(private Plan $plan, private int $pours, private array $verdict, private Figures $figures) {}

    /** @return list<Stage> */
    public function all(): array
    {
        $vessel = $this->plan->vessel;
        $holds = $this->figures->volume(1e6 * $vessel->volumeBetween(0.0, $vessel->fill));

        $count = fn(string $panel, int $of): string => Words::say("piece.stages.{$panel}.stands", count: $of);

        return [
            new Stage('use', $this->state(Asked::Suits), Words::choice($this->plan->purpose->service)),
            new Stage('vessel', 'good', $holds),
            new Stage('objects', $this->state(Asked::Hangs), $count('objects', count($this->plan->inclusions))),
            new Stage('colour', $this->state(Asked::Shows), $count('colour', count($this->plan->colours))),
            new Stage('pours', $this->state(Asked::Weighs), $count('pours', $this->pours)),
            new Stage('clock', $this->state(Asked::Fits), $this->stands('clock', $this->state(Asked::Fits))),
            new Stage('ready', $this->whole(), $this->stands('ready', $this->whole())),
        ];
    }

    /** The panel where a place of the plan file is edited; nothing where none is. */
    public static function panelOf(string $pointer): string
    {
        return match (true) {
            preg_match('#^/inclusions/(\d+)#', $pointer, $found) === 1                                  => "object-{$found[1]}",
            preg_match('#^/purpose/fittings/(\d+)#', $pointer, $found) === 1                            => "fitting-{$found[1]}",
            preg_match('#^/pours/(\d+)/zones/(\d+)#', $pointer, $found) === 1                           => "region-{$found[1]}-{$found[2]}",
            preg_match('#^/pours/(\d+)#', $pointer, $found) === 1                                       => "pour-{$found[1]}",
            $pointer === '/purpose/due'                                                                 => 'clock',
            preg_match('#^/(title|purpose|sealing|bubbles|recoat|tape|vessel/viewed)#', $pointer) === 1 => 'use',
            preg_match('#^/(vessel|pieces)#', $pointer) === 1                                           => 'vessel',
            str_starts_with($pointer, '/colours')                                                       => 'colour',
            preg_match('#^/(ambient|studio/(start|hours|hands|level_|cover_))#', $pointer) === 1        => 'clock',
            preg_match('#^/(resins|layering|studio|pours)#', $pointer) === 1                            => 'pours',
            str_starts_with($pointer, '/inclusions')                                                    => 'objects',
            default                                                                                     => '',
        };
    }

    private function stands(string $panel, string $state): string
    {
        return $state === 'open' ? Words::say($this->pours === 0 ? 'piece.verdict.open' : 'piece.verdict.computing')
            : Words::say("piece.stages.{$panel}.{$state}");
    }

    /** The worst of all questions. */
    private function whole(): string
    {
        $states = array_map(fn(Question $one): string => $one->state(), $this->verdict);
        foreach (['bad', 'open', 'look'] as $state) {
            if (in_array($state, $states, true)) {
                return $state;
            }
        }

        return 'good';
    }

    private function state(Asked $asked): string
    {
        foreach ($this->verdict as $question) {
            if ($question->asked === $asked) {
                return $question->state();
            }
        }

        return 'good';
    }
}
