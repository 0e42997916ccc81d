<?php

declare(strict_types=1);

use Pensilis\Answer\PlanAnswer;
use Pensilis\Answer\Planner;
use Pensilis\Scheduling\Happened;
use Pensilis\Scheduling\Joint;
use Tests\Plans;
use Tests\SharedCalibrations;

/** @param array<string, mixed> $changes */
function wentOn(Happened $happened, array $changes = []): PlanAnswer
{
    return (new Planner(new SharedCalibrations()))->timed(Plans::read($changes + [
        '/studio/hours' => [['days' => 'mon-sun', 'from' => '07:00', 'to' => '22:00']],
    ], Plans::coneWithPours()), $happened);
}

/** @return list<float> */
function startsOf(PlanAnswer $answer): array
{
    return $answer->simulation?->starts() ?? [];
}

it('keeps what was begun, and times the rest by its windows', function (): void {
    $planned = startsOf(wentOn(new Happened()));
    $late = wentOn(new Happened([0 => $planned[0] + 30.0], $planned[0] + 31.0));
    [$first, $second, $third] = startsOf($late);
    $below = $late->simulation->pours;
    expect($first)->toBe($planned[0] + 30.0)
        ->and($second - $first)->toBeGreaterThanOrEqual($below[0]->recoatOpens - 1e-6)->toBeLessThanOrEqual($below[0]->recoatCloses + 1e-6)
        ->and($third - $second)->toBeGreaterThanOrEqual($below[1]->recoatOpens - 1e-6)->toBeLessThanOrEqual($below[1]->recoatCloses + 1e-6)
        ->and($late->joints)->toBe([Joint::Chemical, Joint::Chemical])
        ->and(startsOf(wentOn(new Happened([0 => $planned[0]], $planned[0] + 1.0))))->toEqual($planned);
});

it('cures as it does whenever it was begun, before the plan begins too', function (float $at): void {
    $judged = fn(float $begun): PlanAnswer => (new Planner(new SharedCalibrations()))->judge(
        Plans::read([], Plans::coneWithPours())->begunAt([0 => $begun]),
    );
    // In a room that is always as warm, an hour is like any other; the second pour comes when all is over.
    [$early, $planned] = [$judged($at), $judged(0.0)];
    foreach (['gelFirst', 'gelLast', 'recoatOpens', 'recoatCloses', 'demold'] as $moment) {
        expect($early->simulation->pours[0]->{$moment})->toEqualWithDelta($planned->simulation->pours[0]->{$moment}, 0.5);
    }
    foreach ($early->tasks as $task) {
        expect($task->start)->toBeLessThanOrEqual($task->end);
    }
})->with([-68.0, -20.0]);

it('sands where the window has gone by, and begins nothing before now', function (): void {
    $planned = startsOf(wentOn(new Happened()));
    $answer = wentOn(new Happened([0 => $planned[0]], $planned[0] + 200.0));
    expect($answer->joints[0])->toBe(Joint::Sanded)
        ->and(startsOf($answer)[1])->toBeGreaterThanOrEqual($planned[0] + 200.0);
});

it('plans around the days on which nobody is there', function (): void {
    $planned = startsOf(wentOn(new Happened()));
    $away = [$planned[1] - 3.0, $planned[1] + 5.0];
    $moved = startsOf(wentOn(new Happened([0 => $planned[0]], $planned[0] + 1.0, [$away])));
    expect($moved[1] >= $away[1] - 1e-6 || $moved[1] <= $away[0])->toBeTrue()
        ->and($moved[1])->not->toBe($planned[1]);
});

it('tells what pours that were begun too soon have become', function (): void {
    // The second onto liquid, three hours after the first: nothing is to be done about it any more.
    $answer = wentOn(new Happened([0 => 10.0, 1 => 13.0], 14.0));
    expect($answer->joints[0])->toBe(Joint::Wet)
        ->and($answer->joints[1])->toBe(Joint::Chemical)
        ->and(array_slice(startsOf($answer), 0, 2))->toBe([10.0, 13.0]);
});
