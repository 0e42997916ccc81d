<?php

declare(strict_types=1);

use Pensilis\Scheduling\Preparation;
use Pensilis\Scheduling\Session;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\WeekClock;
use Pensilis\Scheduling\WorkingHours;
use Tests\Plans;

it('brushes many objects for hours, at no stretch longer than one, within the hours at the bench', function (): void {
    expect(Session::brushing(1))->toBe([0.25])->and(array_sum(Session::brushing(260)))->toEqualWithDelta(0.25 + 259.0 / 60.0, 1e-9)
        ->and(max(Session::brushing(260)))->toBeLessThanOrEqual(1.0);
    $hours = WorkingHours::weekly(array_map(fn(int $day): array => [$day, 18 * 60, 20 * 60], range(0, 6)), new WeekClock(8 * 60.0));
    $cone = Plans::read()->inclusions[0]->spread(array_fill(0, 259, [0.0, 0.0]));
    $preparation = Preparation::of([$cone], $hours);
    foreach ($preparation->tasks as $task) {
        expect($hours->firstFit($task->start, $task->end - $task->start))->toEqualWithDelta($task->start, 1e-9);
    }
    $spent = array_sum(array_map(fn(Task $task): float => $task->end - $task->start, $preparation->tasks));
    expect($spent)->toEqualWithDelta(2 * array_sum(Session::brushing(260)), 1e-6)
        // Two hours an evening: nine hours of brushing take five evenings.
        ->and($preparation->readyFor([$cone]))->toBeGreaterThan(4 * 24.0);
});
