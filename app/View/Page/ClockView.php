<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Words\Figures;
use App\Words\Words;
use Pensilis\Answer\Moved;
use Pensilis\Answer\PlanAnswer;
use Pensilis\Judgement\DueJudge;
use Pensilis\Scheduling\Task;

/** What is to be done when, by when to begin at the latest, and what has moved since it was planned. */
final readonly class ClockView
{
    public function __construct(private ?PlanAnswer $answer, private Figures $figures, private Words $words) {}

    /** By when to begin at the latest; nothing where nothing is due or heat is not known. */
    public function due(): string
    {
        $spare = $this->answer === null ? null : DueJudge::spare($this->answer->plan, $this->answer->tasks);

        return $spare === null || $spare < 0.0 ? '' : Words::say('piece.clock.due', [
            'due' => $this->figures->moment($this->answer->plan->studio->due), 'latest' => $this->figures->moment($spare),
        ]);
    }

    /** @return list<array{string, string, string}> moment, what is done, when it was planned and why it moved, where it did */
    public function tasks(): array
    {
        $moved = [];
        foreach ($this->answer->soFar->moved ?? [] as $one) {
            $moved[$one->task->id] = $this->moved($one);
        }

        return array_map(fn(Task $task): array => [
            $this->figures->moment($task->start), $this->words->fact($task->what), $moved[$task->id] ?? '',
        ], $this->answer->tasks ?? []);
    }

    private function moved(Moved $moved): string
    {
        [$from, $to] = [$this->figures->moment($moved->from), $this->figures->moment($moved->task->start)];

        return $from === $to ? '' : Words::say('piece.clock.moved', ['from' => $from, 'why' => $this->words->inside($moved->why)]);
    }
}
