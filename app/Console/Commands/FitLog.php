<?php

declare(strict_types=1);

namespace App\Console\Commands;

use App\Interchange\PlanFile\PlanFile;
use Pensilis\Plan\Plan;
use Pensilis\PlanFile\LogReader;
use Pensilis\Thermal\Fit\CalibrationStore;
use Pensilis\Thermal\Fit\StudioFit;

final class FitLog extends PlanCommand
{
    /** Keys of the answer, with what one of the core's units is in theirs. */
    private const KEYS = ['rate' => ['rate_factor', 1.0], 'energy' => ['e_kj_mol', 1e-3], 'heat' => ['heat_j_g', 1e-3]];

    protected $signature = 'pensilis:calibrate {file : A plan file with the resin, or - for standard input}
        {log : What was logged of it: gel times and probes} {--pretty : Print for people}';

    protected $description = 'Fit the cure of a resin to what a studio has logged of it';

    public function __construct(private readonly CalibrationStore $store)
    {
        parent::__construct();
    }

    protected function answer(Plan $plan): array
    {
        $log = LogReader::read(PlanFile::log($this->text('log')), $plan);
        $law = $this->store->calibrated($log->resin)->law;
        $fit = StudioFit::of($log->resin, $law, $log->points, $plan->vessel->wall, $plan->vessel->base);
        $answer = ['fitted' => array_map(fn(string $name): string => self::KEYS[$name][0], $fit->fitted), 'confidence' => []];
        foreach (self::KEYS as $name => [$key, $unit]) {
            $answer[$key] = $unit * $fit->values[$name];
            if (isset($fit->confidence[$name])) {
                $answer['confidence'][$key] = [$unit * $fit->confidence[$name][0], $unit * $fit->confidence[$name][1]];
            }
        }

        return [$answer + ['residual' => $fit->residual], self::SUCCESS];
    }
}
