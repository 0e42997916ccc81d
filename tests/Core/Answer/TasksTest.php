<?php

declare(strict_types=1);

use Pensilis\Answer\EndTasks;
use Pensilis\Answer\Planner;
use Pensilis\Answer\PourTasks;
use Pensilis\Judgement\AppliedJudge;
use Pensilis\Plan\Application;
use Pensilis\Plan\Applied;
use Pensilis\Plan\Costs;
use Pensilis\Plan\Viewed;
use Pensilis\Scheduling\Joint;
use Pensilis\Scheduling\Session;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Pensilis\Simulation\AppliedSteps;
use Pensilis\Simulation\Simulation;
use Tests\Facts;
use Tests\Plans;
use Tests\SharedCalibrations;

/** @param array<string, mixed> $changes */
function simulated(array $changes = []): Simulation
{
    return Simulation::of(Plans::read($changes, Plans::coneWithPours()), new SharedCalibrations());
}

/** @return list<TaskKind> */
function kindsOf(Task ...$tasks): array
{
    return array_map(fn(Task $task): TaskKind => $task->kind, array_values($tasks));
}

// The cone: pours at 0, 26 and 52 h; the cone is set in the second.
it('makes ready once, pours each, and sands only where a joint asks for it', function (): void {
    $simulation = simulated(['/pours/0/start_h' => 2, '/pours/1/start_h' => 30, '/pours/2/start_h' => 200]);
    $tasks = PourTasks::of($simulation, [Joint::Chemical, Joint::Sanded]);
    expect(kindsOf(...$tasks))->toBe([
        TaskKind::Prepare, TaskKind::Pour, TaskKind::Prepare, TaskKind::Pour, TaskKind::Sand, TaskKind::Pour,
    ])
        // A quarter of an hour to make ready, a third to sand and wipe (common practice), both ended when the pour begins.
        ->and([$tasks[0]->start, $tasks[0]->end])->toBe([1.75, 2.0])
        ->and($tasks[4]->end - $tasks[4]->start)->toEqualWithDelta(1.0 / 3.0, 1e-12)
        ->and($tasks[4]->end)->toEqualWithDelta(200.0, 1e-12)
        ->and(array_map(fn(Task $task): float => $task->start, [$tasks[1], $tasks[3], $tasks[5]]))->toBe([2.0, 30.0, 200.0])
        // Dust is lifted off a set layer that is not sanded, and what floats is set on its tack, before A meets B.
        ->and([60.0 * ($tasks[2]->end - $tasks[2]->start), $tasks[2]->end, $tasks[2]->handling->objects])
        ->toEqualWithDelta([3.0, 30.0, ['cone']], 1e-9);
});

it('does not make ready before the plan begins', function (): void {
    expect(PourTasks::of(simulated(), [Joint::Chemical, Joint::Chemical])[0]->start)->toBe(0.0);
});

it('ends with demolding and full cure, and with finishing where the face is worked', function (array $changes, array $kinds): void {
    $simulation = simulated($changes);
    $tasks = EndTasks::of($simulation);
    $last = $simulation->pours[2];
    expect(kindsOf(...$tasks))->toBe($kinds)
        ->and($tasks[count($tasks) - 1]->start)->toEqualWithDelta($last->startHour + $last->fullCure, 1e-12);
    foreach ($tasks as $task) {
        expect($task->start)->toBeGreaterThan($last->startHour + $last->gelFirst * 0.95 - 1e-9);
    }
})->with([
    'as it comes out' => [[], [TaskKind::Demold, TaskKind::FullCure]],
    'sanded'          => [['/purpose/finish' => 'sanded'], [TaskKind::Demold, TaskKind::Finish, TaskKind::FullCure]],
    'draped'          => [['/vessel/made' => 'sheet'], [TaskKind::Drape, TaskKind::Demold, TaskKind::FullCure]],
]);

it('drapes about gel: a twentieth of the gel time before the first and after the last of it', function (): void {
    $simulation = simulated(['/vessel/made' => 'sheet']);
    $drape = EndTasks::of($simulation)[0];
    $last = $simulation->pours[2];
    expect($drape->start)->toEqualWithDelta($last->startHour + 0.95 * $last->gelFirst, 1e-9)
        ->and($drape->end)->toEqualWithDelta($last->startHour + 1.05 * $last->gelLast, 1e-9);
});

it('waits for working hours to demold', function (): void {
    // Wednesdays from 10 to 12 alone.
    $hours = ['/studio/hours' => [['days' => 'wed', 'from' => '10:00', 'to' => '12:00']], '/studio/start' => '2026-03-02T10:00'];
    $simulation = simulated($hours);
    $demold = EndTasks::of($simulation)[0];
    $ready = $simulation->pours[2]->startHour + $simulation->pours[2]->demold;
    // 2026-03-02 is a Monday: Wednesdays at ten lie 48 hours after its ten o'clock, and every 168 hours after that.
    expect($demold->start)->toBeGreaterThanOrEqual($ready)->toBeLessThan($ready + 168.0)
        ->and(fmod($demold->start - 48.0, 168.0))->toBeGreaterThanOrEqual(-1e-9)->toBeLessThan(2.0);
});

it('applies lettering halfway through the recoat window, and glitter at its opening', function (Application $what, float $share): void {
    $applied = new Applied($what, 'the hill house', 0.0, 0.0, 0.04, 0.01);
    expect($applied->ready(20.0, 40.0))->toEqualWithDelta(20.0 + 20.0 * $share, 1e-12)
        ->and($applied->takes())->toBeGreaterThan($applied->application->working());
})->with([
    'film lettering' => [Application::Lettering, 0.5],
    'scattered'      => [Application::Scatter, 0.0],
]);

it('reaches as far as its rectangle and no farther', function (): void {
    // 40 × 10 mm about (10, 0): from −10 to 30 and from −5 to 5; a place 3-4-5 from its corner.
    $applied = new Applied(Application::Lettering, '', 0.010, 0.0, 0.040, 0.010);
    expect($applied->reaches(0.033, 0.009, 0.0051))->toBeTrue()
        ->and($applied->reaches(0.033, 0.009, 0.0049))->toBeFalse()
        ->and($applied->reaches(0.010, 0.0, 1e-6))->toBeTrue()
        ->and($applied->isMirrored(Viewed::Bottom))->toBeTrue()
        ->and($applied->isMirrored(Viewed::Top))->toBeFalse();
});

it('lets no coat come over a step that is still drying', function (): void {
    $step = ['kind' => 'lettering', 'says' => 'one', 'at_mm' => [0, 0], 'size_mm' => [30, 8]];
    $simulation = simulated(['/pours/0/applied' => [$step, ['says' => 'two'] + $step]]);
    $steps = AppliedSteps::of($simulation);
    // Both lines in one sitting: half an hour for the first and ten minutes for the second (memory).
    expect($steps->tasks)->toHaveCount(1)
        ->and(60.0 * ($steps->tasks[0]->end - $steps->tasks[0]->start))->toEqualWithDelta(40.0, 1e-6)
        ->and($steps->until[0])->toBeGreaterThan($steps->tasks[0]->end);
    // What dries keeps the next kind waiting.
    $painted = AppliedSteps::of(simulated(['/pours/0/applied' => [['kind' => 'paint'] + $step, $step]]));
    expect($painted->tasks)->toHaveCount(2)->and($painted->tasks[1]->start)->toBeGreaterThanOrEqual($painted->tasks[0]->end + 1.0);
    // So late that it does not bond: the surface is sanded once it is hard, then lettered twice, and only then covered.
    $early = floor($steps->until[0]) - 1.0;
    $late = simulated(['/pours/0/applied' => [$step, ['says' => 'two'] + $step], '/pours/1/start_h' => $early, '/pours/2/start_h' => 300]);
    $found = (new AppliedJudge($late))->findings();
    $takes = $late->layout->pours[0]->coat->applied[0]->takes() + 10.0 / 60.0;
    $least = $late->pours[0]->startHour + $late->pours[0]->window()->hard() + Session::SANDING + $takes;
    $later = $found[0]->mend?->value;
    expect(array_map(Facts::line(...), $found))->toHaveCount(1)
        ->and($found[0]->pointer)->toBe('/pours/1/start_h')
        ->and($later)->toBeGreaterThanOrEqual($least)
        ->and($later)->toBeLessThan($least + 24.0)
        ->and((new AppliedJudge(simulated([
            '/pours/0/applied' => [$step, ['says' => 'two'] + $step], '/pours/1/start_h' => $later, '/pours/2/start_h' => 300,
        ])))->findings())->toBe([]);
});

it('adds up what a pour costs', function (): void {
    // 240 g at 30 a kilogram are 7.20; 1.5 g of a colour at 0.40 a gram 0.60; 1.20 of cups and gloves: 9.00.
    // Two and a half hours at 18 are 45.
    $costs = new Costs(['clear' => 30.0], ['blue' => 0.4], 1.2, 18.0);
    expect($costs->ofPour('clear', 240.0, ['blue' => 1.5, 'unknown' => 9.0]))->toEqualWithDelta(9.0, 1e-12)
        ->and($costs->ofHours(2.5))->toEqualWithDelta(45.0, 1e-12)
        ->and($costs->knowsResin('clear'))->toBeTrue()
        ->and($costs->knowsResin('other'))->toBeFalse()
        ->and($costs->areKnown())->toBeTrue()
        ->and((new Costs([], [], 0.0, 0.0))->areKnown())->toBeFalse();
});

/**
 * @param array<string, mixed> $changes
 *
 * @return array<string, Task> by their ids
 */
function tasksById(array $changes = []): array
{
    $planner = new Planner(new SharedCalibrations());
    $tasks = $planner->judge(Plans::read($changes, Plans::coneWithPours()))->tasks;

    return array_combine(array_map(fn(Task $task): string => $task->id, $tasks), $tasks);
}

it('names every task once, by a name that it keeps when others come between and when it is moved', function (): void {
    $plain = tasksById(['/inclusions/0/sealed_coats' => 0]);
    $sealed = tasksById(['/inclusions/0/sealed_coats' => 2]);
    $colder = tasksById(['/inclusions/0/sealed_coats' => 0, '/ambient/celsius' => 18]);
    expect(array_filter(array_keys($plain), fn(string $id): bool => str_starts_with($id, 'seal')))->toBe([])
        ->and(array_values(array_diff(array_keys($sealed), array_keys($plain))))->toBe(['seal seal 1 cone', 'seal seal 2 cone'])
        ->and(array_values(array_diff(array_keys($plain), array_keys($sealed))))->toBe([])
        ->and(array_keys($colder))->toBe(array_keys($plain))
        ->and(end($colder)->start)->toBeGreaterThan(end($plain)->start);
});

it('says which objects hands have in it, for how many minutes, and from first contact until all is placed', function (): void {
    $bead = ['id' => 'bead', 'at_mm' => [25, 0], 'size_mm' => [8, 8, 8]] + Plans::cone()['inclusions'][0];
    $tasks = tasksById(['/inclusions/1' => $bead, '/inclusions/1/sealed_coats' => 0]);
    $pours = array_values(array_filter($tasks, fn(Task $task): bool => $task->kind === TaskKind::Pour));
    expect(array_merge(...array_map(fn(Task $task): array => $task->handling->objects, $pours)))->toEqualCanonicalizing(['cone', 'bead'])
        ->and($tasks['seal seal 1 cone']->handling->objects)->toBe(['cone'])
        ->and($tasks['seal seal 1 cone']->handling->contact)->toBeNull();
    foreach ($tasks as $task) {
        $isWaiting = in_array($task->kind, [TaskKind::Dry, TaskKind::FullCure], true);
        expect($task->minutes())->toBe($isWaiting ? 0.0 : 60.0 * ($task->end - $task->start));
        if ($task->kind === TaskKind::Pour) {
            // To weigh and stir 5 min at the least, to stand 10, then to pour and go over the bubbles once: not the second time.
            expect($task->handling->contact)->toBe($task->start)->and($task->handling->placed)->toBeLessThan($task->end)
                ->toBeGreaterThan($task->start + 15.0 / 60.0)->toBeLessThan($task->end - 10.0 / 60.0);
        }
    }
});

it('sands and decorates only while somebody is there, and tells what strewing would be sanded off', function (array $hours): void {
    $line = ['kind' => 'lettering', 'says' => 'one', 'at_mm' => [0, 0], 'size_mm' => [30, 8]];
    $plan = Plans::read(['/studio/hours' => [$hours], '/pours/0/applied' => [$line, $line], '/inclusions' => []], Plans::coneWithPours());
    $answer = (new Planner(new SharedCalibrations()))->timed($plan);
    $work = array_filter($answer->tasks, fn(Task $one): bool => in_array($one->kind, [TaskKind::Sand, TaskKind::Apply], true));
    expect($answer->isFeasible())->toBeTrue()->and($work)->not->toBe([]);
    foreach ($work as $task) {
        expect($plan->studio->hours->firstFit($task->start, $task->end - $task->start))->toEqualWithDelta($task->start, 1e-6);
    }
})->with([
    'evenings'          => [['days' => 'mon-fri', 'from' => '18:00', 'to' => '22:00']],
    'Saturday mornings' => [['days' => 'sat', 'from' => '10:00', 'to' => '13:00']],
]);

it('tells that what is strewn on tack would be sanded off', function (): void {
    $strewn = ['/pours/0/applied' => [['kind' => 'scatter', 'at_mm' => [0, 0], 'size_mm' => [30, 8]]]];
    $words = fn(array $changes): array => Facts::words((new AppliedJudge(simulated($changes)))->findings());
    expect($words($strewn + ['/pours/1/start_h' => 300, '/pours/2/start_h' => 330]))->toContain('strewn-is-sanded')
        ->and($words($strewn))->not->toContain('strewn-is-sanded');
});
