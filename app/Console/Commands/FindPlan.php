<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Interchange\Answers\AnswerWriter;
use Pensilis\Answer\Planner;
use Pensilis\Answer\Workshop;
use Pensilis\Plan\Plan;
use Pensilis\Thermal\Fit\CalibrationMemory;
use Pensilis\Thermal\Fit\CalibrationStore;

final class FindPlan extends PlanCommand
{
    protected $signature = 'pensilis:plan {file : A plan file, or - for standard input}
        {more?* : Further pieces on the same bench} {--pretty : Print for people}';

    protected $description = 'Find the pours, batches and clock times of a plan';

    public function __construct(private readonly CalibrationStore $store)
    {
        parent::__construct();
    }

    protected function answer(Plan $plan): array
    {
        $more = $this->argument('more');
        if (is_array($more) && $more !== []) {
            return $this->together($plan, array_values(array_filter($more, is_string(...))));
        }
        $answer = (new Planner($this->store))->planOrWaysOut($plan);
        $this->complain($answer->reasons);

        return [AnswerWriter::plan($answer, $this->store), $answer->isFeasible() ? self::SUCCESS : self::INFEASIBLE];
    }

    /**
     * @param list<string> $more files
     *
     * @return array{array<string, mixed>, int}
     */
    private function together(Plan $first, array $more): array
    {
        $plans = [$first, ...array_map(fn(string $file): Plan => $this->planIn($file), $more)];
        $workshop = Workshop::of($plans);
        [$pieces, $mixes] = [[], $workshop->oneMixes()];
        foreach ([$this->argument('file'), ...$more] as $n => $file) {
            $this->complain($workshop->answers[$n]->reasons);
            $pieces[] = ['file' => $file] + array_intersect_key(
                AnswerWriter::plan($workshop->answers[$n], new CalibrationMemory()),
                ['feasible' => 1, 'reasons' => 1, 'joints' => 1, 'pours' => 1, 'tasks' => 1],
            ) + ['late_h' => $workshop->answers[$n]->late()];
        }

        return [[
            'feasible' => $workshop->isFeasible(), 'pieces' => $pieces,
            'tasks'    => array_map(
                fn(array $one): array => ['piece' => $one[0]] + AnswerWriter::task($one[1], $first->studio->clock),
                $workshop->tasks(),
            ),
            'mixes'      => array_map(AnswerWriter::sharedMix(...), $mixes),
            'one_mix'    => array_map(AnswerWriter::oneMix(...), $mixes),
            'makespan_h' => $workshop->makespan(), 'bound_h' => $workshop->bound, 'hands' => $first->studio->hands,
        ], $workshop->isFeasible() ? self::SUCCESS : self::INFEASIBLE];
    }
}
