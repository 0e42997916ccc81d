<?php

declare(strict_types=1);

use Pensilis\Answer\PlacedPours;
use Pensilis\Answer\Planner;
use Pensilis\Answer\Timetable;
use Pensilis\Bench\PourActs;
use Pensilis\Layout\Draft;
use Pensilis\Scheduling\Joint;
use Pensilis\Scheduling\PourWork;
use Pensilis\Scheduling\Preparation;
use Pensilis\Scheduling\Window;
use Pensilis\Simulation\AppliedSteps;
use Pensilis\Thermal\Run\Budget;
use Tests\Facts;
use Tests\Plans;
use Tests\SharedCalibrations;

/** @param array<string, mixed> $changes */
function timetable(array $changes, float $earliest = 0.0): PlacedPours
{
    $plan = Plans::read($changes);
    $layout = Draft::of($plan)->layout;
    assert($layout !== null);

    return (new Timetable(
        $plan,
        $layout,
        new SharedCalibrations(),
        Preparation::of($plan->inclusions, $plan->studio->hours),
        new Budget(),
        $earliest,
    ))->fill();
}

it('pours each inside the window of the one below, as it was simulated', function (array $hours): void {
    $placed = timetable(['/studio/hours' => $hours]);
    $plan = Plans::read(['/studio/hours' => $hours]);
    expect($placed->starts)->toHaveCount(3)
        ->and($placed->joints)->toBe([Joint::Chemical, Joint::Chemical]);
    foreach ([1, 2] as $k) {
        $below = $placed->run->tracks()[$k - 1];
        expect(3600.0 * $placed->starts[$k])->toBeGreaterThanOrEqual($below->opens)->toBeLessThanOrEqual($below->closes)
            ->and($placed->run->tracks()[$k]->start)->toEqualWithDelta(3600.0 * $placed->starts[$k], 1e-6);
    }
    foreach ($placed->starts as $k => $start) {
        $span = PourActs::of($plan, Draft::of($plan)->layout, $k)->hours();
        expect($plan->studio->hours->firstFit($start, $span))->toEqualWithDelta($start, 1e-9);
    }
})->with([
    'at all hours'    => [[]],
    'in the evenings' => [[
        ['days' => 'mon-fri', 'from' => '18:00', 'to' => '22:00'], ['days' => 'sat-sun', 'from' => '10:00', 'to' => '20:00'],
    ]],
]);

it('sands where the hours leave no other way, and follows the last to full cure', function (): void {
    // Saturdays alone: a week lies between two pours, and the window is over in four days.
    $placed = timetable(['/studio/hours' => [['days' => 'sat', 'from' => '10:00', 'to' => '20:00']]]);
    expect($placed->joints)->toBe([Joint::Sanded, Joint::Sanded])
        ->and($placed->starts[1] - $placed->starts[0])->toEqualWithDelta(168.0, 10.0)
        ->and($placed->run->tracks()[2]->isCured())->toBeTrue();
});

it('begins no sooner than it may', function (): void {
    expect(timetable(['/studio/hours' => []], 50.0)->starts[0])->toBeGreaterThanOrEqual(50.0);
});

it('says how long a span of work no hours leave', function (): void {
    $placed = timetable(['/studio/hours' => [['days' => 'mon-fri', 'from' => '18:00', 'to' => '18:20']]]);
    expect($placed->run)->toBeNull()
        ->and($placed->soft)->toBeNull()
        ->and($placed->needed)->toBeGreaterThan(0.5)->toBeLessThan(3.0);
});

it('says below which pour it never sets', function (): void {
    expect(timetable(['/ambient/celsius' => -25])->soft)->toBe(1);
});

it('names the joints that windows make of starts', function (): void {
    // Gelled after 5 hours, coated from 8 to 20, hard after 40.
    $window = new Window(5.0, 8.0, 20.0, 40.0);
    $joints = fn(array $starts, bool $wet = false): ?array => PlacedPours::joints(
        $starts,
        [$window, $window],
        array_fill(0, 3, new PourWork(0.5, 0.0, isOnWet: $wet)),
    );
    expect(PlacedPours::made([0.0, 10.0, 60.0, 61.0], [$window, $window, $window]))
        ->toBe([Joint::Chemical, Joint::Sanded, Joint::Wet])
        ->and($joints([0.0, 10.0, 60.0]))->toBe([Joint::Chemical, Joint::Sanded])
        // On liquid, too soft, or neither tacky nor hard and sanded: no joint at all.
        ->and($joints([0.0, 1.0]))->toBeNull()
        ->and($joints([0.0, 6.0]))->toBeNull()
        ->and($joints([0.0, 30.0]))->toBeNull()
        ->and($joints([0.0, 40.1]))->toBeNull()
        // Onto wet resin it is meant, until that gels.
        ->and($joints([0.0, 1.0], true))->toBe([Joint::Wet])
        ->and($joints([0.0, 10.0], true))->toBeNull();
});

it('finds for pours that are given the times that it finds for its own', function (): void {
    $plan = Plans::read();
    $found = (new Planner(new SharedCalibrations()))->plan($plan);
    $given = Plans::read(['/pours' => array_map(
        fn($pour): array => ['resin' => 'deep', 'depth_mm' => 1e3 * $pour->depth(), 'start_h' => 0],
        $found->simulation->layout->pours,
    )]);
    $timed = (new Planner(new SharedCalibrations()))->timed($given);
    $starts = fn($answer): array => array_map(fn($pour): float => $pour->startHour, $answer->simulation->pours);
    expect($timed->isFeasible())->toBeTrue()
        ->and($starts($timed))->toEqualWithDelta($starts($found), 1e-9)
        ->and($timed->joints)->toBe($found->joints);
});

it('says so where the hours leave no times for pours that are given', function (): void {
    $plan = Plans::read(['/studio/hours' => [['days' => 'mon', 'from' => '10:00', 'to' => '10:05']]], Plans::coneWithPours());
    $timed = (new Planner(new SharedCalibrations()))->timed($plan);
    expect($timed->isFeasible())->toBeFalse()
        ->and($timed->reasons[0]->code->value)->toBe('no-time');
});

it('leaves room for what is applied on a set surface when times are found anew', function (): void {
    $step = ['kind' => 'lettering', 'says' => 'one', 'at_mm' => [0, 0], 'size_mm' => [30, 8]];
    $always = ['/studio/hours' => [['days' => 'mon-sun', 'from' => '00:00', 'to' => '24:00']], '/inclusions' => []];
    $plan = Plans::read($always + ['/pours/0/applied' => [$step, ['says' => 'two'] + $step]], Plans::coneWithPours());
    $bare = (new Planner(new SharedCalibrations()))->timed(Plans::read($always, Plans::coneWithPours()));
    $answer = (new Planner(new SharedCalibrations()))->timed($plan);
    $steps = AppliedSteps::of($answer->simulation);
    expect($answer->simulation->starts()[1])->toBeGreaterThanOrEqual($steps->until[0] - 1e-9)
        // Without them the second pour comes sooner than they would be done.
        ->and($bare->simulation->starts()[1])->toBeLessThan($steps->until[0])
        ->and(array_filter(Facts::words($answer->findings), fn(string $word): bool => $word === 'no-time-to-apply'))->toBe([]);
});

it('finds a time for what is poured while the pour below is wet, before that gels', function (): void {
    $given = Plans::changed(['/pours/1/joint' => 'wet', '/studio/hours' => [['days' => 'mon-fri', 'from' => '18:00', 'to' => '22:00']]], [
        'inclusions' => [],
    ] + Plans::coneWithPours());
    $answer = (new Planner(new SharedCalibrations()))->timed(Plans::read([], $given));
    [$first, $second, $third] = $answer->simulation->pours ?? [];
    expect($answer->isFeasible())->toBeTrue()
        ->and(array_map(fn(Joint $one): string => $one->value, $answer->joints))->toBe(['wet', 'chemical'])
        ->and($second->startHour - $first->startHour)->toBeLessThan($first->gelFirst)
        // Not before the first is mixed, has stood, is poured and gone over: twenty minutes at the least.
        ->and($second->startHour - $first->startHour)->toBeGreaterThan(20.0 / 60.0)
        ->and($third->startHour - $second->startHour)->toBeGreaterThanOrEqual($second->recoatOpens)
        ->and(Facts::words($answer->findings))->not->toContain('wet-missed');
});
