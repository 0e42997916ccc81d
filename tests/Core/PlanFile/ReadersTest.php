<?php

declare(strict_types=1);

use Pensilis\Colour\Recipe;
use Pensilis\Exception\ImpossibleValue;
use Pensilis\Exception\MissingKey;
use Pensilis\Finding\Code;
use Pensilis\Material\Hold;
use Pensilis\Material\Sealer;
use Pensilis\Plan\Making;
use Pensilis\Plan\Service;
use Pensilis\Plan\Viewed;
use Pensilis\PlanFile\InclusionReader;
use Pensilis\PlanFile\Node;
use Pensilis\PlanFile\NoMeshes;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\PlanFile\Pointer;
use Pensilis\PlanFile\Problems;
use Pensilis\PlanFile\ResinReader;
use Pensilis\PlanFile\StudioReader;
use Pensilis\PlanFile\UseReader;
use Pensilis\PlanFile\VesselReader;
use Pensilis\Scheduling\StudioClock;
use Tests\Plans;

/** @return list<string> what a reader found wrong */
function problemsOf(Problems $problems): array
{
    try {
        $problems->throwIfAny();
    } catch (PlanRefused $refusal) {
        return array_map(fn($one): string => "{$one->code->value} {$one->pointer}", $refusal->problems);
    }

    return [];
}

// RFC 6901, sections 3 and 4: "~0" stands for "~", "~1" for "/", and "~01" for "~1".
it('takes JSON pointers apart and puts them together', function (array $keys, string $pointer): void {
    expect(implode('', array_map(Pointer::step(...), $keys)))->toBe($pointer)
        ->and(Pointer::keys($pointer))->toBe($keys);
})->with([[['a/b'], '/a~1b'], [['m~n'], '/m~0n'], [['~1'], '/~01'], [['', '0', 'x'], '//0/x'], [[], '']]);

it('reads what is there, by its type, and names the place of what is not', function (): void {
    $node = Node::root(['a' => 1, 'b' => ['c' => 2.5, 'd' => [1, 'x'], 'off' => null], 'say' => 'yes', 'on' => true, 'days' => 'mon']);
    expect($node->number('a'))->toBe(1.0)
        ->and($node->child('b')->number('c'))->toBe(2.5)
        ->and($node->child('b')->pointer)->toBe('/b')
        ->and($node->child('b')->has('off'))->toBeFalse()
        ->and($node->number('none', 7.0))->toBe(7.0)
        ->and($node->maybe('say'))->toBeNull()
        ->and($node->flag('on'))->toBeTrue()
        ->and($node->flag('say'))->toBeFalse()
        ->and($node->texts('days'))->toBe(['mon'])
        ->and($node->maybeChild('none')->pointer)->toBe('/none')
        ->and($node->child('b')->figures())->toBe(['c' => 2.5]);
    foreach ([
        '/none'  => fn() => $node->number('none'), '/a' => fn() => $node->text('a'), '/say' => fn() => $node->child('say'),
        '/b/d/1' => fn() => $node->child('b')->child('d')->numbers(),
    ] as $pointer => $read) {
        try {
            $read();
            $this->fail("Nothing was missed at {$pointer}.");
        } catch (MissingKey $missing) {
            expect($missing->pointer)->toBe($pointer);
        }
    }
});

it('gathers what is refused, each at its place', function (): void {
    $problems = new Problems();
    expect($problems->attempt('/a', fn(): int => 3))->toBe(3)
        ->and($problems->areFound())->toBeFalse()
        ->and($problems->attempt(
            '/a',
            fn(): never => throw ImpossibleValue::unlessPositive('height', -1.0) ?? new LogicException(),
        ))->toBeNull()
        ->and($problems->attempt('/b', fn(): never => throw MissingKey::number('/b/c')))->toBeNull();
    $problems->add(Code::PourOrder, '/pours/1/start_h');
    expect(problemsOf($problems))->toBe(['impossible-value /a', 'missing /b/c', 'pour-order /pours/1/start_h']);
});

it('reads what is measured with', function (array $studio, string $device, float $step): void {
    $read = (new StudioReader($problems = new Problems()))->read(Node::root(['studio' => $studio]));
    expect(problemsOf($problems))->toBe([])
        ->and($read->device->fact()->name)->toBe($device)
        // Of something as dense as water a step in ml is as many grams.
        ->and($read->device->grams($read->device->step(), 1.0))->toEqualWithDelta($step, 0.005);
})->with([
    'nothing said' => [[], 'device.scale', 0.1],
    'a scale'      => [['scale_step_g' => 0.5], 'device.scale', 0.5],
    'a cup'        => [['measure_by' => 'cup', 'cup_step_ml' => 2.5], 'device.cup', 2.5],
    'a usual cup'  => [['measure_by' => 'cup'], 'device.cup', 5.0],
    // A tablespoon is 14.79 ml, 20 drops a millilitre (NIST Handbook 44, appendix C; common practice).
    'a spoon' => [['measure_by' => 'spoon'], 'device.spoon', 14.79],
    'drops'   => [['measure_by' => 'drops'], 'device.drops', 0.05],
]);

it('refuses rooms, hours and devices that cannot be, at their places', function (array $document, array $says): void {
    $reader = new StudioReader($problems = new Problems());
    $root = Node::root($document + ['ambient' => ['kind' => 'constant', 'celsius' => 21]]);
    $reader->read($root);
    $reader->ambient($root->child('ambient'), StudioClock::unset());
    expect(problemsOf($problems))->toBe($says);
})->with([
    'a step of nothing'      => [['studio' => ['scale_step_g' => 0.0]], ['impossible-value /studio/scale_step_g']],
    'a limit below the step' => [['studio' => ['scale_step_g' => 1, 'scale_limit_g' => 0.5]], ['impossible-value /studio/scale_step_g']],
    'a day that is none'     => [
        ['studio' => ['start' => '2026-03-02T08:00', 'hours' => [['days' => 'moonday', 'from' => '10:00', 'to' => '12:00']]]],
        ['day /studio/hours/0/days'],
    ],
    'hours that end at once' => [
        ['studio' => ['start' => '2026-03-02T08:00', 'hours' => [['days' => 'mon', 'from' => '12:00', 'to' => '12:00']]]],
        ['hours-order /studio/hours/0/to'],
    ],
    'a time that is none' => [
        ['studio' => ['start' => '2026-03-02T08:00', 'hours' => [['days' => 'mon', 'from' => '25:00', 'to' => '26:00']]]],
        ['clock-time /studio/hours/0/from', 'clock-time /studio/hours/0/to', 'hours-order /studio/hours/0/to'],
    ],
    'kelvin for Celsius'   => [['ambient' => ['kind' => 'constant', 'celsius' => 294]], ['room-temperature.kelvin /ambient/celsius']],
    'a furnace'            => [['ambient' => ['kind' => 'constant', 'celsius' => 90]], ['room-temperature /ambient/celsius']],
    'a log that goes back' => [
        ['ambient' => ['kind' => 'series', 'points' => [[0, 20], [5, 21], [4, 22]]]], ['series-order /ambient/points/2/0'],
    ],
]);

it('reads a resin in SI, and its ratio by what it goes by', function (): void {
    $document = Plans::cone()['resins'][0];
    $resin = (new ResinReader(new Problems()))->read(Node::root($document));
    expect($resin->density)->toBe(1080.0)
        // 100 : 45 by weight.
        ->and($resin->ratio->split(1.0)[0])->toEqualWithDelta(100.0 / 145.0, 1e-12);
    // 2 : 1 by volume at 1.15 and 0.95 g/ml are 2.30 : 0.95 by weight, 70.8 % of A.
    $resin = (new ResinReader(new Problems()))->read(Node::root([
        'ratio' => ['by' => 'volume', 'a' => 2, 'b' => 1], 'density_g_ml' => ['a' => 1.15, 'b' => 0.95, 'mixed' => 1.1],
    ] + $document));
    expect($resin->ratio->split(1.0)[0])->toEqualWithDelta(2.30 / 3.25, 1e-12);
});

it('refuses a resin whose sheet contradicts itself, at the key to look at', function (array $sheet, string $at): void {
    $document = Plans::cone()['resins'][0];
    expect(
        (new ResinReader($problems = new Problems()))->read(Node::root(['sheet' => $sheet + $document['sheet']] + $document)),
    )->toBeNull()
        ->and(problemsOf($problems))->toBe(["sheet-contradiction /sheet/{$at}"]);
})->with([
    'a coat on liquid'       => [['gel_h' => 20, 'recoat_open_h' => 10], 'recoat_open_h'],
    'closed before it opens' => [['recoat_open_h' => 30, 'recoat_close_h' => 25], 'recoat_close_h'],
    'least above greatest'   => [['min_pour_mm' => 30, 'max_pour_mm' => 20], 'min_pour_mm'],
]);

it('reads an object in metres, with what it is made of', function (): void {
    $document = ['id'      => 'shell', 'shape' => 'disc', 'size_mm' => [30, 20, 4], 'at_mm' => [5, -6],
        'target_bottom_mm' => 12, 'tolerance_mm' => 1, 'hold' => 'tack',
        'cover_mm'         => 3, 'sealed_coats' => 2, 'material' => [
            'skeleton_g_cm3' => 2.71, 'open_porosity' => 0.1, 'bleeds' => true, 'drying' => 'air', 'drying_h' => 48,
        ]];
    $shell = (new InclusionReader($problems = new Problems(), new NoMeshes(), Sealer::Resin))->read(Node::root($document));
    expect(problemsOf($problems))->toBe([])
        ->and([$shell->x, $shell->y, $shell->targetBottom, $shell->cover])->toBe([0.005, -0.006, 0.012, 0.003])
        ->and($shell->hold)->toBe(Hold::Tack)
        ->and($shell->solid->height())->toBe(0.004)
        ->and($shell->substance->bleeds)->toBeTrue()
        // An elliptic cylinder: π/4 · 30 · 20 · 4 mm³.
        ->and(1e9 * $shell->envelope())->toEqualWithDelta(M_PI / 4.0 * 2400.0, 1e-6);
});

it('refuses objects that cannot be', function (array $changes, string $says): void {
    $document = Plans::changed($changes, Plans::cone())['inclusions'][0];
    (new InclusionReader($problems = new Problems(), new NoMeshes(), Sealer::Resin))->read(Node::root($document));
    expect(problemsOf($problems))->toBe([$says]);
})->with([
    'no such shape'  => [['/inclusions/0/shape' => 'blob'], 'unknown-shape.object /shape'],
    'a size of none' => [['/inclusions/0/size_mm' => [0, 10, 10]], 'impossible-value /size_mm'],
    'pores over all' => [
        ['/inclusions/0/material/open_porosity' => 0.8, '/inclusions/0/material/closed_porosity' => 0.4],
        'impossible-value /material',
    ],
    'under the floor' => [['/inclusions/0/target_bottom_mm' => -3], 'impossible-value '],
    'a mesh unseen'   => [['/inclusions/0/shape' => 'stl', '/inclusions/0/mesh' => 'abc'], 'impossible-value /shape'],
]);

it('reads what a vessel is used for, with what is usual', function (): void {
    $root = Node::root([
        'vessel'  => ['shape' => 'panel', 'viewed' => 'both', 'level' => ['rise_mm' => 3, 'over_mm' => 300]],
        'purpose' => ['use' => 'wall', 'fittings' => [['at_mm' => [10, 20], 'radius_mm' => 4]]],
    ]);
    [$setup, $purpose, $plain] = [UseReader::setup($root, []), UseReader::purpose($root), UseReader::purpose(Node::root([]))];
    expect($setup->making)->toBe(Making::Panel)
        ->and($setup->viewed)->toBe(Viewed::Both)
        ->and($setup->pieces)->toBe(1)
        ->and($purpose->service)->toBe(Service::Wall)
        // Holes are 5 to 6 mm deep (common practice), and a handle is screwed from above.
        ->and($purpose->fittings[0]->depth)->toBe(0.005)
        ->and($purpose->fittings[0]->kind)->toBe('handle')
        ->and($plain->service)->toBe(Service::Display)
        ->and($plain->fittings)->toBe([]);
});

it('reads compartments, each no deeper than its shape', function (): void {
    $compartment = ['name' => 'rim', 'shape' => 'box', 'length_mm' => 20, 'width_mm' => 10, 'height_mm' => 8];
    $reader = new VesselReader($problems = new Problems(), new NoMeshes());
    $read = $reader->compartments(
        Node::root(['compartments' => [$compartment, ['depth_mm' => 9] + $compartment]]),
        fn(): Recipe => Recipe::clear(),
    );
    expect($read)->toHaveCount(2)
        ->and($read[0]->depth)->toBe(0.008)
        ->and(problemsOf($problems))->toBe(['above-rim.compartment /compartments/1/depth_mm']);
});
