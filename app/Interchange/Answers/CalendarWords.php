<?php

declare(strict_types=1);

namespace App\Interchange\Answers;

use App\Words\Figures;
use App\Words\Words;
use Pensilis\Batching\PlannedMix;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Pensilis\Scheduling\WorkingHours;

/** What a calendar says of a task: what is weighed, what is set, how long it takes, and until when it may wait. */
final readonly class CalendarWords
{
    public function __construct(private Words $words, private Figures $figures, private WorkingHours $hours) {}

    /** Its name, with that of its piece. */
    public function summary(string $piece, Task $task): string
    {
        return "{$piece}: {$this->words->fact($task->what)}";
    }

    /**
     * @param float $minutes that hands need, with what comes right before it
     * @param float $closes  hour of the plan after which it cannot be begun; infinite where it may wait
     */
    public function description(Task $task, float $minutes, ?PlannedMix $mix, float $closes): string
    {
        $lines = [];
        if ($task->kind === TaskKind::Pour && $mix?->device !== null) {
            [$a, $b] = array_map(
                fn(float $amount): string => $this->figures->times($mix->mixes, $this->figures->weighed($mix->device, $amount)),
                $mix->readings,
            );
            $lines[] = Words::say('calendar.mix', ['resin' => $mix->resin, 'a' => $a, 'b' => $b]);
        }
        if ($task->kind === TaskKind::Pour && $task->handling->objects !== []) {
            $lines[] = Words::say('calendar.sets', ['objects' => implode(', ', $task->handling->objects)]);
        }
        if ($minutes >= 1.0) {
            $lines[] = Words::say('calendar.takes', ['span' => $this->figures->span($minutes / 60.0)]);
        }
        if (is_finite($closes)) {
            $lines[] = Words::say('calendar.closes', ['at' => $this->moment($closes)]);
        }

        return implode("\n", $lines);
    }

    /** What an alarm says before a window closes; nothing where it may wait. */
    public function alarm(float $closes): string
    {
        return is_infinite($closes) ? '' : Words::say('calendar.alarm', ['at' => $this->moment($closes)]);
    }

    /** No finer than known: the quarter of an hour before it. */
    private function moment(float $hour): string
    {
        return $this->figures->moment($this->hours->lastQuarter($hour));
    }
}
