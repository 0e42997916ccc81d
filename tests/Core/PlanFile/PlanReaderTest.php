<?php

declare(strict_types=1);

use Pensilis\Finding\Finding;
use Pensilis\Geometry\Reach;
use Pensilis\PlanFile\PlanReader;
use Pensilis\PlanFile\PlanRefused;
use Tests\Facts;
use Tests\Plans;

it('reads the plan of the contract', function (): void {
    $plan = Plans::read([], Plans::coneWithPours());
    expect($plan->title)->toBe('Larch cone block')
        ->and($plan->vessel->fill)->toBe(0.06)
        ->and($plan->resin()->ratio->byMass())->toBe(0.45)
        ->and($plan->resin()->law?->k2)->toBe(2.06e-5)
        ->and($plan->inclusions[0]->targetTop())->toEqualWithDelta(0.048, 1e-12)
        ->and(count($plan->pours))->toBe(3)
        ->and($plan->pours[1]->startHour)->toBe(72.0)
        ->and($plan->studio->greatestCelsius)->toBe(60.0)
        ->and($plan->studio->hours->firstFit(0.0, 1.0))->toBe(10.0);
});

it('takes the defaults of the contract where a file says nothing', function (): void {
    $document = Plans::cone();
    unset($document['vessel']['base'], $document['studio'], $document['inclusions'][0]['sealed_coats']);
    unset($document['resins'][0]['kinetics'], $document['resins'][0]['thermal']);
    $plan = PlanReader::read($document);
    expect($plan->vessel->base?->thickness)->toBe(0.018)
        ->and($plan->studio->device->step())->toBe(0.1)
        ->and($plan->studio->hours->areAlways())->toBeTrue()
        ->and($plan->studio->greatestCelsius)->toBeNull()
        ->and($plan->inclusions[0]->coats)->toBe(0)
        ->and($plan->inclusions[0]->cover)->toBe(0.0)
        ->and($plan->resin()->law)->toBeNull()
        ->and($plan->resin()->heatCapacity)->toBe(2100.0);
});

it('reads every kind of room', function (array $ambient, float $hour, float $celsius): void {
    expect(Plans::read(['/ambient' => $ambient])->ambient->at(3600.0 * $hour) - 273.15)->toEqualWithDelta($celsius, 1e-9);
})->with([
    'constant' => [['kind' => 'constant', 'celsius' => 21], 99.0, 21.0],
    // The plan starts at 08:00: the coldest hour, 6, comes after 22 hours.
    'daily'                  => [['kind' => 'daily', 'min_celsius' => 15, 'max_celsius' => 23, 'coldest_hour' => 6], 22.0, 15.0],
    'series, between points' => [['kind' => 'series', 'points' => [[0, 18], [10, 22]]], 5.0, 20.0],
    'series, beyond its end' => [['kind' => 'series', 'points' => [[0, 18], [10, 22]]], 50.0, 22.0],
]);

it('knows walls and boards by name or by figures', function (): void {
    $own = ['k_w_mk' => 0.3, 'density_kg_m3' => 900, 'cp_j_gk' => 1.5];
    $plan = Plans::read(['/vessel/wall/material' => $own, '/vessel/base' => ['material' => 'air']]);
    expect($plan->vessel->wall->stuff->heatCapacity)->toBe(1500.0)
        ->and($plan->vessel->base)->toBeNull();
});

it('refuses what makes no sense, with place and remedy', function (array $changes, string $pointer, string $code, string $says): void {
    try {
        Plans::read($changes, Plans::coneWithPours());
    } catch (PlanRefused $refusal) {
        $found = array_values(array_filter(
            $refusal->problems,
            fn(Finding $problem): bool => $problem->pointer === $pointer && $problem->code->word() === $code,
        ));
        expect($found)->toHaveCount(1, implode('; ', array_map(Facts::line(...), $refusal->problems)))
            ->and(Facts::line($found[0]))->toContain($says);

        return;
    }
    $this->fail('The plan was taken.');
})->with([
    'kelvin' => [
        ['/ambient/celsius' => 294], '/ambient/celsius', 'room-temperature', 'room-temperature.kelvin room_celsius=20.85',
    ],
    'an oven' => [
        ['/ambient/celsius' => 90], '/ambient/celsius', 'room-temperature', 'coldest_celsius=-30 warmest_celsius=60',
    ],
    'a logged room in kelvin' => [
        ['/ambient' => ['kind' => 'series', 'points' => [[0, 20], [1, 293]]]], '/ambient/points/1/1', 'room-temperature',
        'room_celsius=19.85',
    ],
    'a log that goes back' => [
        ['/ambient' => ['kind' => 'series', 'points' => [[0, 20], [0, 21]]]], '/ambient/points/1/0', 'series-order', '',
    ],
    'a mesh from nowhere' => [
        ['/vessel/shape' => 'stl', '/vessel/path' => 'a.stl'], '/vessel/shape', 'impossible-value', 'mesh.nowhere-here',
    ],
    'an unheard-of vessel'    => [['/vessel/shape' => 'teapot'], '/vessel/shape', 'unknown-shape', 'shape=teapot choices=box, cylinder'],
    'an outline that crosses' => [
        ['/vessel/shape' => 'outline', '/vessel/path' => 'M0 0L80 60V0L0 60Z'], '/vessel', 'impossible-value',
        'outline.crosses x_mm=40 y_mm=30',
    ],
    'an outline of words' => [
        ['/vessel/shape' => 'outline', '/vessel/path' => 'M0 0 hello'], '/vessel', 'impossible-value',
        'path.too-few-numbers offset=6',
    ],
    'marks that go back' => [
        [
            '/vessel' => [
                'shape' => 'calibrated', 'marks' => [[20, 100], [15, 120], [60, 300]], 'height_mm' => 60,
                'wall'  => ['material' => 'glass', 'thickness_mm' => 2],
            ],
        ],
        '/vessel', 'impossible-value', 'marks.go-back number=2 height_mm=15 water_g=120',
    ],
    'marks short of the rim' => [
        [
            '/vessel' => [
                'shape' => 'calibrated', 'marks' => [[20, 100]], 'height_mm' => 60,
                'wall'  => ['material' => 'glass', 'thickness_mm' => 2],
            ],
        ],
        '/vessel', 'impossible-value', 'marks.not-to-the-rim rim_mm=60',
    ],
    'a neck as wide as all' => [
        ['/vessel/shape' => 'sphere', '/vessel/neck_diameter_mm' => 90], '/vessel', 'impossible-value', 'what=neck-diameter',
    ],
    'a step that is a ball' => [
        [
            '/vessel' => [
                'shape' => 'stepped', 'steps' => [['shape' => 'sphere'], ['shape' => 'sphere']],
                'wall'  => ['material' => 'glass', 'thickness_mm' => 2],
            ],
        ],
        '/vessel/steps/0/shape', 'missing', 'missing.one-of choices=box',
    ],
    'an object from nowhere' => [
        ['/inclusions/0/shape' => 'stl', '/inclusions/0/path' => 'a.stl'], '/inclusions/0/shape', 'impossible-value',
        'mesh.nowhere-here',
    ],
    'copies without room'  => [['/inclusions/0/copies' => 30], '/inclusions/0/copies', 'no-room', 'count=30 spacing_mm=2 object=cone'],
    'above the rim'        => [['/pours/2/depth_mm' => 40], '/pours', 'above-rim', 'pours_mm=66 rim_mm=60'],
    'filled above the rim' => [['/vessel/fill_mm' => 61], '/vessel/fill_mm', 'above-rim', 'above-rim.fill rim_mm=60'],
    'back in time'         => [['/pours/1/start_h' => 200], '/pours/2/start_h', 'pour-order', ''],
    'unknown resin'        => [['/pours/0/resin' => 'fast'], '/pours/0/resin', 'unknown-resin', 'id=fast'],
    'a wall of air'        => [['/vessel/wall/material' => 'air'], '/vessel/wall/material', 'no-wall', ''],
    'all pores'            => [
        ['/inclusions/0/material/open_porosity' => 0.99], '/inclusions/0/material', 'impossible-value', 'what=porosity',
    ],
    'recoat on liquid' => [
        ['/resins/0/sheet/recoat_open_h' => 12], '/resins/0/sheet/recoat_open_h', 'sheet-contradiction',
        'sheet.recoat-before-gel opens_h=12 gel_h=20',
    ],
    'closing before opening' => [
        ['/resins/0/sheet/recoat_close_h' => 21], '/resins/0/sheet/recoat_close_h', 'sheet-contradiction',
        'sheet.closes-before-opening closes_h=21 opens_h=22',
    ],
    'no such day' => [
        ['/studio/start' => '2026-02-30T08:00'], '/studio/start', 'impossible-value', 'moment text=2026-02-30T08:00',
    ],
    'hours that end first' => [['/studio/hours/0/to' => '17:00'], '/studio/hours/0/to', 'hours-order', ''],
    'no time of day'       => [['/studio/hours/0/from' => '6 pm'], '/studio/hours/0/from', 'clock-time', 'text=6 pm'],
    'no such weekday'      => [['/studio/hours/0/days' => 'monday'], '/studio/hours/0/days', 'day', 'day=monday'],
    'no resin at all'      => [['/vessel/diameter_mm' => 0], '/vessel', 'impossible-value', 'what=diameter'],
]);

it('tells all problems at once', function (): void {
    $document = Plans::changed(
        ['/ambient/celsius' => 294, '/vessel/shape' => 'stl', '/inclusions/0/shape' => 'stl', '/pours/0/resin' => 'x'],
        Plans::coneWithPours(),
    );
    $document['inclusions'][] = [
        'id'           => 'cone', 'shape' => 'disc', 'size_mm' => [1, 1, 1], 'at_mm' => [0, 0], 'target_bottom_mm' => 1,
        'tolerance_mm' => 1, 'material' => ['skeleton_g_cm3' => 1],
    ];
    $document['inclusions'][] = end($document['inclusions']);
    try {
        PlanReader::read($document);
    } catch (PlanRefused $refusal) {
        expect(array_map(fn(Finding $problem): string => $problem->pointer, $refusal->problems))
            ->toBe(['/ambient/celsius', '/vessel/shape', '/inclusions/0/shape', '/inclusions/2/id', '/pours/0/resin']);

        return;
    }
    $this->fail('The plan was taken.');
});

it('lets nothing reach farther than the schema does', function (): void {
    $lengths = [];
    $walk = function (array $node, string $key) use (&$walk, &$lengths): void {
        if (str_ends_with($key, '_mm') && isset($node['maximum'])) {
            $lengths[] = $node['maximum'];
        }
        foreach ($node as $name => $part) {
            if (is_array($part)) {
                $walk($part, is_int($name) || in_array($name, ['items', 'properties'], true) ? $key : $name);
            }
        }
    };
    $walk(json_decode((string) file_get_contents(dirname(__DIR__, 3) . '/core/PlanFile/plan.schema.json'), true), '');
    // What is thin may not be as long as all that; nothing may be longer.
    expect(max($lengths))->toEqual(Reach::MILLIMETRES)
        ->and(count($lengths))->toBeGreaterThan(50);
});
