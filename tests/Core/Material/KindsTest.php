<?php

declare(strict_types=1);

use Pensilis\Material\Kind;
use Pensilis\Material\Kinds;

it('knows about sixty kinds, each with a source', function (): void {
    expect(count(Kinds::all()))->toBeGreaterThanOrEqual(60);
    foreach (Kinds::all() as $kind) {
        expect($kind->source)->toMatch('/memory|CRC Handbook/')
            ->and($kind->drying)->not->toBe('')
            ->and($kind->sealing)->not->toBe('')
            ->and($kind->toMaterial()['name'])->toBe($kind->name);
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
    expect(array_values(array_unique(array_merge(...$keys))))->toEqualCanonicalizing(['name', 'skeleton_g_cm3', 'moisture_pct', 'open_porosity', 'closed_porosity', 'max_celsius', 'bleeds', 'soaks', 'fades', 'drying']);
});
