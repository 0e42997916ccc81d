<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Interchange\Answers\AnswerWriter;
use App\Interchange\PlanFile\PlanFile;
use Pensilis\Answer\Moved;
use Pensilis\Answer\Replan;
use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Plan\Plan;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\PlanFile\RecordReader;
use Pensilis\Record\Progress;
use Pensilis\Thermal\Fit\CalibrationMemory;

final class ReplanPlan extends PlanCommand
{
    use NeedsPours;

    protected $signature = 'pensilis:replan {file : A plan file with its pours, or - for standard input}
        {events? : What really happened, where the plan file carries no record of it}
        {--now= : The hour of the plan that is now, instead of the last that is noted} {--pretty : Print for people}';

    protected $description = 'Time what is still to be poured anew, from what really happened';

    protected function answer(Plan $plan): array
    {
        $this->mustHavePours($plan);
        $store = new CalibrationMemory();
        $answer = Replan::of($plan, $this->progress($plan), $store);
        $this->complain($answer->reasons);

        return [
            [
                'moved' => array_map(fn(Moved $one): array => AnswerWriter::moved($one, $plan->studio->clock), $answer->soFar->moved),
                'asked' => array_keys($answer->soFar->asked),
            ] + AnswerWriter::plan($answer, $store),
            $answer->isFeasible() ? self::SUCCESS : self::INFEASIBLE,
        ];
    }

    /** @throws PlanRefused */
    private function progress(Plan $plan): Progress
    {
        $events = $this->argument('events');
        if (is_string($events)) {
            return RecordReader::ofLog(PlanFile::events($this->text('events')), $plan);
        }
        $now = $this->option('now');
        if ($now !== null && !is_numeric($now)) {
            throw new PlanRefused([Finding::of(Code::HourWanted, '--now')]);
        }

        return RecordReader::ofPlan($this->document, $plan, $now === null ? null : (float) $now);
    }
}
