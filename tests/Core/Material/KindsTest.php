<?php

declare(strict_types=1);

use Pensilis\Material\Drying;
use Pensilis\Material\Kind;
use Pensilis\Material\Kinds;

it('knows about sixty kinds, each with a source', function (): void {
    expect(count(Kinds::all()))->toBeGreaterThanOrEqual(60);
    foreach (Kinds::all() as $kind) {
        expect($kind->source)->toMatch('/memory|CRC Handbook/');
    }
});

// CRC Handbook of Chemistry and Physics, density ranges, g/cm³; woods and cork as bulk.
it('has the densities of the handbook', function (string $key, float $least, float $greatest): void {
    expect(Kinds::all()[$key]->substance->dryBulkDensity() / 1e3)->toBeGreaterThanOrEqual($least)->toBeLessThanOrEqual($greatest);
})->with([
    ['quartz', 2.65, 2.65], ['garnet', 3.15, 4.3], ['slate', 2.6, 3.3], ['glass', 2.4, 2.8], ['amber', 1.06, 1.11], ['brass', 8.4, 8.7],
    ['silver', 10.4, 10.5], ['steel', 7.6, 7.87], ['copper', 8.9, 8.96], ['aluminium', 2.7, 2.7], ['gold leaf', 19.3, 19.3],
    ['cork', 0.22, 0.26], ['wood', 0.6, 0.9], ['paper', 0.7, 1.15], ['shell', 2.8, 2.95], ['chalk', 1.9, 2.8],
]);

it('says what floats and what may go in bare', function (): void {
    $kinds = Kinds::all();
    $floats = fn(string $key): bool => $kinds[$key]->floats();
    // Facts of the trade: flowers, cork and feathers float, stones, shells and metals sink (common practice).
    expect(array_filter(['petals', 'cork', 'feather', 'seed-head', 'wood', 'amber'], $floats))->toHaveCount(6)
        ->and(array_filter(['stone', 'shell', 'brass', 'glass', 'ashes', 'steel'], $floats))->toBe([])
        ->and($kinds['brass']->bareUpTo())->toBeNull()
        ->and($kinds['petals']->bareUpTo())->toBe(0.0)
        // 0.268 mm³ of air in 0.5 % of the volume.
        ->and($kinds['stone']->bareUpTo())->toEqualWithDelta(53.6, 0.1);
});

it('writes a material that a plan file takes', function (): void {
    $keys = array_map(fn(Kind $kind): array => array_keys($kind->toMaterial()), array_values(Kinds::all()));
    expect(array_values(array_unique(array_merge(...$keys))))->toEqualCanonicalizing([
        'skeleton_g_cm3', 'moisture_pct', 'open_porosity', 'closed_porosity', 'max_celsius', 'bleeds', 'soaks', 'fades',
        'drying', 'drying_h',
    ]);
});

// Pressed or hung 2–4 weeks, silica gel 3–7 days, slices in a low oven until they snap and a day more, what dries in the warm takes
// weeks: common practice.
it('stores how each kind dries, and for how long', function (string $key, Drying $drying, float $least, float $most): void {
    $substance = Kinds::all()[$key]->substance;
    expect($substance->drying)->toBe($drying)
        ->and($substance->dryingHours())->toBeGreaterThanOrEqual(24.0 * $least)->toBeLessThanOrEqual(24.0 * $most);
})->with([
    'pressed petals'            => ['petals', Drying::Press, 14, 28],
    'lavender in a bunch'       => ['lavender', Drying::Hang, 14, 28],
    'a dandelion clock, a week' => ['dandelion clock', Drying::Hang, 7, 7],
    'a wing in silica gel'      => ['butterfly wing', Drying::Silica, 3, 7],
    'an orange slice'           => ['orange slice', Drying::Oven, 1, 2],
    'an acorn, weeks'           => ['acorn', Drying::Warm, 14, 28],
    'paper, kept flat'          => ['paper', Drying::Press, 1, 3],
    'a shell, washed'           => ['shell', Drying::Air, 1, 1],
]);
