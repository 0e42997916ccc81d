<?php

declare(strict_types=1);

namespace Pensilis\Answer;

use Pensilis\Batching\Batch;
use Pensilis\Bench\PourActs;
use Pensilis\Fact\Fact;
use Pensilis\Plan\Compartment;
use Pensilis\Plan\Plan;
use Pensilis\Scheduling\Handling;
use Pensilis\Scheduling\Session;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Pensilis\Thermal\Fit\CalibrationStore;
use Pensilis\Thermal\PieceHeat;
use Pensilis\Vessel\Vessel;

/**
 * The compartments of a vessel, poured one after another: each holds its shape (has gelled) before its neighbour is
 * poured, and the last of them before the first pour of the piece. Hours of the plan.
 */
final readonly class CompartmentPours
{
    /**
     * @param list<Task> $tasks
     * @param float|null $set   when the last one holds its shape; null where one never does
     */
    private function __construct(public array $tasks, public ?float $set) {}

    /** @param list<Task> $before what hands are at before the first pour */
    public static function of(Plan $plan, CalibrationStore $store, array $before): self
    {
        [$tasks, $at] = [[], 0.0];
        $work = array_filter($before, fn(Task $one): bool => $one->kind->isWork());
        $hours = $plan->studio->hours->without(array_values(array_map(fn(Task $one): array => [$one->start, $one->end], $work)));
        foreach ($plan->setup->compartments as $one) {
            $batch = $plan->studio->batch($plan->resin(), $plan->setup->pieces * $one->net());
            $takes = PourActs::plainHours($plan, $batch);
            // The vessel is made ready once, before the first of them.
            $lead = $tasks === [] ? Session::PREPARING : 0.0;
            $start = $hours->firstFit($at, $lead + $takes);
            if ($start === null) {
                return new self($tasks, null);
            }
            if ($lead > 0.0) {
                $making = new Fact('prepare', ['making' => $plan->setup->making]);
                $tasks[] = new Task(TaskKind::Prepare, $start, $start + $lead, null, $making);
                $start += $lead;
            }
            $tasks[] = new Task(
                TaskKind::Compartment,
                $start,
                $start + $takes,
                null,
                self::fact($one, $batch, 1e-3 * $plan->resin()->density),
                new Handling(contact: $start, placed: $start + $takes),
            );
            $vessel = Vessel::of($one->shape, $plan->vessel->wall, $plan->vessel->base, $one->depth);
            $run = (new PieceHeat($vessel, $plan->ambient))->follow([[$store->calibrated($plan->resin()), $one->depth, 3600.0 * $start]]);
            $gelled = $run->tracks()[0]->gelLast;
            if ($gelled === null) {
                return new self($tasks, null);
            }
            $at = $gelled / 3600.0;
        }

        return new self($tasks, $at);
    }

    /** @param float $density g/ml */
    private static function fact(Compartment $one, Batch $batch, float $density): Fact
    {
        $doses = $one->doses($batch->mixed(), $density);
        $says = ['name' => $one->name, 'mix_g' => $batch->mixed(), ...$batch->read('a', 'b')];

        return $doses === [] ? new Fact('compartment', $says) : new Fact('compartment.coloured', $says + ['doses' => $doses]);
    }
}
