<?php

declare(strict_types=1);

use Pensilis\Answer\EndTasks;
use Pensilis\Answer\Planner;
use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Finding\Rework;
use Pensilis\Judgement\Judges;
use Pensilis\Layout\Draft;
use Pensilis\Layout\Finished;
use Pensilis\Layout\Layout;
use Pensilis\Plan\Fitting;
use Pensilis\Plan\Viewed;
use Pensilis\Plan\Yellowing;
use Pensilis\Scheduling\Task;
use Pensilis\Simulation\Simulation;
use Tests\Facts;
use Tests\Plans;
use Tests\SharedCalibrations;

/**
 * A board of 300 × 200 mm, 12 mm of wood (600 kg/m³), without a dam.
 *
 * @param list<float>          $depths  mm
 * @param array<string, mixed> $changes
 *
 * @return array<string, mixed>
 */
function onBoard(array $depths, array $changes = []): array
{
    return Plans::changed([
        '/vessel' => [
            'shape' => 'panel', 'length_mm' => 300, 'width_mm' => 200, 'dam_mm' => 0,
            'wall'  => ['material' => 'wood', 'thickness_mm' => 12], 'base' => ['material' => 'wood', 'thickness_mm' => 12],
        ],
        '/inclusions' => [],
        '/resins/0'   => [
            'sheet' => ['celsius' => 25, 'gel_h' => 3.5, 'min_pour_mm' => 1.5, 'max_pour_mm' => 6],
        ] + Plans::cone()['resins'][0],
        '/pours' => array_map(fn(float $mm, int $k): array => [
            'resin' => Plans::cone()['resins'][0]['id'], 'depth_mm' => $mm, 'start_h' => 10 * $k,
        ], $depths, array_keys($depths)),
    ] + $changes, Plans::cone());
}

/**
 * @param array<string, mixed> $document
 *
 * @return list<string>
 */
function foundOn(array $document): array
{
    $plan = Plans::read([], $document);
    $layout = Draft::of($plan)->layout;
    assert($layout !== null);

    return array_map(fn(Finding $one): string => Facts::line($one), Judges::ofLayout($plan, $layout));
}

it('takes coat upon coat on a panel without a dam, each a film of its own', function (): void {
    // Four coats of 2.5 mm make 10 mm, more than any one film; a coat of 4 mm runs off where 3 mm stay (1.5–3 mm: common practice).
    $coats = onBoard([2.5, 2.5, 2.5, 2.5]);
    $plan = Plans::read([], $coats);
    expect(Layout::given($plan)->level())->toEqualWithDelta(0.010, 1e-9)->and(foundOn($coats))->toBe([])
        ->and(foundOn(onBoard([2.5, 4.0])))->toBe(['runs-off pour=2 depth_mm=4 film_mm=3'])
        // Who has measured 2 mm is believed.
        ->and(foundOn(Plans::changed(['/vessel/film_mm' => 2], onBoard([2.0, 2.5]))))
        ->toBe(['runs-off pour=2 depth_mm=2.5 film_mm=2'])
        // Pours that are found keep to it as well.
        ->and(1e3 * Plans::read(['/pours' => []], $coats)->greatestPour())->toEqualWithDelta(3.0, 1e-9);
});

it('counts the ground that a piece stays on', function (): void {
    $document = onBoard([3.0], ['/purpose/use' => 'wall']);
    $plan = Plans::read([], $document);
    // By hand: 0.3 · 0.2 m² of 3 mm resin at 1080 kg/m³ and of 12 mm wood at 600.
    // A canvas that lies on that board weighs its cloth, 450 g/m², and a metre of bars 0.3 kg (memory): nothing of the board.
    $canvas = Plans::changed(['/vessel/made' => 'canvas'], $document);
    $onCanvas = Plans::read([], $canvas);
    expect(Finished::of($plan, Layout::given($plan))->kilograms)->toEqualWithDelta(0.06 * (0.003 * 1080.0 + 0.012 * 600.0), 1e-9)
        ->and(Finished::of($onCanvas, Layout::given($onCanvas))->kilograms)
        ->toEqualWithDelta(0.06 * (0.003 * 1080.0 + 0.45) + 0.3 * 1.0, 1e-6)
        // A 3 mm film on a board of 12 is no thin piece for a wall (4 mm: memory); a casting of 3 mm is.
        ->and(foundOn($document))->toBe([])
        ->and(implode(' ', foundOn(Plans::changed(['/vessel/made' => 'mold'], $document))))->toContain('too-thin')
        // Half of 15 mm may be drilled from the back.
        ->and(foundOn(Plans::changed(['/purpose/fittings' => [
            ['kind' => 'hook', 'at_mm' => [0, 60], 'radius_mm' => 6, 'depth_mm' => 7.5, 'from' => 'bottom'],
        ]], $document)))->toBe([]);
});

it('keeps the whole column free under a bolt, nothing under what is glued', function (
    string $fix,
    bool $isUnder,
    bool $isTooDeep,
): void {
    // The cone stands from 14 to 48 mm in the middle of a block of 60.
    $document = Plans::changed(['/purpose/fittings' => [
        ['kind' => 'handle', 'at_mm' => [0, 0], 'radius_mm' => 4, 'depth_mm' => 10, 'fix' => $fix],
    ]], Plans::coneWithPours());
    $found = implode(' ', foundOn($document));
    expect(str_contains($found, 'under-fitting'))->toBe($isUnder)->and(str_contains($found, 'hole-too-deep'))->toBe($isTooDeep);
})->with(['through' => ['through', true, false], 'glued' => ['glue', false, false], 'screwed' => ['screw', false, false]]);

it('tells holes, bolts and feet once the piece is cured', function (): void {
    $document = Plans::changed(['/purpose/fittings' => [
        ['kind' => 'handle', 'at_mm' => [-30, 0], 'radius_mm' => 4, 'fix' => 'through'],
        ['kind' => 'handle', 'at_mm' => [30, 0], 'radius_mm' => 4, 'fix' => 'through'],
        ['kind' => 'foot', 'at_mm' => [0, 30], 'radius_mm' => 4, 'fix' => 'stick'],
        ['kind' => 'stand', 'at_mm' => [0, -45], 'radius_mm' => 4, 'fix' => 'rest'],
        ['kind' => 'hook', 'at_mm' => [0, 40], 'radius_mm' => 2],
    ]], Plans::coneWithPours());
    $simulation = Simulation::of(Plans::read([], $document), new SharedCalibrations());
    $fits = array_values(array_filter(
        EndTasks::of($simulation),
        fn(Task $task): bool => str_starts_with($task->what->name, 'fit.'),
    ));
    $last = $simulation->pours[2];
    expect(array_map(fn(Task $task): string => $task->what->name, $fits))->toBe([
        // The hook is drilled from the open side, which is the one that is seen.
        'fit.through', 'fit.stick', 'fit.rest', 'fit.screw-face',
    ])
        ->and($fits[0]->what->values['holes'])->toBe(2)
        // 60 mm, 8 for washer and nut, in steps of 5.
        ->and($fits[0]->what->values['bolt_mm'])->toBe(70.0)
        // 60 mm and 3 to spare.
        ->and($fits[2]->what->values['lip_mm'])->toBe(63.0)
        ->and($fits[0]->start)->toBeGreaterThanOrEqual($last->startHour + $last->fullCure)
        ->and(1e3 * Fitting::bolt(0.0121))->toEqualWithDelta(25.0, 1e-9);
});

it('pulls the tape while the rim is soft where that is the school and the hours leave it, else next day', function (
    array $changes,
    array $told,
): void {
    $document = Plans::changed($changes + ['/vessel/made' => 'canvas'], Plans::coneWithPours());
    $simulation = Simulation::of(Plans::read([], $document), new SharedCalibrations());
    $tasks = array_values(array_filter(
        EndTasks::of($simulation),
        fn(Task $task): bool => in_array($task->what->name, ['pull-tape', 'pull-tape-soft', 'off-props'], true),
    ));
    expect(array_map(fn(Task $task): string => $task->what->name, $tasks))->toBe($told);
    if ($told[0] === 'pull-tape-soft') {
        $last = $simulation->pours[2];
        expect($tasks[0]->start - $last->startHour)->toBeGreaterThan($last->surfaceSets - 1e-9)
            ->and($tasks[0]->end - $last->startHour)->toBeLessThanOrEqual($last->recoatOpens);
    }
})->with([
    'nothing is said' => [[], ['pull-tape']],
    'soft'            => [['/tape/school' => 'soft', '/studio/hours' => [
        ['days' => 'mon-sun', 'from' => '00:00', 'to' => '24:00'],
    ]], ['pull-tape-soft', 'off-props']],
    // Wednesdays from 10 to 12 alone.
    'soft, with no one in' => [['/tape/school' => 'soft', '/studio/start' => '2026-03-02T10:00', '/studio/hours' => [
        ['days' => 'wed', 'from' => '10:00', 'to' => '12:00'],
    ]], ['pull-tape']],
]);

it('puts the trace into the coats that are looked through first', function (Viewed $viewed, array $traced): void {
    $pours = array_filter([0, 1, 2], fn(int $k): bool => Yellowing::First->isIn($k, 3, $viewed));
    expect(array_values($pours))->toBe($traced);
})->with([
    'the open side' => [Viewed::Top, [2]], 'the floor' => [Viewed::Bottom, [0]], 'both' => [Viewed::Both, [0, 2]],
    'the sides'     => [Viewed::Sides, [0, 1, 2]],
]);

it('lets a thing stand proud: only what is below the surface displaces', function (): void {
    // A block of 20 × 20 × 20 mm on the layer at 48, in 60 mm: 8 mm of it stand out.
    $proud = ['/inclusions/0' => [
        'id'               => 'crystal', 'shape' => 'box', 'size_mm' => [20, 20, 20], 'at_mm' => [0, 0],
        'target_bottom_mm' => 48, 'tolerance_mm' => 0.5,
        'cover_mm'         => -8, 'material' => ['skeleton_g_cm3' => 2.65],
    ]];
    $plan = Plans::read($proud + ['/pours' => [
        ['resin' => 'deep', 'depth_mm' => 48, 'start_h' => 0], ['resin' => 'deep', 'depth_mm' => 12, 'start_h' => 40],
    ]], Plans::cone());
    $layout = Layout::given($plan);
    // By hand: π · 45² · 12 mm³ less 20 · 20 · 12.
    expect(1e6 * $layout->pours[1]->volume)->toEqualWithDelta(M_PI * 4.5 ** 2 * 1.2 - 4.8, 1e-6)
        ->and(1e3 * Finished::of($plan, $layout)->kilograms)->toEqualWithDelta((M_PI * 4.5 ** 2 * 6.0 - 4.8) * 1.08 + 8.0 * 2.65, 1e-6)
        ->and(Facts::words(Judges::ofLayout($plan, $layout)))->not->toContain('uncovered')
        // Pours are found for it; without being meant it would stand out.
        ->and(Draft::found($plan)->layout)->not->toBeNull()
        ->and(Draft::found(Plans::read($proud + ['/inclusions/0/cover_mm' => 0], Plans::cone()))->layout)->toBeNull();
});

it('tells who asks for the gloss of the mold that the open side has none', function (array $changes, bool $told): void {
    expect(in_array('open-side-seen', foundOn(Plans::changed($changes, Plans::coneWithPours())), true))->toBe($told);
})->with([
    'the open side seen'  => [['/purpose/finish' => 'mold'], true],
    'the floor seen'      => [['/purpose/finish' => 'mold', '/vessel/viewed' => 'bottom'], false],
    'flooded'             => [['/purpose/finish' => 'flood'], false],
    'a board has no mold' => [['/purpose/finish' => 'mold', '/vessel/made' => 'canvas'], false],
]);

it('levels raised decoration with the coat above it, by height and area', function (): void {
    // By hand: 30 × 20 mm of sequins 1.5 mm high take 0.9 ml more of the coat that levels them, and of no other.
    $sequins = ['kind' => 'adhesive', 'size_mm' => [30, 20], 'raised_mm' => 1.5];
    $raised = Plans::changed(['/pours/0/applied' => [$sequins]], Plans::coneWithPours());
    [$with, $without] = array_map(
        fn(array $document): array => Layout::given(Plans::read([], $document))->pours,
        [$raised, Plans::coneWithPours()],
    );
    expect(1e6 * ($with[1]->volume - $without[1]->volume))->toEqualWithDelta(0.9, 1e-6)
        ->and($with[0]->volume)->toEqualWithDelta($without[0]->volume, 1e-12)
        ->and($with[2]->volume)->toEqualWithDelta($without[2]->volume, 1e-12);
});

it('levels a line of glue by length, width and film, and waits for each of its coats', function (): void {
    // By hand: 200 × 3 × 1 mm are 0.6 ml. Three coats of paint at 0.35 h with an hour to dry after each, and 0.1 h left over.
    $glue = ['kind' => 'adhesive', 'line_mm' => [200, 3, 1]];
    $lines = Plans::read(['/pours/0/applied' => [$glue, ['kind' => 'paint', 'coats' => 3]]], Plans::coneWithPours());
    $plain = Layout::given(Plans::read([], Plans::coneWithPours()))->pours;
    $paint = $lines->pours[0]->coat->applied[1];
    expect(1e6 * (Layout::given($lines)->pours[1]->volume - $plain[1]->volume))->toEqualWithDelta(0.6, 1e-6)
        ->and($paint->hands())->toEqualWithDelta(3 * 0.35 + 2 * 1.0, 1e-9)
        ->and($paint->takes())->toEqualWithDelta(3 * 1.35 + 0.1, 1e-9)
        ->and($lines->pours[0]->coat->applied[0]->fact()->values['line_ml'])->toEqualWithDelta(0.6, 1e-9);
});

it('tells how much leaf, flakes or grains an area takes', function (): void {
    $flakes = ['kind' => 'scatter', 'size_mm' => [50, 40], 'g_per_cm2' => 0.02];
    $applied = Plans::read(['/pours/0/applied' => [$flakes]], Plans::coneWithPours())->pours[0]->coat->applied[0];
    // By hand: 20 cm² at 0.02 g are 0.4 g.
    expect($applied->fact()->name)->toBe('applied.amount')->and($applied->fact()->values['amount_g'])->toEqualWithDelta(0.4, 1e-9);
});

it('judges decoration against its ground', function (string $colour, bool $told): void {
    $plan = Plans::read([
        '/colours' => [
            ['id' => 'white', 'name' => 'White', 'kind' => 'pigment', 'shade' => '#f4f3ee'],
            ['id' => 'black', 'name' => 'Black', 'kind' => 'pigment', 'shade' => '#101010'],
        ],
        '/pours/0/mix'     => [['colour' => 'white', 'pct' => 8]],
        '/pours/0/applied' => [['kind' => 'lettering', 'says' => 'ALDER', 'colour' => $colour, 'at_mm' => [30, 0]]],
    ], Plans::coneWithPours());
    $found = array_filter(
        Judges::ofLayout($plan, Layout::given($plan)),
        fn(Finding $one): bool => $one->code === Code::BlendsIn && $one->pointer === '/pours/0/applied/0',
    );
    // A white ground of 8 % hides what lies below; lettering of its own colour is not seen, black is (ISO 6504-3: contrast).
    expect($found !== [])->toBe($told);
})->with([['white', true], ['black', false]]);

it('checks a use with solvents against the resin that they get onto', function (array $changes, bool $told): void {
    expect(in_array('solvents', Facts::words(Judges::ofLayout(
        $plan = Plans::read($changes + ['/purpose/solvents' => true], Plans::coneWithPours()),
        Layout::given($plan),
    )), true))->toBe($told);
})->with([
    'nothing is said'   => [[], true],
    'its label says so' => [['/resins/0/sheet/resists_solvents' => true], false],
    'none get onto it'  => [['/purpose/solvents' => false], false],
]);

it('says that a board is poured on before its coats are dry, rather than leave them out', function (): void {
    // Two coats of a quarter of an hour, 4 and 12 h to dry (common practice): 16.5 h.
    $told = fn(float $start): array => array_values(array_filter(
        (new Planner(new SharedCalibrations()))
            ->judge(Plans::read(['/pours/0/start_h' => $start, '/studio/hours' => []], onBoard([3.0])))->findings,
        fn(Finding $one): bool => $one->code === Code::GroundNotReady,
    ));
    expect($told(2.0))->toHaveCount(1)->and($told(2.0)[0]->figures()['ready_h'])->toEqualWithDelta(16.5, 0.3)
        ->and($told(2.0)[0]->mend?->rework)->toBe(Rework::Times)->and($told(17.0))->toBe([]);
});
