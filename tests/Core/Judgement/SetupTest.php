<?php

declare(strict_types=1);

use Pensilis\Answer\EndTasks;
use Pensilis\Answer\Planner;
use Pensilis\Answer\PrepList;
use Pensilis\Fact\Fact;
use Pensilis\Finding\Finding;
use Pensilis\Judgement\Judges;
use Pensilis\Layout\Layout;
use Pensilis\Material\Sealer;
use Pensilis\Plan\Finish;
use Pensilis\Plan\Making;
use Pensilis\Plan\Plan;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\Simulation\Simulation;
use Tests\Facts;
use Tests\Plans;
use Tests\SharedCalibrations;

/**
 * @param array<string, mixed> $changes
 *
 * @return array<string, Finding> by code
 */
function said(array $changes): array
{
    $plan = Plans::read($changes, Plans::coneWithPours());
    $found = Judges::ofLayout($plan, Layout::given($plan));

    return array_combine(array_map(fn(Finding $one): string => $one->code->word(), $found), $found);
}

it('asks of the resin what the use asks', function (): void {
    expect(Facts::line(said(['/purpose/use' => 'hot-cups'])['heat-rating']))->toBe(
        'heat-rating.unsaid least_celsius=70 use=hot-cups resin=Slow deep-cast',
    )
        ->and(Facts::line(
            said(['/purpose/use' => 'hot-cups', '/resins/0/sheet/heat_deflection_celsius' => 52])['heat-rating'],
        ))->toStartWith('heat-rating least_celsius=70 bears_celsius=52')
        ->and(said(['/purpose/use' => 'hot-cups', '/resins/0/sheet/heat_deflection_celsius' => 82]))->not->toHaveKey('heat-rating')
        ->and(said([]))->not->toHaveKey('heat-rating');
});

it('asks it of every resin that is poured: the one that bears least counts', function (): void {
    $slow = Plans::cone()['resins'][0];
    $tough = ['heat_deflection_celsius' => 82] + $slow['sheet'];
    $both = fn(array $sheet): array => [
        '/purpose/use' => 'hot-cups', '/pours/2/resin' => 'top',
        '/resins'      => [['sheet' => $tough] + $slow, ['id' => 'top', 'name' => 'Top coat', 'sheet' => $sheet] + $slow],
    ];
    $weak = said($both(['heat_deflection_celsius' => 50] + $slow['sheet']))['heat-rating'];
    expect($weak->pointer)->toBe('/resins/1/sheet/heat_deflection_celsius')->and($weak->figures()['bears_celsius'])->toBe(50.0)
        ->and(said($both($slow['sheet']))['heat-rating']->code->value)->toBe('heat-rating.unsaid')
        ->and(said($both($tough)))->not->toHaveKey('heat-rating');
    // A heat-resistant top coat keeps a hot cup from what lies below it, on the face that it covers (common practice); not the sun.
    $below = fn(array $changes): array => said($changes + [
        '/pours/0/resin' => 'top', '/pours/1/resin' => 'top', '/pours/2/resin' => $slow['id'],
    ] + $both(['heat_deflection_celsius' => 42] + $slow['sheet']));
    expect($below([]))->not->toHaveKey('heat-rating')
        ->and($below(['/vessel/viewed' => 'bottom']))->toHaveKey('heat-rating')
        ->and($below(['/purpose/finish' => 'flood']))->toHaveKey('heat-rating')
        ->and($below(['/purpose/use' => 'window']))->toHaveKey('heat-rating');
});

it('wants a serving tray thick enough, and mends it where the vessel allows', function (): void {
    $thin = said(['/purpose/use' => 'serving', '/vessel/fill_mm' => 6]);
    expect(Facts::line($thin['too-thin']))->toBe('too-thin least_mm=8 fill_mm=6 use=serving')
        ->and($thin['too-thin']->mend?->value)->toBe(8.0)
        ->and(said(['/purpose/use' => 'serving']))->not->toHaveKey('too-thin');
});

// Drill slowly to half the thickness, 5–6 mm, and clear of what lies inside: common practice.
it('keeps objects out from under handles', function (array $fitting, bool $hit): void {
    $said = said(['/purpose/fittings' => [$fitting + ['kind' => 'handle', 'radius_mm' => 4]]]);
    expect(isset($said['under-fitting']))->toBe($hit);
})->with([
    // The cone ends 12 mm below the face and is 28 mm wide.
    'far above it'            => [['at_mm' => [0, 0], 'depth_mm' => 6], false],
    'down into it'            => [['at_mm' => [0, 0], 'depth_mm' => 11], true],
    'beside it'               => [['at_mm' => [30, 0], 'depth_mm' => 11], false],
    'from the floor, short'   => [['at_mm' => [0, 0], 'depth_mm' => 6, 'from' => 'bottom'], false],
    'from the floor, into it' => [['at_mm' => [0, 0], 'depth_mm' => 15, 'from' => 'bottom'], true],
]);

it('lets no hole go deeper than half the thickness', function (): void {
    $said = said(['/purpose/fittings' => [['at_mm' => [30, 0], 'radius_mm' => 4, 'depth_mm' => 40]]]);
    expect($said['hole-too-deep']->mend?->value)->toBe(30.0);
});

// A tilt over a span L raises one side by L tan θ: geometry; warned of above a fifth of the pour or the freeboard.
it('tells of a slope by its rise across the vessel', function (): void {
    $level = fn(float $rise): array => ['/vessel/level' => ['rise_mm' => $rise, 'over_mm' => 200]];
    // 90 mm across: 8 mm over 200 mm are 3.6 mm; a fifth of 12 mm is 2.4 mm.
    expect(Facts::line(said($level(8.0))['tilted']))->toBe('tilted rise_mm=3.6 pour=2 depth_mm=12 most_mm=2.4')
        ->and(said($level(5.0)))->not->toHaveKey('tilted')
        ->and(Facts::line(said($level(8.0))['runs-over']))->toBe('runs-over higher_mm=1.8 free_mm=0 fill_mm=58.2')
        ->and(said($level(8.0))['runs-over']->mend?->value)->toBe(58.2)
        ->and(said($level(0.0)))->not->toHaveKeys(['tilted', 'runs-over']);
});

it('mixes once for all that are poured alike', function (): void {
    [$one, $four] = [
        Layout::given(Plans::read([], Plans::coneWithPours())),
        Layout::given(Plans::read(['/pieces' => 4], Plans::coneWithPours())),
    ];
    foreach ($one->pours as $k => $pour) {
        expect($four->pours[$k]->volume)->toBe($pour->volume)
            ->and($four->pours[$k]->batch->mass)->toEqualWithDelta(4.0 * $pour->batch->mass, 1e-9)
            ->and($four->pours[$k]->batch->loss)->toBe($pour->batch->loss);
    }
});

// Area × relief and perimeter × edge × film: arithmetic.
it('counts relief under the first coat and edges under the last', function (): void {
    $plain = Layout::given(Plans::read([], Plans::coneWithPours()));
    $rough = Layout::given(Plans::read(['/vessel/relief_mm' => 2, '/vessel/edge_mm' => 10], Plans::coneWithPours()));
    // Measured to be twice as thick, it takes twice as much.
    $thick = Layout::given(Plans::read(['/vessel/edge_mm' => 10, '/vessel/edge_film_mm' => 1], Plans::coneWithPours()));
    expect(1e6 * ($thick->pours[2]->volume - $plain->pours[2]->volume))->toEqualWithDelta(M_PI * 9.0 * 1.0 * 0.1, 1e-9);
    expect(1e6 * ($rough->pours[0]->volume - $plain->pours[0]->volume))->toEqualWithDelta(M_PI * 4.5 ** 2 * 0.2, 1e-9)
        ->and($rough->pours[1]->volume)->toBe($plain->pours[1]->volume)
        ->and(1e6 * ($rough->pours[2]->volume - $plain->pours[2]->volume))->toEqualWithDelta(M_PI * 9.0 * 1.0 * 0.05, 1e-9);
});

it('pours a compartment first and its neighbour once it holds its shape', function (): void {
    $first = ['name' => 'rim', 'shape' => 'box', 'length_mm' => 80, 'width_mm' => 20, 'height_mm' => 30];
    $plan = Plans::read(['/vessel/compartments' => [$first]], Plans::cone());
    $answer = (new Planner(new SharedCalibrations()))->plan($plan);
    $starts = [];
    foreach ($answer->tasks as $task) {
        $starts[$task->kind->value] ??= $task->start;
    }
    // The deep resin gels in a day or two at 21 °C; the first pour waits for that.
    expect($starts['pour'] - $starts['compartment'])->toBeGreaterThan(20.0)
        ->and(array_values(array_filter($answer->tasks, fn($task): bool => $task->kind->value === 'compartment'))[0]->what->values)
        // 100 : 45 by weight.
        ->toEqualWithDelta(['name' => 'rim', 'mix_g' => 55.84, 'a_g' => 55.84 / 1.45, 'b_g' => 55.84 * 0.45 / 1.45], 0.2);
    // Hands that seal the cone are at nothing else, and the vessel is ready before anything is poured into it.
    $work = array_values(array_filter($answer->tasks, fn($task): bool => $task->kind->isWork()));
    foreach ($work as $n => $task) {
        expect($task->end)->toBeLessThanOrEqual(($work[$n + 1]->start ?? INF) + 1e-6);
    }
    expect(array_values(array_filter($work, fn($task): bool => $task->what->name === 'prepare'))[0]->end)
        ->toEqualWithDelta($starts['compartment'], 1e-9);
    // A neighbour that is poured two minutes after it runs into it.
    $words = fn(float $start): array => Facts::words((new Planner(new SharedCalibrations()))->judge(Plans::read([
        '/vessel/compartments' => [$first], '/pours/0/start_h' => $start, '/pours/1/start_h' => 150, '/pours/2/start_h' => 230,
    ], Plans::coneWithPours()))->findings);
    expect($words(0.03))->toContain('compartment-not-set')->and($words(100.0))->not->toContain('compartment-not-set');
});

it('pours a compartment of its own colour round what lies in it', function (): void {
    $beads = ['name' => 'bead', 'volume_ml' => 0.5, 'count' => 16];
    $first = [
        'name' => 'rim', 'shape' => 'box', 'length_mm' => 80, 'width_mm' => 20, 'height_mm' => 30, 'objects' => [$beads],
        'mix'  => [['colour' => 'blue', 'drops_per_10_ml' => 0.5], ['colour' => 'white', 'pct' => 2]],
    ];
    $document = Plans::coloured();
    $document['vessel']['compartments'] = [$first];
    $task = array_values(array_filter(
        (new Planner(new SharedCalibrations()))->timed(Plans::read([], $document))->tasks,
        fn($task): bool => $task->kind->value === 'compartment',
    ))[0]->what;
    // By hand: 48 ml less 16 of 0.5 ml are 40 ml, 43.2 g at 1.08 g/ml and 4 g that the cup keeps: 47.2 g or 43.7 ml; 2.2 drops and 0.94 g.
    expect($task->name)->toBe('compartment.coloured')->and($task->values['mix_g'])->toEqualWithDelta(47.2, 0.11)
        ->and($task->values['doses'][0]->values)->toBe(['drops' => 2.2, 'colour' => 'Blue ink'])
        ->and($task->values['doses'][1]->values['dose_g'])->toEqualWithDelta(0.944, 0.003);
    $document['vessel']['compartments'][0]['objects'][0]['count'] = 100;
    expect(fn() => Plans::read([], $document))->toThrow(PlanRefused::class);
});

it('reckons what a form asks of the sheet that is draped over it', function (): void {
    $form = ['foot_mm' => 60, 'width_mm' => 120, 'depth_mm' => 40];
    $sheet = fn(float $across): Plan => Plans::read([
        '/vessel' => ['shape' => 'panel', 'length_mm' => $across, 'width_mm' => $across, 'dam_mm' => 4, 'made' => 'sheet', 'form' => $form,
            'wall'            => ['material' => 'silicone', 'thickness_mm' => 4]],
        '/inclusions' => [], '/pours' => [['resin' => 'deep', 'depth_mm' => 4, 'start_h' => 0]],
    ], Plans::coneWithPours());
    // By hand: the wall is the hypotenuse of 30 and 40 mm, 50; so 60 + 2 · 50 = 160 mm. Of 110 mm, half of the wall: 20 mm deep.
    [$whole, $short] = [$sheet(160.0), $sheet(110.0)];
    expect(1e3 * $whole->setup->form->sheet())->toEqualWithDelta(160.0, 1e-9)
        ->and(1e3 * $whole->setup->form->depthOf(0.110))->toEqualWithDelta(20.0, 1e-9)
        ->and(Facts::words(Judges::ofLayout($whole, Layout::given($whole))))->not->toContain('sheet-short')
        ->and(Facts::words(Judges::ofLayout($short, Layout::given($short))))->toContain('sheet-short');
    $drape = array_values(array_filter(
        EndTasks::of(Simulation::of($short, new SharedCalibrations())),
        fn($task): bool => $task->kind->value === 'drape',
    ))[0]->what;
    expect($drape->name)->toBe('drape.form')->and($drape->values['depth_mm'])->toEqualWithDelta(20.0, 1e-9);
});

it('drapes a sheet about its gel, and ends as the finish asks', function (): void {
    $plan = Plans::read(['/vessel/made' => 'sheet', '/purpose/finish' => 'flood']);
    $answer = (new Planner(new SharedCalibrations()))->plan($plan);
    $drape = array_values(array_filter($answer->tasks, fn($task): bool => $task->kind->value === 'drape'))[0];
    $last = $answer->simulation->pours[count($answer->simulation->pours) - 1];
    expect($drape->start)->toBeLessThan($last->onClock($last->gelFirst))
        ->and($drape->end)->toBeGreaterThan($last->onClock($last->gelLast))
        ->and(array_map(fn($task): string => $task->kind->value, $answer->tasks))->toContain('finish');
});

it('lists what to make ready for every kind of vessel, with a reason each, and always the level', function (Making $making): void {
    $steps = PrepList::of(Plans::read(['/vessel/made' => $making->value])->setup, Finish::Mold);
    $names = array_map(fn(Fact $step): string => $step->name, $steps);
    expect(count($steps))->toBeGreaterThan(4)
        ->and(array_intersect(['level', 'drop-cloth', 'cover-box'], $names))->toHaveCount(3)
        ->and($names)->toBe(array_values(array_unique($names)));
})->with(Making::cases());

it('weighs and times coats by the school of sealing', function (Sealer $sealer): void {
    $cone = Plans::read(['/sealing/school' => $sealer->value])->inclusions[0];
    $bare = Plans::read(['/inclusions/0/sealed_coats' => 0])->inclusions[0];
    // Two coats of so much for each square metre.
    expect(
        ($cone->bulkDensity() - $bare->bulkDensity()) * $cone->envelope(),
    )->toEqualWithDelta(2.0 * $sealer->coatMass() * $cone->solid->surfaceArea(), 1e-12)
        ->and($sealer->last())->toBeGreaterThanOrEqual($sealer->between());
})->with(Sealer::cases());

it('asks for a test piece of what may change colour', function (): void {
    expect(Facts::line(said(['/inclusions/0/material/fades' => true])['test-first']))->toBe('test-first objects=cone')
        ->and(said([]))->not->toHaveKey('test-first');
});
