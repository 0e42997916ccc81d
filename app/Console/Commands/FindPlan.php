<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Interchange\Answers\AnswerWriter;
use Pensilis\Answer\Planner;
use Pensilis\Plan\Plan;
use Pensilis\Thermal\CalibrationStore;

final class FindPlan extends PlanCommand
{
    protected $signature = 'pensilis:plan {file : A plan file, or - for standard input} {--pretty : Print for people}';

    protected $description = 'Find the pours, batches and clock times of a plan';

    public function __construct(private readonly CalibrationStore $store)
    {
        parent::__construct();
    }

    protected function answer(Plan $plan): array
    {
        $answer = (new Planner($this->store))->plan($plan);
        $this->complain($answer->reasons);

        return [AnswerWriter::plan($answer, $this->store), $answer->isFeasible() ? self::SUCCESS : self::INFEASIBLE];
    }
}
