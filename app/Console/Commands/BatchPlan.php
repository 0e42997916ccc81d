<?php

declare(strict_types=1);

namespace App\Console\Commands;

use Pensilis\Plan\AnswerWriter;
use Pensilis\Plan\LaidPour;
use Pensilis\Plan\Layout;
use Pensilis\Plan\Notice;
use Pensilis\Plan\Plan;
use Pensilis\Thermal\CalibrationStore;

final class BatchPlan extends PlanCommand
{
    use NeedsPours;

    protected $signature = 'pensilis:batch {file : A plan file with its pours, or - for standard input} {--pretty : Print for people}';

    protected $description = 'Weigh the pours of a plan: A and B, what the cup keeps, ratio error';

    public function __construct(private readonly CalibrationStore $store)
    {
        parent::__construct();
    }

    protected function answer(Plan $plan): array
    {
        $this->mustHavePours($plan);
        $layout = Layout::given($plan);
        $refused = array_filter($layout->pours, fn(LaidPour $pour): bool => $pour->batch->isRefused());
        foreach (array_keys($refused) as $k) {
            $this->complain([new Notice('ratio-refused', 'This batch is too small for the scale; see its warnings.', "/pours/{$k}")]);
        }

        return [AnswerWriter::batch($plan, $layout, $this->store), $refused === [] ? self::SUCCESS : self::INFEASIBLE];
    }
}
