<?php

declare(strict_types=1);

namespace Pensilis\Simulation;

use Pensilis\Bench\Pace;
use Pensilis\Bench\PourActs;
use Pensilis\Bench\Setting;
use Pensilis\Fact\Fact;
use Pensilis\Material\Inclusion;
use Pensilis\Quantity\Known;
use Pensilis\Scheduling\Handling;
use Pensilis\Scheduling\LaterWork;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Pensilis\Scheduling\WorkingHours;
use Pensilis\Settling\Placement;

/**
 * What goes into a coat once that has thickened, all in one go: not before each of it drifts no further than its tolerance until the coat
 * gels, nor after the resin no longer wets it (common practice; the moments are those of Placement). Hours from the start of the pour.
 */
final readonly class Placing
{
    /**
     * @param int             $pour    number
     * @param list<Inclusion> $objects
     * @param float           $begun   hour of the plan at which the pour begins
     */
    private function __construct(
        public int $pour,
        public array $objects,
        public LaterWork $work,
        private float $begun,
        private WorkingHours $free,
    ) {}

    /** @return list<self> one for each pour that has such objects and gels */
    public static function all(Simulation $simulation): array
    {
        $all = [];
        foreach ($simulation->layout->pours as $k => $pour) {
            $objects = $pour->setIn(late: true);
            $moments = array_filter(array_map(
                fn(Inclusion $one): ?Placement => $simulation->placementIn($one, $k),
                $objects,
            ), fn(?Placement $one): bool => $one !== null);
            if ($moments === []) {
                continue;
            }
            $opens = Known::up(max(array_map(fn(Placement $one): float => $one->opens, $moments)));
            $closes = Known::down(min(array_map(fn(Placement $one): float => $one->closes, $moments)));
            [$plan, $many] = [$simulation->plan, array_sum(array_map(fn(Inclusion $one): int => $one->count(), $objects))];
            $all[] = new self(
                $k,
                $objects,
                new LaterWork(
                    max(PourActs::of($plan, $simulation->layout, $k)->hours(), $opens),
                    $closes,
                    Pace::setting(Setting::Late, count($objects), $plan->setup->pieces * $many, $plan->studio->hands) / 60.0,
                ),
                $simulation->pours[$k]->startHour,
                $plan->studio->hours,
            );
        }

        return $all;
    }

    /** Whether hands are there in time. */
    public function isInHours(): bool
    {
        return $this->work->fits($this->free, $this->begun);
    }

    public function task(): Task
    {
        $start = $this->work->start($this->free, $this->begun) ?? $this->begun + $this->work->opens;
        $what = new Fact('set-late', ['pour' => $this->pour + 1, 'objects' => Inclusion::names($this->objects)]);
        $ids = array_map(fn(Inclusion $one): string => $one->id, $this->objects);
        $last = $this->begun + max($this->work->opens, Known::down($this->work->closes - $this->work->hours));

        return new Task(TaskKind::Place, $start, $start + $this->work->hours, $this->pour, $what, new Handling($ids, last: $last));
    }
}
