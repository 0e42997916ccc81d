<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Interchange\Answers\AnswerWriter;
use App\Interchange\PlanFile\PlanFile;
use App\Words\Words;
use Pensilis\Answer\Replan;
use Pensilis\Plan\Plan;
use Pensilis\PlanFile\Events;
use Pensilis\Thermal\CalibrationMemory;

final class ReplanPlan extends PlanCommand
{
    use NeedsPours;

    protected $signature = 'pensilis:replan {file : A plan file with its pours, or - for standard input}
        {events : What really happened} {--pretty : Print for people}';

    protected $description = 'Time what is still to be poured anew, from what really happened';

    protected function answer(Plan $plan): array
    {
        $this->mustHavePours($plan);
        $events = Events::read(PlanFile::log($this->text('events')), $plan);
        $replan = Replan::of($plan, $events->happened, $events->room, $events->seen);
        [$answer, $clock, $words] = [$replan->answer, $plan->studio->clock, Words::metric()];
        $this->complain($answer->reasons);
        $moved = array_map(fn(array $one): array => [
            'what' => 'pour ' . ($one[0] + 1), 'pour' => $one[0], 'from_h' => $one[1], 'to_h' => $one[2],
            'from' => $clock->iso($one[1]), 'to' => $clock->iso($one[2]), 'why' => $words->fact($one[3]),
        ], $replan->moved);

        return [
            ['moved' => $moved] + AnswerWriter::plan($answer, new CalibrationMemory()),
            $answer->isFeasible() ? self::SUCCESS : self::INFEASIBLE,
        ];
    }
}
