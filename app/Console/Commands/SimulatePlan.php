<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Interchange\Answers\AnswerWriter;
use Pensilis\Answer\Planner;
use Pensilis\Plan\Plan;
use Pensilis\Thermal\Fit\CalibrationStore;

final class SimulatePlan extends PlanCommand
{
    use NeedsPours;

    protected $signature = 'pensilis:simulate {file : A plan file with its pours, or - for standard input} {--pretty : Print for people}';

    protected $description = 'Simulate the pours of a plan: heat, cure, windows, and what is wrong with them';

    public function __construct(private readonly CalibrationStore $store)
    {
        parent::__construct();
    }

    protected function answer(Plan $plan): array
    {
        $this->mustHavePours($plan);

        return [AnswerWriter::simulation((new Planner($this->store))->judge($plan), $this->store), self::SUCCESS];
    }
}
