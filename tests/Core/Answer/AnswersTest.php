<?php

declare(strict_types=1);

use Pensilis\Answer\PlanAnswer;
use Pensilis\Answer\Planner;
use Pensilis\Finding\Finding;
use Pensilis\Judgement\Judges;
use Pensilis\Judgement\LayoutJudge;
use Pensilis\Layout\Draft;
use Pensilis\Layout\Layout;
use Pensilis\Scheduling\Joint;
use Pensilis\Scheduling\TaskKind;
use Pensilis\Simulation\Simulation;
use Tests\Facts;
use Tests\Plans;
use Tests\SharedCalibrations;

/** @param array<string, mixed> $changes */
function planned(array $changes = []): PlanAnswer
{
    return (new Planner(new SharedCalibrations()))->plan(Plans::read($changes));
}

/** @param array<string, mixed> $changes */
function judgedPlan(array $changes = []): PlanAnswer
{
    return (new Planner(new SharedCalibrations()))->judge(Plans::read($changes, Plans::coneWithPours()));
}

it('lays the pours of the contract\'s plan', function (): void {
    // π 45² mm² × 14 mm = 89.06 ml; the cone displaces 4/3 π 14 · 14 · 17 mm³ = 13.96 ml of the upper two.
    $pours = Layout::given(Plans::read([], Plans::coneWithPours()))->pours;
    $area = M_PI * 0.045 ** 2;
    expect(1e6 * $pours[0]->volume)->toEqualWithDelta(89.064, 0.001)
        ->and($pours[1]->volume + $pours[2]->volume)->toEqualWithDelta($area * 0.046 - 4.0 / 3.0 * M_PI * 0.014 ** 2 * 0.017, 1e-12)
        ->and($pours[0]->batch->mass)->toEqualWithDelta(89.064 * 1.08, 0.001)
        ->and($pours[0]->batch->a() / $pours[0]->batch->b())->toEqualWithDelta(100.0 / 45.0, 1e-12)
        ->and(array_map(fn($inclusion): string => $inclusion->id, $pours[1]->placed))->toBe(['cone'])
        ->and($pours[0]->placed)->toBe([]);
});

it('finds pours that make the cone hang, within every limit', function (float $target): void {
    $answer = planned(['/inclusions/0/target_bottom_mm' => $target]);
    $layout = $answer->layout;
    expect($answer->isFeasible())->toBeTrue()
        ->and(1e3 * $layout->bottomOf($answer->plan->inclusions[0]))->toEqualWithDelta($target, 2.0)
        ->and(1e3 * $layout->level())->toEqualWithDelta(60.0, 1e-6)
        ->and(Facts::words((new LayoutJudge($answer->plan, $layout))->findings()))->toBe([]);
    foreach ($answer->simulation->pours as $k => $pour) {
        expect($pour->peakCelsius)->toBeLessThan($answer->simulation->acceptable($k));
    }
})->with([14.0, 20.0, 9.0]);

it('changes grams and times when the cone moves up by 6 mm', function (): void {
    [$before, $after] = [planned(), planned(['/inclusions/0/target_bottom_mm' => 20])];
    expect($after->layout->pours[0]->batch->a() - $before->layout->pours[0]->batch->a())
        // 6 mm of π 45² mm² at 1.08 g/ml, 100 of 145 parts.
        ->toEqualWithDelta(6.0 * M_PI * 45.0 ** 2 / 1000.0 * 1.08 * 100.0 / 145.0, 1e-6)
        ->and($after->simulation->pours[0]->recoatOpens)->not->toBe($before->simulation->pours[0]->recoatOpens);
});

it('places pours in the hours and windows it tells', function (): void {
    $answer = planned();
    $hours = $answer->plan->studio->hours;
    foreach (array_filter($answer->tasks, fn($task): bool => $task->kind === TaskKind::Pour) as $task) {
        expect($hours->firstFit($task->start, $task->end - $task->start))->toEqualWithDelta($task->start, 1e-9);
    }
    foreach ($answer->joints as $k => $joint) {
        $pour = $answer->simulation->pours[$k];
        $after = $answer->simulation->pours[$k + 1]->startHour - $pour->startHour;
        expect($joint)->toBe(Joint::Chemical)
            ->and($after)->toBeGreaterThanOrEqual($pour->recoatOpens)->toBeLessThanOrEqual($pour->recoatCloses);
    }
    $starts = array_map(fn($task): float => $task->start, $answer->tasks);
    $sorted = $starts;
    sort($sorted);
    expect($starts)->toBe($sorted);
});

it('makes a missed window a sanding step', function (): void {
    $answer = planned(['/studio/hours' => [['days' => 'sat', 'from' => '10:00', 'to' => '13:00']]]);
    $sanding = array_values(array_filter($answer->tasks, fn($task): bool => $task->kind === TaskKind::Sand));
    expect($answer->joints)->toBe([Joint::Sanded, Joint::Sanded])
        ->and($sanding)->toHaveCount(2)
        // The cone is set between sanding, which ends with wiping, and first contact.
        ->and($answer->simulation->pours[1]->startHour - $sanding[0]->end)->toEqualWithDelta(0.7 / 60.0, 1e-9)
        // Sanding is possible from demold on.
        ->and($sanding[0]->start)->toBeGreaterThan($answer->simulation->pours[0]->startHour + $answer->simulation->pours[0]->demold);
});

it('pours thinner where a pour would cook', function (): void {
    // A faster resin in a warm room: what the sheet allows gets too hot for the object's 45 °C.
    $warm = ['/ambient/celsius'       => 27, '/inclusions' => [], '/studio/max_peak_celsius' => 40, '/studio/hours' => [],
        '/resins/0/kinetics/k1_per_s' => 3.3e-6, '/resins/0/kinetics/k2_per_s' => 4.12e-5];
    $answer = planned($warm);
    expect($answer->isFeasible())->toBeTrue()
        ->and($answer->deepest)->toBeLessThan(0.05)
        ->and(count($answer->layout->pours))->toBeGreaterThan(2);
    foreach ($answer->simulation->pours as $pour) {
        expect($pour->peakCelsius)->toBeLessThanOrEqual(40.0);
    }
});

it('waits with the first pour where what goes into the second must dry for weeks', function (): void {
    $answer = planned(['/inclusions/0/material/moisture_pct' => 14]);
    // Three weeks in air (common practice), 504 hours; poured at once the first would lie until it no longer bonds.
    expect($answer->joints)->toBe([Joint::Chemical, Joint::Chemical])
        ->and($answer->simulation->pours[0]->startHour)->toBeGreaterThan(400.0)
        ->and($answer->simulation->pours[1]->startHour)->toBeGreaterThan(504.0);
});

it('plans by day where no hours are given, says so, and begins on a quarter of an hour', function (): void {
    $answer = planned(['/studio' => ['start' => '2026-03-02T08:00', 'scale_step_g' => 0.1]]);
    expect(Facts::words($answer->findings))->toContain('hours-assumed')
        ->and(Facts::words(planned()->findings))->not->toContain('hours-assumed');
    foreach ($answer->simulation->pours as $pour) {
        $clock = fmod(8.0 + $pour->startHour, 24.0);
        expect($clock)->toBeGreaterThanOrEqual(7.0)->toBeLessThan(22.0)
            ->and(fmod(4.0 * $pour->startHour + 1e-6, 1.0))->toBeLessThan(1e-5);
    }
    // Without a clock there is neither day nor night.
    expect(Facts::words(planned(['/studio' => ['scale_step_g' => 0.1]])->findings))->not->toContain('hours-assumed');
});

it('pours as many times as it must and no more, as even as it can, where the deepest would cook', function (): void {
    // 60 mm; the fewest that are cool are found by looking at every number of even pours.
    $warm = ['/ambient/celsius'       => 28, '/inclusions' => [], '/studio/max_peak_celsius' => 42, '/studio/hours' => [],
        '/resins/0/kinetics/k1_per_s' => 4.95e-6, '/resins/0/kinetics/k2_per_s' => 6.18e-5];
    $answer = planned($warm);
    $count = count($answer->layout->pours);
    expect($answer->isFeasible())->toBeTrue()->and($count)->toBeGreaterThan(2);
    $even = fn(int $many): array => ['/pours' => array_map(fn(int $k): array => [
        'resin' => 'deep', 'depth_mm' => 60.0 / $many, 'start_h' => 0.0,
    ], range(0, $many - 1))];
    $fewer = (new Planner(new SharedCalibrations()))->timed(Plans::read($even($count - 1) + $warm))->simulation;
    expect(max(array_map(fn($pour): float => $pour->peakCelsius, $fewer->pours)))->toBeGreaterThan(42.0);
});

it('says why nothing can be planned', function (array $changes, string $code): void {
    $answer = planned($changes);
    expect($answer->isFeasible())->toBeFalse()
        ->and(Facts::words($answer->reasons))->toContain($code)
        ->and($answer->reasons[0]->pointer)->toStartWith('/');
})->with([
    'stands out'       => [['/inclusions/0/target_bottom_mm' => 40], 'uncovered'],
    'floats off'       => [['/inclusions/0/size_mm' => [28, 28, 6], '/inclusions/0/hold' => 'rest'], 'floats-off'],
    'below all layers' => [
        ['/inclusions/0/target_bottom_mm' => 2, '/inclusions/0/tolerance_mm' => 1, '/inclusions/0/material/skeleton_g_cm3' => 9],
        'no-layer',
    ],
    'no time'      => [['/studio/hours' => [['days' => 'sun', 'from' => '10:00', 'to' => '10:15']]], 'no-time'],
    'frozen'       => [['/ambient/celsius' => -25], 'no-gel'],
    'a tower'      => [['/vessel/height_mm' => 2500, '/inclusions' => []], 'too-many-pours'],
    'cooks anyway' => [['/studio/max_peak_celsius' => 20], 'too-hot'],
]);

it('judges pours that are given, and refuses none', function (array $changes, string $code): void {
    expect(Facts::words(judgedPlan($changes)->findings))->toContain($code);
})->with([
    'thinner than the sheet' => [['/pours/0/depth_mm' => 4], 'below-least-pour'],
    'deeper than the sheet'  => [['/resins/0/sheet/max_pour_mm' => 30, '/resins/0/sheet/gel_mm' => 30], 'above-greatest-pour'],
    'onto liquid'            => [['/pours/1/start_h' => 10], 'on-liquid'],
    'too soft'               => [['/pours/1/start_h' => 52], 'before-recoat'],
    'too late'               => [['/pours/2/start_h' => 200], 'recoat-missed'],
    'not full'               => [['/pours/2/depth_mm' => 30], 'under-filled'],
    'fuller than wanted'     => [['/vessel/fill_mm' => 55], 'over-filled'],
    'uncovered'              => [['/inclusions/0/cover_mm' => 20], 'uncovered'],
    'no layer'               => [['/inclusions/0/target_bottom_mm' => 20], 'no-layer'],
    'lifted by its cover'    => [['/pours/1/depth_mm' => 30, '/pours/2/depth_mm' => 16], 'floats-off'],
    'in the wall'            => [['/inclusions/0/at_mm' => [35, 0]], 'outside-vessel'],
    'into each other'        => [
        [
            '/inclusions/1' => [
                'id'           => 'coin', 'shape' => 'disc', 'size_mm' => [20, 20, 3], 'at_mm' => [10, 0], 'target_bottom_mm' => 26,
                'tolerance_mm' => 1, 'material' => ['skeleton_g_cm3' => 8.5],
            ],
        ],
        'objects-overlap',
    ],
    'bare and porous'         => [['/inclusions/0/sealed_coats' => 0], 'seal-first'],
    'damp'                    => [['/inclusions/0/material/moisture_pct' => 15], 'dry-first'],
    'too hot for the object'  => [['/inclusions/0/material/max_celsius' => 22], 'object-too-hot'],
    'too hot for the artist'  => [['/studio/max_peak_celsius' => 22], 'too-hot'],
    'running away'            => [['/resins/0/kinetics/k2_per_s' => 1e-3, '/resins/0/kinetics/k1_per_s' => 1e-4], 'runaway'],
    'too small for the scale' => [['/studio/scale_step_g' => 2], 'ratio-error'],
    'far too small for it'    => [['/studio/scale_step_g' => 20], 'ratio-refused'],
    'never sets'              => [['/ambient/celsius' => -25], 'no-gel'],
]);

it('finds nothing wrong with a plan that is right', function (): void {
    expect(Facts::words(judgedPlan(['/studio/hours' => []])->findings))->toBe([]);
});

it('offers the smallest change that mends', function (): void {
    $wrong = ['/inclusions/0/target_bottom_mm' => 27, '/inclusions/0/sealed_coats' => 0];
    $left = fn(array $changes): array => ($draft = Draft::of($plan = Plans::read($changes)))->layout === null
        ? $draft->reasons
        : Judges::ofLayout($plan, $draft->layout);
    $mends = array_values(array_filter(array_map(fn(Finding $one) => $one->mend, $left($wrong))));
    expect($mends)->not->toBe([]);
    foreach ($mends as $mend) {
        expect(count($left([...$wrong, $mend->pointer => $mend->value])))->toBeLessThan(count($left($wrong)));
    }
});

it('is the same plan however it is asked', function (): void {
    // Pours that were found, given back as pours, must be judged to do what was said of them.
    $answer = planned();
    $pours = [];
    foreach ($answer->layout->pours as $k => $pour) {
        $pours[] = ['resin' => 'deep', 'depth_mm' => 1e3 * $pour->depth(), 'start_h' => $answer->simulation->pours[$k]->startHour];
    }
    $again = Simulation::of(Plans::read(['/pours' => $pours]), new SharedCalibrations());
    foreach ($again->pours as $k => $pour) {
        expect($pour->peakCelsius)->toEqualWithDelta($answer->simulation->pours[$k]->peakCelsius, 1e-9)
            ->and($pour->recoatOpens)->toEqualWithDelta($answer->simulation->pours[$k]->recoatOpens, 1e-9);
    }
});
