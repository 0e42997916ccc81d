<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Interchange\Answers\AnswerWriter;
use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Judgement\Judges;
use Pensilis\Layout\Layout;
use Pensilis\Plan\Plan;
use Pensilis\Thermal\Fit\CalibrationStore;

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
        $refused = array_filter(Judges::ofLayout($plan, $layout), fn(Finding $one): bool => $one->code === Code::RatioRefused);
        $this->complain(array_values($refused));

        return [AnswerWriter::batch($plan, $layout, $this->store), $refused === [] ? self::SUCCESS : self::INFEASIBLE];
    }
}
