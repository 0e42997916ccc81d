<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Batching\Batch;
use Pensilis\Geometry\Vessel;
use Pensilis\Quantity\Figure;
use Pensilis\Scheduling\Session;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Pensilis\Thermal\CalibrationStore;
use Pensilis\Thermal\PieceHeat;

/**
 * The compartments of a vessel, poured one after another: each holds its shape (has gelled) before its neighbour is
 * poured, and the last of them before the first pour of the piece. Hours of the plan.
 */
final readonly class CompartmentPours
{
    /**
     * @param list<Task>  $tasks
     * @param list<Batch> $batches in the order of the compartments
     * @param float|null  $set     when the last one holds its shape; null where one never does
     */
    private function __construct(public array $tasks, public array $batches, public ?float $set) {}

    public static function of(Plan $plan, CalibrationStore $store): self
    {
        [$tasks, $batches, $at] = [[], [], 0.0];
        foreach ($plan->setup->compartments as $one) {
            $batch = Batch::of($plan->resin(), $plan->setup->pieces * $one->shape->volumeTo($one->depth), $plan->studio->device, $plan->studio->lossGrams, $plan->studio->held, $plan->studio->leastMix);
            $batches[] = $batch;
            $hours = Session::hours(0, $plan->resin()->sheet->working);
            $start = $plan->studio->hours->firstFit($at, $hours);
            if ($start === null) {
                return new self($tasks, $batches, null);
            }
            $tasks[] = new Task(TaskKind::Compartment, sprintf('Compartment “%s”: %s g', $one->name, Figure::fixed($batch->mixed(), 1)), $start, $start + $hours);
            $vessel = Vessel::of($one->shape, $plan->vessel->wall, $plan->vessel->base, $one->depth);
            $run = (new PieceHeat($vessel, $plan->ambient))->follow([[$store->calibrated($plan->resin()), $one->depth, 3600.0 * $start]], Simulation::HORIZON);
            $gelled = $run->tracks()[0]->gelLast;
            if ($gelled === null) {
                return new self($tasks, $batches, null);
            }
            $at = $gelled / 3600.0;
        }

        return new self($tasks, $batches, $at);
    }
}
