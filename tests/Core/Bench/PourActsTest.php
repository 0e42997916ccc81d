<?php

declare(strict_types=1);

use Pensilis\Answer\EndTasks;
use Pensilis\Answer\Planner;
use Pensilis\Answer\PourTasks;
use Pensilis\Answer\PrepList;
use Pensilis\Bench\Act;
use Pensilis\Bench\ActKind;
use Pensilis\Bench\PourActs;
use Pensilis\Bench\Setting;
use Pensilis\Fact\Fact;
use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Finding\Weight;
use Pensilis\Judgement\Judges;
use Pensilis\Layout\Draft;
use Pensilis\Layout\Layout;
use Pensilis\Material\Inclusion;
use Pensilis\Material\Verdict;
use Pensilis\Plan\Finish;
use Pensilis\Plan\Plan;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\Scheduling\Joint;
use Pensilis\Scheduling\Task;
use Pensilis\Scheduling\TaskKind;
use Pensilis\Simulation\AppliedSteps;
use Pensilis\Simulation\Simulation;
use Pensilis\Thermal\SimulatedPour;
use Tests\Plans;
use Tests\SharedCalibrations;

/**
 * What is done for a pour, by name. The order of the work is common practice throughout.
 *
 * @param array<string, mixed>      $changes
 * @param array<string, mixed>|null $document
 *
 * @return list<Act>
 */
function actsOf(array $changes, int $k, ?Joint $below = Joint::Chemical, ?array $document = null): array
{
    $plan = Plans::read($changes, $document);
    $layout = Draft::of($plan)->layout;
    assert($layout !== null);

    return PourActs::of($plan, $layout, $k, $below)->all();
}

/**
 * @param list<Act> $acts
 *
 * @return list<string>
 */
function namesOf(array $acts): array
{
    return array_map(fn(Act $act): string => $act->what->name, $acts);
}

/**
 * @param array<string, mixed>      $changes
 * @param array<string, mixed>|null $document
 *
 * @return array<string, Finding>
 */
function toldOf(array $changes, ?array $document = null): array
{
    $plan = Plans::read($changes, $document);
    $layout = Draft::of($plan)->layout;
    assert($layout !== null);
    $found = Judges::ofLayout($plan, $layout);

    return array_combine(array_map(fn(Finding $one): string => $one->code->value, $found), $found);
}

/** @return array<string, mixed> the cone block with a bead of garnet (3.6 g/cm³) in its place */
function garnet(): array
{
    return ['/inclusions/0/material' => ['skeleton_g_cm3' => 3.6], '/inclusions/0/sealed_coats' => 0];
}

it('lays what sinks into a thin bed, and sets what floats on tack before anything is mixed', function (): void {
    $floor = ['/inclusions/0/target_bottom_mm' => 0] + garnet();
    expect(namesOf(actsOf($floor, 0)))->toBe([
        'act.mix', 'act.bed', 'act.bubbles-first.warm-air', 'act.set-bed', 'act.fill-rest', 'act.bubbles-first.warm-air',
        'act.bubbles-again.warm-air', 'act.cover-set',
    ])
        // On a set layer there is no bare floor: what sinks stands on it, dust lifted first.
        ->and(array_slice(namesOf(actsOf(garnet(), 1)), 0, 4))->toBe(['act.wipe', 'act.set-stand', 'act.mix', 'act.fill'])
        ->and(array_slice(namesOf(actsOf([], 1)), 0, 3))->toBe(['act.wipe', 'act.set-tack', 'act.mix'])
        // On a hard layer it stands where so thin a pour does not lift it, and is held where that is wanted; no bed where nothing is set.
        ->and(namesOf(actsOf([], 1, Joint::Sanded))[0])->toBe('act.set-stand')
        ->and(namesOf(actsOf(['/inclusions/0/hold' => 'tack'], 1, Joint::Sanded))[0])->toBe('act.set-dab')
        ->and(namesOf(actsOf([], 0)))->not->toContain('act.bed');
    // 1–2 mm deep, of a thin pour a third; no fault, whatever the least pour of the resin.
    $bed = array_values(array_filter(actsOf($floor, 0), fn(Act $act): bool => $act->kind === ActKind::Bed))[0];
    expect($bed->what->values['deep_mm'])->toBe(1.5)->and(toldOf(garnet()))->not->toHaveKey(Code::BelowLeastPour->value);
});

it('sets what lies low before what lies higher', function (): void {
    $bead = Plans::cone()['inclusions'][0];
    $hung = fn(string $id, float $x, float $bottom): array => [
        'id' => $id, 'at_mm' => [$x, 0], 'target_bottom_mm' => $bottom, 'hold' => 'hang', 'shape' => 'ellipsoid', 'size_mm' => [6, 6, 6],
    ] + $bead;
    $acts = actsOf(['/inclusions' => [$hung('high', -15, 20), $hung('low', 15, 8), $hung('middle', 0, 14)]], 0);
    $set = array_values(array_filter($acts, fn(Act $act): bool => $act->what->name === 'act.set-hang'))[0];
    expect(array_map(fn(Inclusion $one): string => $one->id, $set->objects))->toBe(['low', 'middle', 'high']);
});

it('lays nothing on a bare floor that is not glued, or flat against the face on purpose', function (): void {
    $floor = ['/inclusions/0/target_bottom_mm' => 0];
    expect(namesOf(actsOf($floor + ['/inclusions/0/hold' => 'tack'], 0))[0])->toBe('act.set-glue')
        ->and(namesOf(actsOf($floor + garnet(), 0)))->toContain('act.set-bed')->not->toContain('act.set-glue')
        ->and(namesOf(actsOf([...$floor, '/inclusions/0/reads' => true, '/vessel/viewed' => 'bottom'], 0))[0])->toBe('act.set-flat')
        ->and(Setting::Bed->isBefore())->toBeFalse()->and(Setting::Glue->isBefore())->toBeTrue();
});

it('honours who seals nothing, and tells the risk once', function (): void {
    $bare = ['/sealing/school' => 'none', '/inclusions/0/sealed_coats' => 0];
    $found = toldOf($bare);
    expect(Plans::read($bare)->inclusions[0]->verdict())->toBe(Verdict::Ready)
        ->and($found)->not->toHaveKey('seal-first')->toHaveKey('left-bare')
        ->and($found['left-bare']->weight())->toBe(Weight::Told)
        // So is what bleeds: told, never refused. Water rots whatever the school; stone has no air to tell of.
        ->and(Plans::read($bare + ['/inclusions/0/material/bleeds' => true])->inclusions[0]->verdict())->toBe(Verdict::Ready)
        ->and(Plans::read($bare + ['/inclusions/0/material/moisture_pct' => 30])->inclusions[0]->verdict())->toBe(Verdict::DryFirst)
        ->and(toldOf(['/sealing/school' => 'none'] + garnet()))->not->toHaveKey('left-bare');
});

it('takes bubbles by the school of the piece, else of its ground, and never with a flame near alcohol', function (
    array $changes,
    string $school,
): void {
    $acts = actsOf($changes, 0, null, Plans::coloured());
    expect(array_filter(namesOf($acts), fn(string $name): bool => str_starts_with($name, 'act.bubbles')))->toHaveCount(2)
        ->and(namesOf($acts))->toContain("act.bubbles-first.{$school}");
})->with([
    'silicone'              => [['/pours/0/zones' => [], '/pours/0/mix' => []], 'warm-air'],
    'a board'               => [['/pours/0/zones' => [], '/pours/0/mix' => [], '/vessel/made' => 'panel'], 'flame'],
    'a canvas with wet ink' => [[
        '/pours/0/zones' => [], '/vessel/made' => 'canvas', '/pours/0/mix' => [['colour' => 'blue', 'drops_per_10_ml' => 1]],
    ], 'warm-air'],
    'as the piece asks' => [['/pours/0/zones' => [], '/pours/0/mix' => [], '/bubbles/school' => 'pin'], 'pin'],
]);

it('touches nothing after a pattern is drawn', function (): void {
    $names = namesOf(actsOf([], 2, Joint::Chemical, Plans::coloured()));
    expect($names)->toContain('act.leave')
        ->and(array_filter($names, fn(string $name): bool => str_starts_with($name, 'act.bubbles')))->toBe([]);
});

it('warns of a flame that the piece asks for where it scars or burns', function (): void {
    $flame = ['/bubbles/school' => 'flame'];
    expect(toldOf($flame))->toHaveKey('flame')->and(toldOf($flame)['flame']->mend?->value)->toBe('warm-air')
        ->and(toldOf($flame + ['/vessel/made' => 'canvas']))->not->toHaveKey('flame')
        ->and(toldOf($flame + ['/vessel/made' => 'canvas'], Plans::coloured()))->toHaveKey('flame.ink');
});

it('sands before lettering where the window has closed, never over it', function (): void {
    $late = Plans::changed([
        '/pours/0/start_h' => 2, '/pours/1/start_h' => 300, '/pours/2/start_h' => 330,
        '/pours/0/applied' => [['kind' => 'lettering', 'says' => 'the hill house']],
    ], Plans::coneWithPours());
    $simulation = Simulation::of(Plans::read([], $late), new SharedCalibrations());
    $apply = AppliedSteps::of($simulation)->tasks[0];
    $sand = array_values(array_filter(
        PourTasks::of($simulation, [Joint::Sanded, Joint::Chemical]),
        fn(Task $task): bool => $task->kind === TaskKind::Sand,
    ));
    expect($sand)->toHaveCount(1)->and($sand[0]->end)->toBe($apply->start)
        // Done when the next pour is made ready, and right before that: half an hour of work and a tenth to spare.
        ->and($apply->start + 0.6 + PourActs::of($simulation->plan, $simulation->layout, 1)->leadHours())->toEqualWithDelta(300.0, 1e-9);
});

it('ends a draped sheet with peeling it, not with a rim', function (): void {
    $simulation = Simulation::of(Plans::read(['/vessel/made' => 'sheet'], Plans::coneWithPours()), new SharedCalibrations());
    $ends = array_map(fn(Task $task): string => $task->what->name, EndTasks::of($simulation));
    expect($ends)->toContain('peel-sheet')->not->toContain('demold');
});

it('makes ready as the vessel asks', function (string $made, array $has, array $hasNot): void {
    $steps = PrepList::of(Plans::read(['/vessel/made' => $made])->setup, Finish::Mold);
    $names = array_map(fn(Fact $step): string => $step->name, $steps);
    expect(array_intersect($has, $names))->toHaveCount(count($has))->and(array_intersect($hasNot, $names))->toBe([]);
})->with([
    'a plastic blank: films off, marked, keyed, not primed' => ['blank', ['peel-blank', 'key-blank', 'tape-edge'], ['prime-canvas']],
    'tape on a canvas too'                                  => ['canvas', ['tape-edge', 'prime-canvas'], ['key-blank']],
    'powder between frame and insert, nothing wet before'   => ['rigid', ['powder-rigid'], ['release-rigid']],
]);

it('lets a canvas or a board wait for its coats, a mold for nothing', function (string $made, float $least): void {
    $answer = (new Planner(new SharedCalibrations()))->plan(Plans::read(['/vessel/made' => $made, '/inclusions' => []]));
    $coats = array_filter($answer->tasks, fn(Task $task): bool => $task->what->name === 'coat-ground');
    expect($answer->simulation->pours[0]->startHour)->toBeGreaterThanOrEqual($least)
        ->and($coats)->toHaveCount($least > 0.5 ? 2 : 0);
})->with(['canvas' => ['canvas', 14.5], 'board' => ['panel', 16.5], 'mold' => ['mold', 0.25]]);

it('lets alcohol or soapy water in at demolding, where it sticks', function (): void {
    $simulation = Simulation::of(Plans::read(['/vessel/made' => 'rigid'], Plans::coneWithPours()), new SharedCalibrations());
    expect(array_map(fn(Task $task): string => $task->what->name, EndTasks::of($simulation)))->toContain('demold-rigid');
});

it('strews on a wet coat as an act of its pour, and waits for no tack', function (): void {
    $wet = Plans::changed(['/pours/0/applied' => [['kind' => 'scatter', 'wet' => true]]], Plans::coneWithPours());
    $simulation = Simulation::of(Plans::read([], $wet), new SharedCalibrations());
    expect(namesOf(actsOf([], 0, null, $wet)))->toContain('act.strew')
        ->and(AppliedSteps::of($simulation)->tasks)->toBe([])
        ->and(namesOf(actsOf(['/pours/0/applied/0/wet' => false], 0, null, $wet)))->not->toContain('act.strew');
});

it('lifts a stencil wet from paste, dry from thin paint and spray', function (string $medium, string $how): void {
    $stencil = ['/pours/0/applied' => [['kind' => 'stencil', 'medium' => $medium]]];
    expect(Plans::read($stencil, Plans::coneWithPours())->pours[0]->coat->applied[0]->how()->name)->toBe($how);
})->with([['paste', 'how.stencil-wet'], ['paint', 'how.stencil-dry'], ['spray', 'how.stencil-dry']]);

/**
 * Two pours of 30 mm.
 *
 * @return array<string, mixed>
 */
function wetOnWet(string $joint, float $start): array
{
    return Plans::changed([
        '/inclusions' => [],
        '/pours'      => [
            ['resin' => 'deep', 'depth_mm' => 30, 'start_h' => 0],
            ['resin' => 'deep', 'depth_mm' => 30, 'start_h' => $start, 'joint' => $joint],
        ],
    ], Plans::coneWithPours());
}

it('takes wet on wet for a school where it is asked for', function (): void {
    $words = fn(array $document): array => array_map(
        fn(Finding $one): string => $one->code->value,
        Judges::ofSimulation(Simulation::of(Plans::read([], $document), new SharedCalibrations()), []),
    );
    expect($words(wetOnWet('set', 1.0)))->toContain('on-liquid')
        ->and($words(wetOnWet('wet', 1.0)))->not->toContain('on-liquid')
        // What has gelled is not wet.
        ->and($words(wetOnWet('wet', 60.0)))->toContain('wet-missed')
        // 30 and 30 mm are 60 mm of liquid: more than the 50 mm that the sheet allows.
        ->and($words(wetOnWet('wet', 1.0)))->toContain('above-greatest-pour')
        ->and($words(wetOnWet('set', 1.0)))->not->toContain('above-greatest-pour')
        ->and(namesOf(actsOf([], 1, null, wetOnWet('wet', 1.0))))->toContain('act.fill-wet')
        // Only what is not poured onto at once is covered.
        ->and(namesOf(actsOf([], 0, null, wetOnWet('wet', 1.0))))->not->toContain('act.cover')
        ->and(namesOf(actsOf([], 0, null, wetOnWet('set', 1.0))))->toContain('act.cover');
});

it('pours onto a ground from its middle, and down the side of what holds it', function (string $made, string $how): void {
    expect(namesOf(actsOf(['/vessel/made' => $made], 0)))->toContain($how);
})->with([['canvas', 'act.fill-ground'], ['panel', 'act.fill-ground'], ['mold', 'act.fill'], ['dam', 'act.fill']]);

it('heats what is liquid together more than each by itself', function (): void {
    $peak = fn(array $document): float => max(array_map(
        fn(SimulatedPour $pour): float => $pour->peakCelsius,
        Simulation::of(Plans::read([], $document), new SharedCalibrations())->pours,
    ));
    expect($peak(wetOnWet('wet', 1.0)))->toBeGreaterThan($peak(wetOnWet('set', 60.0)) + 1.0);
});

it('lets things float through all that is wet, and stand on nothing wet', function (): void {
    // A block of 20 mm and half the density of the resin lifts at 10 mm: two pours of 6 mm hold it one by one, not together.
    $block = fn(string $joint, float $at): array => Plans::changed([
        '/inclusions' => [[
            'id'           => 'block', 'shape' => 'box', 'size_mm' => [20, 20, 20], 'at_mm' => [0, 0], 'target_bottom_mm' => $at,
            'tolerance_mm' => 1, 'material' => ['skeleton_g_cm3' => 0.54],
        ]],
        '/pours' => array_map(
            fn(int $k): array => ['resin' => 'deep', 'depth_mm' => 6, 'start_h' => 30 * $k, 'joint' => $k === 1 ? $joint : 'set'],
            range(0, 9),
        ),
    ], Plans::coneWithPours());
    expect(toldOf([], $block('set', 0.0)))->not->toHaveKey('floats-off')
        ->and(toldOf([], $block('wet', 0.0)))->toHaveKey('floats-off')
        ->and(toldOf([], $block('set', 6.0)))->not->toHaveKey('no-layer')
        ->and(toldOf([], $block('wet', 6.0)))->toHaveKey('no-layer');
});

it('says what is assumed where the label gives no closing time, and lets a tack test decide', function (): void {
    $coat = fn(array $sheet, string $school, float $start): Plan => Plans::read([
        '/inclusions'     => [], '/recoat/school' => $school,
        '/resins/0/sheet' => ['celsius' => 25, 'gel_h' => 3.5, 'min_pour_mm' => 1.5, 'max_pour_mm' => 6] + $sheet,
        '/vessel/fill_mm' => 6, '/ambient' => ['kind' => 'constant', 'celsius' => 25],
        '/pours'          => [
            ['resin' => 'deep', 'depth_mm' => 3, 'start_h' => 0], ['resin' => 'deep', 'depth_mm' => 3, 'start_h' => $start],
        ],
    ], Plans::coneWithPours());
    $words = fn(Plan $plan): array => array_map(
        fn(Finding $one): string => $one->code->value,
        Judges::ofSimulation(Simulation::of($plan, new SharedCalibrations()), []),
    );
    // In this room the window closes after 47 hours as the gel time lets expect, after 59 where the label would say 24 at its own
    // temperature; 8–24 h unsanded without failure is common practice.
    expect($words($coat([], 'window', 53.0)))->toContain('recoat-assumed', 'recoat-missed')
        ->and($words($coat([], 'tack-test', 53.0)))->toContain('recoat-assumed')->not->toContain('recoat-missed')
        ->and($words($coat([], 'tack-test', 80.0)))->toContain('recoat-missed')
        // The label goes first, whatever the school.
        ->and($words($coat(['recoat_close_h' => 8], 'tack-test', 53.0)))->toContain('recoat-missed')->not->toContain('recoat-assumed');
    $plan = $coat([], 'tack-test', 53.0);
    expect(namesOf(PourActs::of($plan, Layout::given($plan), 1, Joint::Chemical)->all())[0])->toBe('act.tack-test')
        ->and(namesOf(PourActs::of($plan, Layout::given($plan), 0)->all()))->not->toContain('act.tack-test');
});

it('lets tack tests of own pours move the closing of the window, where the label is silent', function (
    array $sheet,
    array $tests,
    string $school,
    float $hours,
): void {
    $plan = Plans::read([
        '/recoat/school'  => $school,
        '/resins/0/sheet' => ['celsius' => 25, 'gel_h' => 3.5, 'max_pour_mm' => 6, 'recoat_open_h' => 5, 'tack_tests' => $tests] + $sheet,
    ], Plans::cone());
    expect($plan->resin()->sheet->recoatCloses / 3600.0)->toEqualWithDelta($hours, 0.05);
})->with([
    // A coating of 3.5 h to gel closes after 5.5 gel times (memory) where neither label nor test says anything.
    'a mark later moves it out'  => [[], [['after_h' => 30]], 'window', 30.0],
    'no mark sooner moves it in' => [[], [['after_h' => 12, 'nail' => 'none']], 'window', 12.0],
    'the careful one of two'     => [[], [['after_h' => 30], ['after_h' => 26, 'nail' => 'none']], 'tack-test', 26.0],
    'the label first'            => [['recoat_close_h' => 8], [['after_h' => 30]], 'window', 8.0],
    'never before it opens'      => [[], [['after_h' => 2, 'nail' => 'none']], 'window', 5.0],
    // Twice as fast from 25 to 35 °C (common practice; E of 52.9 kJ/mol): 15 h there are 30 at the temperature of the sheet.
    'a warmer room counts for more' => [[], [['after_h' => 15, 'celsius' => 35]], 'window', 30.0],
]);

it('sands only where the next coat needs it, and only there', function (): void {
    $simulation = Simulation::of(Plans::read([], Plans::coneWithPours()), new SharedCalibrations());
    $sands = fn(Joint ...$joints): array => array_values(array_map(
        fn(Task $task): int => (int) $task->pour,
        array_filter(PourTasks::of($simulation, $joints), fn(Task $task): bool => $task->kind === TaskKind::Sand),
    ));
    expect($sands(Joint::Chemical, Joint::Chemical))->toBe([])->and($sands(Joint::Chemical, Joint::Sanded))->toBe([2]);
});

it('lets white stand longer than the colours, by the working time', function (float $working, int $minutes): void {
    // 10 minutes and 10 more with a resin that can be worked for 40 (common practice); a faster one leaves less.
    $white = Plans::changed([
        '/pours/2/zones/0/mix'         => [['colour' => 'white', 'pct' => 6]], '/resins/0/sheet/working_min' => $working,
        '/resins/0/sheet/pot_life_min' => $working,
    ], Plans::coloured());
    $acts = array_values(array_filter(actsOf([], 2, null, $white), fn(Act $act): bool => $act->kind === ActKind::Thicken));
    expect($acts)->toHaveCount(1)->and($acts[0]->what->values['minutes'])->toBe($minutes)
        ->and(namesOf(actsOf([], 2, null, Plans::coloured())))->toContain('act.thicken')->not->toContain('act.thicken-white');
})->with([[40.0, 10], [20.0, 5]]);

it('counts drops of ink by the area that they fall on, and waits for their alcohol', function (): void {
    // By hand: 60 × 40 mm are 24 cm²; half a drop on each makes 12, of 0.05 ml (memory) each.
    $dropped = Plans::changed(['/pours/0/applied' => [
        ['kind' => 'drops', 'colour' => 'blue', 'drops_per_cm2' => 0.5, 'size_mm' => [60, 40]],
    ]], Plans::coloured());
    $acts = array_values(array_filter(actsOf([], 0, null, $dropped), fn(Act $act): bool => $act->kind === ActKind::Drop));
    expect($acts)->toHaveCount(1)->and($acts[0]->what->values['drops'])->toBe(12)
        ->and($acts[0]->what->values['ink_ml'])->toEqualWithDelta(0.6, 1e-9)
        ->and($acts[0]->caution?->name)->toBe('caution.drops')
        // After the last warm air, on the wet coat.
        ->and(array_slice(namesOf(actsOf([], 0, null, $dropped)), -3))->toBe(['act.bubbles-again.warm-air', 'act.drop', 'act.cover'])
        ->and(fn() => Plans::read(['/pours/0/applied/0/colour' => 'white'], $dropped))->toThrow(PlanRefused::class);
});

it('strews over the whole face where nothing says how much of it', function (): void {
    // 0.005 g on a square centimetre of a disc of 90 mm across, 63.6 cm²: 0.32 g; on 40 × 10 mm it would be 0.02.
    $strewn = ['kind' => 'scatter', 'g_per_cm2' => 0.005];
    $grams = fn(array $applied): float => Layout::given(Plans::read(['/pours/0/applied' => [$applied]], Plans::coneWithPours()))
        ->pours[0]->coat->applied[0]->fact()->values['amount_g'];
    expect($grams($strewn))->toEqualWithDelta(0.005 * M_PI * 4.5 ** 2, 1e-9)
        ->and($grams($strewn + ['size_mm' => [40, 10]]))->toEqualWithDelta(0.02, 1e-9);
    $states = array_map(fn(array $more): string => Layout::given(Plans::read(
        ['/pours/0/applied' => [$more + $strewn]],
        Plans::coneWithPours(),
    ))->pours[0]->coat->applied[0]->readiness(), [['wet' => true], [], ['kind' => 'lettering']]);
    expect($states)->toBe(['on-wet', 'on-tack', 'on-firm']);
});

it('lays bare petals into the wet coat, and presses them under until they stay', function (): void {
    $petals = [
        '/sealing/school'        => 'none', '/inclusions/0/shape' => 'disc', '/inclusions/0/size_mm' => [20, 20, 1],
        '/inclusions/0/material' => ['skeleton_g_cm3' => 1.4, 'open_porosity' => 0.6], '/inclusions/0/sealed_coats' => 0,
    ];
    expect(namesOf(actsOf($petals, 1)))->toBe([
        'act.wipe', 'act.mix', 'act.fill', 'act.bubbles-first.warm-air', 'act.set-soak', 'act.bubbles-again.warm-air', 'act.cover-set',
    ])->and(toldOf($petals))->not->toHaveKey('floats-off')->toHaveKey('left-bare');
});
