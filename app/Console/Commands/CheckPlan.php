<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Interchange\Answers\AnswerWriter;
use Pensilis\Plan\Plan;

final class CheckPlan extends PlanCommand
{
    protected $signature = 'pensilis:check {file : A plan file, or - for standard input} {--pretty : Print for people}';

    protected $description = 'Check a plan file: schema and sense, all problems at once';

    protected function answer(Plan $plan): array
    {
        return [['valid' => true, 'problems' => []], self::SUCCESS];
    }

    protected function refuse(array $problems): int
    {
        $this->write(['valid' => false, 'problems' => AnswerWriter::findings($problems)]);

        return parent::refuse($problems);
    }
}
