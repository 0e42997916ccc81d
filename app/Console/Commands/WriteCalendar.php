<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Interchange\Answers\Calendar;
use App\Words\Words;
use Pensilis\Answer\Replan;
use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Plan\Plan;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\PlanFile\RecordReader;
use Pensilis\Record\Progress;
use Pensilis\Thermal\Fit\CalibrationStore;
use Symfony\Component\Console\Output\ConsoleOutputInterface;

final class WriteCalendar extends PlanCommand
{
    protected $signature = 'pensilis:calendar {file : A plan file, or - for standard input}
        {--pretty : A calendar is the same either way}';

    protected $description = 'Write what a plan asks of you as a calendar (RFC 5545)';

    public function __construct(private readonly CalibrationStore $store)
    {
        parent::__construct();
    }

    protected function answer(Plan $plan): array
    {
        if (!$plan->studio->clock->isSet()) {
            throw new PlanRefused([Finding::of(Code::MissingStart, '/studio/start')]);
        }
        $answer = Replan::onward($plan, fn(Plan $given): Progress => RecordReader::ofPlan($this->document, $given), $this->store);
        $this->complain($answer->reasons);

        return $answer->isFeasible()
            ? [['calendar' => (new Calendar(Words::metric(), now('UTC')->toImmutable()))->of($answer)], self::SUCCESS]
            : [[], self::INFEASIBLE];
    }

    protected function write(array $answer): void
    {
        $calendar = $answer['calendar'] ?? '';
        $this->output->write(is_string($calendar) ? $calendar : '', false, ConsoleOutputInterface::OUTPUT_RAW);
    }
}
