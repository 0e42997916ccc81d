<?php

declare(strict_types=1);

use Pensilis\Answer\Planner;
use Pensilis\Batching\Batch;
use Pensilis\Batching\Device;
use Pensilis\Batching\MarkedCup;
use Pensilis\Batching\Measured;
use Pensilis\Batching\Scale;
use Pensilis\Batching\Spoon;
use Pensilis\Bench\Act;
use Pensilis\Bench\ActKind;
use Pensilis\Bench\PourActs;
use Pensilis\Exception\ImpossibleValue;
use Pensilis\Judgement\BatchJudge;
use Pensilis\Layout\ColourCup;
use Pensilis\Layout\Layout;
use Pensilis\Resin\MixRatio;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Tests\Plans;
use Tests\RandomPlans;
use Tests\SharedCalibrations;

/** The least cost of all pairs that there are, tried one after the other. */
function leastOf(Device $device, MixRatio $ratio, float $grams): float
{
    $step = $device->step();
    [$ga, $gb] = [$device->grams($step, $ratio->gramsA()), $device->grams($step, $ratio->gramsB())];
    [$right, $least] = [$ratio->byMass() * $ga / $gb, INF];
    for ($i = 1; $i * $ga < (1.0 + min($least, 300.0)) * $grams + 300.0 * $ga; $i++) {
        // All that are in the ratio.
        $most = $i * $right * (1.0 + $ratio->tolerance) + 1e-9;
        for ($j = max(1, (int) floor($i * $right * (1.0 - $ratio->tolerance))); $j <= $most; $j++) {
            $off = abs($j / ($i * $right) - 1.0);
            $whole = $i * $ga + $j * $gb;
            if ($off <= $ratio->tolerance + 1e-9 && $whole >= $grams * (1.0 - 1e-9) && $device->takes($i * $step, $j * $step)) {
                $least = min($least, $whole / $grams - 1.0 + $off);
            }
        }
    }

    return $least;
}

it('finds the pair that no other pair of marks or steps betters', function (): void {
    mt_srand(27);
    for ($n = 0; $n < 500; $n++) {
        [$a, $b] = [800.0 + mt_rand(0, 500), 800.0 + mt_rand(0, 500)];
        $ratio = (mt_rand(0, 1) === 1
            ? MixRatio::byVolume(mt_rand(1, 5), mt_rand(1, 3), $a, $b)
            : MixRatio::byWeight(100.0, mt_rand(20, 100), $a, $b))->within([0.01, 0.03, 0.08][mt_rand(0, 2)]);
        $device = [
            MarkedCup::withMarks(mt_rand(20, 400) / 10.0, mt_rand(0, 1) === 1 ? 400.0 : null),
            Scale::withStep([1.0, 5.0][mt_rand(0, 1)], 300.0), Spoon::holding(mt_rand(5, 30)),
        ][mt_rand(0, 2)];
        $grams = mt_rand(20, 2500) / 10.0;
        [$found, $least] = [Measured::of($device, $ratio, $grams), leastOf($device, $ratio, $grams)];
        expect($found === null ? INF : $found->total() / $grams - 1.0 + abs($found->off()))->toEqualWithDelta($least, 1e-6);
        if ($found !== null) {
            expect($found->total())->toBeGreaterThanOrEqual($grams * (1.0 - 1e-8))
                ->and(abs($found->off()))->toBeLessThanOrEqual($ratio->tolerance + 1e-8)
                ->and(fmod($found->a / $device->step() + 1e-6, 1.0))->toBeLessThan(2e-6);
        }
    }
});

// Common practice: both are filled to printed marks, in the ratio of the label, and what is over is held back.
it('fills marked cups to marks, in the ratio and never short', function (
    float $marks,
    float $parts,
    float $millilitres,
    float $a,
    float $b,
): void {
    // Both of the same density, so that millilitres of mix are those of A and B together.
    $found = Measured::of(MarkedCup::withMarks($marks), MixRatio::byVolume($parts, 1.0, 1100.0, 1100.0), 1.1 * $millilitres);
    expect([$found?->a, $found?->b])->toEqual([$a, $b]);
})->with([
    // A quarter of a US fluid ounce is 7.39 ml (NIST SP 811).
    '2 : 1 on quarters of an ounce' => [7.4, 2.0, 81.0, 59.2, 29.6],
    '3 : 1 on 5 ml, exact'          => [5.0, 3.0, 612.0, 465.0, 155.0],
    '3 : 1 on 20 ml'                => [20.0, 3.0, 612.0, 480.0, 160.0],
    '1 : 1 on 10 ml'                => [10.0, 1.0, 60.0, 30.0, 30.0],
    '1 : 1, a little more'          => [10.0, 1.0, 68.0, 40.0, 40.0],
    '1 : 1 on 30 ml'                => [30.0, 1.0, 237.0, 120.0, 120.0],
]);

it('refuses no cup whose A and B lie on marks', function (float $marks, float $millilitres): void {
    $resin = Plans::resin();
    $batch = Batch::of($resin, 1e-6 * $millilitres, MarkedCup::withMarks($marks), 4.0);
    expect($batch->isRefused())->toBeFalse()->and($batch->over())->toBeGreaterThanOrEqual(0.0);
})->with([[10.0, 70.0], [30.0, 230.0], [14.8, 235.0], [7.4, 80.0]]);

it('gives each mix its own loss, and tells the sum of the readings as the whole', function (): void {
    // Six vessels of 45.25 ml at 1.1 are 298.65 g. In three mixes each holds 99.55 + 4 g.
    $batch = Batch::of(Plans::resin(), 6 * 45.25e-6, Scale::withStep(0.1))->parted(3);
    expect($batch->needEach())->toEqualWithDelta(298.65 / 3.0 + 4.0, 1e-9)
        ->and($batch->loss)->toBe(12.0)
        ->and($batch->mixed())->toEqualWithDelta(3.0 * array_sum($batch->readings()), 1e-9)
        ->and($batch->mixed())->toBeGreaterThanOrEqual($batch->needed());
    [$a, $b] = $batch->readGrams();
    expect($a + $b)->toEqualWithDelta($batch->mixed(), 1e-9);
});

it('finds the least of a ratio that hardly knows any B, at once', function (): void {
    // One step of B to a million of A: nothing smaller is in the ratio.
    $found = Measured::of(Scale::withStep(0.1), MixRatio::byWeight(10_000.0, 0.01, 1100.0, 1000.0), 50.0);
    expect([$found?->b, $found?->off()])->toEqualWithDelta([0.1, 0.03], 0.001);
    expect(Measured::of(Scale::withStep(0.1, 500.0), MixRatio::byWeight(10_000.0, 0.01, 1100.0, 1000.0), 50.0))->toBeNull();
});

it('keeps to what a resin forgives', function (): void {
    $narrow = MixRatio::byWeight(100.0, 45.0, 1130.0, 980.0)->within(0.005);
    $found = Measured::of(MarkedCup::withMarks(10.0), $narrow, 100.0);
    expect(abs($found?->off() ?? 1.0))->toBeLessThanOrEqual(0.005);
    expect(fn() => $narrow->within(0.0))->toThrow(ImpossibleValue::class, 'ratio-tolerance');
});

/** Two pours, the upper one so many minutes after the lower and onto it while it is wet. */
function wetPours(float $minutes): array
{
    return Plans::changed(['/inclusions' => [], '/vessel/fill_mm' => 10.0, '/pours' => [
        ['resin' => 'deep', 'depth_mm' => 5, 'start_h' => 0],
        ['resin' => 'deep', 'depth_mm' => 5, 'start_h' => $minutes / 60.0, 'joint' => 'wet'],
    ]], Plans::coneWithPours());
}

// Common practice: what goes on within one session comes out of one cup.
it('mixes once for what is poured wet on wet', function (): void {
    [$lower, $upper] = Layout::given(Plans::read([], wetPours(12.0)))->pours;
    // 31.81 ml at 1.08 each, and 4 g once; both shrink by 1/27, which the last makes up for.
    $each = M_PI * 45.0 ** 2 * 5.0 * 1.08e-3;
    expect($lower->batch->needed())->toEqualWithDelta(2.0 * $each * 28.0 / 27.0 + 4.0, 1e-6)
        ->and($upper->batch->isShared)->toBeTrue()
        ->and([$upper->batch->mixed(), $upper->batch->readings()])->toBe([0.0, [0.0, 0.0]])
        ->and($upper->batch->mass)->toEqualWithDelta($each, 1e-6)
        ->and((new BatchJudge($upper->batch, 1))->findings())->toBe([]);
    // Later than a cup lives (180 minutes by its sheet) it is mixed by itself.
    [$lower, $upper] = Layout::given(Plans::read([], wetPours(190.0)))->pours;
    expect($upper->batch->isShared)->toBeFalse()
        ->and($lower->batch->needed())->toEqualWithDelta($each + 4.0, 1e-6);
});

it('stirs no second time for it, and counts from the first contact', function (): void {
    $answer = (new Planner(new SharedCalibrations()))->judge(Plans::read([], wetPours(40.0)));
    $pours = array_values(array_filter($answer->tasks, fn(Task $task): bool => $task->kind === TaskKind::Pour));
    $acts = PourActs::of($answer->plan, $answer->layout, 1)->all();
    expect(array_filter($acts, fn(Act $act): bool => $act->kind === ActKind::Mix))->toBe([])
        ->and($pours[1]->what->name)->toBe('pour-on')
        ->and($pours[1]->handling->contact)->toBe($pours[0]->handling->contact)
        ->and($pours[1]->handling->placed)->toBeGreaterThan($pours[1]->start);
});

// Of any piece: what is measured is never less than what is poured and stays behind, the ratio is kept, and the cups of a coat hold what
// goes into it, each colour at one strength once.
it('mixes enough and in the ratio whatever the piece', function (): void {
    $devices = [
        [], ['/studio/measure_by' => 'cup', '/studio/cup_step_ml' => 7.4], ['/studio/measure_by' => 'spoon', '/studio/spoon_ml' => 5],
        ['/studio/scale_step_g' => 1, '/studio/scale_limit_g' => 500],
    ];
    $seen = 0;
    foreach (range(1, 60) as $seed) {
        $document = $seed % 5 === 0 ? Plans::coloured() : RandomPlans::of($seed);
        $plan = Plans::read($devices[$seed % 4] + ['/studio/held_back_pct' => $seed % 3 * 5, '/pieces' => 1 + $seed % 4], $document);
        foreach ($plan->pours === [] ? [] : Layout::given($plan)->pours as $pour) {
            $batch = $pour->batch;
            $held = array_sum(array_map(fn(ColourCup $one): float => $one->pours + $one->topUp, $pour->cups));
            expect($held)->toEqualWithDelta($batch->mass + $batch->topUp, 0.06 + 0.06 * count($pour->portions->all))
                ->and(count(array_unique(array_map(fn(ColourCup $one): string => $one->recipe->key(), $pour->cups))))
                ->toBe(count($pour->cups));
            if ($batch->each !== null) {
                $seen++;
                $poured = $batch->mass + $batch->also + $batch->topUp + $batch->held + $batch->loss;
                expect($batch->mixed())->toBeGreaterThanOrEqual($poured * (1.0 - 1e-8))
                    ->and($batch->mixed())->toEqualWithDelta($batch->mixes * $batch->each->total(), 1e-9)
                    ->and(abs($batch->each->off()))->toBeLessThanOrEqual($pour->resin->ratio->tolerance + 1e-8)
                    ->and($batch->device->takes($batch->each->a, $batch->each->b))->toBeTrue();
            }
        }
    }
    expect($seen)->toBeGreaterThan(50);
});
