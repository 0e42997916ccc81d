<?php

declare(strict_types=1);

namespace Pensilis\Simulation;

use Pensilis\Batching\Batch;
use Pensilis\Bench\PourActs;
use Pensilis\Fact\Fact;
use Pensilis\Material\Inclusion;
use Pensilis\Plan\Plan;
use Pensilis\Scheduling\Handling;
use Pensilis\Scheduling\Session;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Pensilis\Thermal\Fit\CalibrationStore;

/**
 * What holds a thing down where nothing is tacky, on a bare floor or a hard layer: a thin coat of resin out of a small mix of its own,
 * brushed where it will lie and left until it is tacky (common practice). Nothing sticks to silicone by itself.
 */
final class Holding
{
    /** A brushed coat, g/m² (memory). */
    private const COAT = 40.0;

    /** h from the first stroke until things can be pressed onto it */
    public static function hours(Plan $plan, CalibrationStore $store): float
    {
        return Session::BRUSHING + BrushedResin::of($plan, $store)->tacky;
    }

    /**
     * The brushing for a pour, as late as it can be to be tacky when its things are pressed on.
     *
     * @param float $until  hour at which the first of them is
     * @param float $before h of work right before it, such as sanding
     */
    public static function task(Simulation $simulation, int $k, PourActs $acts, float $until, float $before = 0.0): Task
    {
        [$objects, $hours] = [$acts->holds(), $before + Session::BRUSHING];
        $latest = $until - $simulation->brushed->tacky;
        $start = ($simulation->plan->studio->hours->lastFit($latest, $hours) ?? $latest - $hours) + $before;
        $area = array_sum(array_map(function (Inclusion $one): float {
            $foot = $one->solid->footprint();

            return 4.0 * $foot->halfX * $foot->halfY * $one->count();
        }, $objects));

        return new Task(TaskKind::Prepare, $start, $start + Session::BRUSHING, $k, new Fact($k === 0 ? 'hold-floor' : 'hold-layer', [
            'objects' => Inclusion::names($objects), 'resin' => $simulation->brushed->resin->name,
            'mix_g'   => Batch::LOSS + self::COAT * $area * $simulation->plan->setup->pieces,
        ]), Handling::of($objects, $start, $start + Session::BRUSHING));
    }
}
