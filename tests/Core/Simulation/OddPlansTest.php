<?php

declare(strict_types=1);

use Pensilis\Answer\Planner;
use Pensilis\PlanFile\PlainResins;
use Pensilis\PlanFile\PlanRefused;
use Pensilis\Simulation\Simulation;
use Pensilis\Thermal\SimulatedPour;
use Tests\Plans;
use Tests\SharedCalibrations;

/*
 * Sixty plans that nobody would draw: each ends with numbers that can be, or with a clear refusal.
 */

/** @return array<string, array{array<string, mixed>}> changes to the cone block without its cone, by what is odd */
function oddPlans(): array
{
    $round = fn(float $diameter, float $height): array => ['/vessel/diameter_mm' => $diameter, '/vessel/height_mm' => $height];
    $room = fn(float $celsius): array => ['/ambient' => ['kind' => 'constant', 'celsius' => $celsius]];
    $resins = fn(string ...$some): array => ['/resins' => array_map(fn(string $one): array => PlainResins::ALL[$one], $some)];
    $pours = fn(float ...$depths): array => ['/pours' => array_map(
        fn(int $k, float $depth): array => ['resin' => 'deep', 'depth_mm' => $depth, 'start_h' => 60 * $k],
        array_keys($depths),
        $depths,
    )];
    $found = ['/pours' => null];
    $odd = [];
    foreach (['tiny' => [6, 2], 'a thimble' => [15, 12], 'a straw' => [8, 120], 'a coin' => [25, 1.6], 'a table' => [1500, 20],
        'a well'     => [400, 600], 'a column' => [80, 900]] as $name => [$diameter, $height]) {
        foreach (['deep', 'coat'] as $resin) {
            $odd["{$name} of {$resin}"] = $round($diameter, $height) + $resins($resin) + $found;
        }
    }
    foreach ([-20.0, -5.0, 0.0, 8.0, 35.0, 45.0] as $celsius) {
        foreach (['deep', 'coat'] as $resin) {
            $odd["{$resin} at {$celsius} °C"] = $room($celsius) + $resins($resin) + $round(90, $resin === 'deep' ? 60 : 20) + $found;
        }
    }
    foreach ([1, 10, 50, 60] as $depth) {
        foreach ([15.0, 30.0, 40.0] as $celsius) {
            $odd["{$depth} mm at {$celsius} °C"] = $room($celsius) + $pours((float) $depth) + $round(90, (float) max(5, $depth));
        }
    }
    foreach (['silicone', 'glass', 'wood'] as $wall) {
        foreach ([0.5, 40.0] as $thick) {
            $odd["{$wall} of {$thick} mm"] = ['/vessel/wall' => ['material' => $wall, 'thickness_mm' => $thick]] + $found;
        }
    }

    return $odd + [
        'forty pours' => $pours(...array_fill(0, 40, 1.5)),
        'all at once' => ['/pours' => array_map(fn(int $k): array => [
            'resin' => 'deep', 'depth_mm' => 5, 'start_h' => 0.25 * $k,
        ], range(0, 11))],
        'fast on slow' => $resins('deep', 'coat') + ['/pours' => [
            ['resin' => 'deep', 'depth_mm' => 50, 'start_h' => 0], ['resin' => 'coat', 'depth_mm' => 10, 'start_h' => 30],
        ]],
        'slow on fast' => $resins('deep', 'coat') + ['/pours' => [
            ['resin' => 'coat', 'depth_mm' => 10, 'start_h' => 0], ['resin' => 'deep', 'depth_mm' => 50, 'start_h' => 5],
        ]],
        'a coat as deep' => $resins('coat') + ['/pours' => [['resin' => 'coat', 'depth_mm' => 60, 'start_h' => 0]]],
        'a year between' => ['/pours' => [
            ['resin' => 'deep', 'depth_mm' => 30, 'start_h' => 0], ['resin' => 'deep', 'depth_mm' => 30, 'start_h' => 8760],
        ]],
        'no heat of cure'   => ['/resins/0/kinetics/heat_j_g' => 0],
        'heat of a fire'    => ['/resins/0/kinetics/heat_j_g' => 600],
        'hardly any rate'   => ['/resins/0/kinetics/k1_per_s' => 1e-9, '/resins/0/kinetics/k2_per_s' => 1e-8],
        'a rate of seconds' => ['/resins/0/kinetics/k1_per_s' => 1e-3, '/resins/0/kinetics/k2_per_s' => 1e-2],
        'gel at the start'  => ['/resins/0/kinetics/alpha_gel' => 0.05],
        'gel at the end'    => ['/resins/0/kinetics/alpha_gel' => 0.98],
        'a cone’s tip'      => ['/vessel' => [
            'shape' => 'cone-frustum', 'bottom_diameter_mm' => 1, 'top_diameter_mm' => 90, 'height_mm' => 60,
            'wall'  => ['material' => 'silicone', 'thickness_mm' => 4],
        ]] + $found,
        'a bowl' => ['/vessel' => [
            'shape' => 'hemisphere', 'diameter_mm' => 120, 'wall' => ['material' => 'silicone', 'thickness_mm' => 4],
        ]] + $found,
        'days of frost'     => ['/ambient' => ['kind' => 'daily', 'min_celsius' => -10, 'max_celsius' => 40, 'coldest_hour' => 4]] + $found,
        'filled with metal' => $found + ['/inclusions' => [[
            'id'           => 'plug', 'shape' => 'cylinder', 'size_mm' => [86, 86, 50], 'at_mm' => [0, 0], 'target_bottom_mm' => 5,
            'tolerance_mm' => 2, 'material' => ['skeleton_g_cm3' => 8.5],
        ]]],
    ];
}

it('ends with numbers that can be, or a clear refusal', function (array $changes): void {
    $document = Plans::changed($changes + ['/inclusions' => [], '/studio/hours' => []], Plans::coneWithPours());
    try {
        $plan = Plans::read([], $document);
    } catch (PlanRefused $refusal) {
        expect($refusal->problems)->not->toBe([]);

        return;
    }
    $store = new SharedCalibrations();
    $answer = $plan->pours === [] ? (new Planner($store))->plan($plan) : null;
    $simulation = $answer === null ? Simulation::of($plan, $store) : $answer->simulation;
    if ($simulation === null) {
        expect($answer?->reasons)->not->toBe([]);

        return;
    }
    expect($simulation->energyError)->toBeLessThan(1e-6)->and($simulation->pours)->not->toBe([]);
    $end = max(array_map(fn(SimulatedPour $one): float => $one->startHour, $simulation->pours)) + 60.0 * 24.0;
    $warmest = $plan->ambient->greatest(0.0, 3600.0 * $end) - 273.15;
    foreach ($simulation->pours as $k => $pour) {
        $resin = $simulation->layout->pours[$k]->resin;
        $rise = ($resin->law->heat ?? 300e3) / $resin->heatCapacity;
        $moments = array_filter(
            [$pour->gelFirst, $pour->gelLast, $pour->recoatOpens, $pour->recoatCloses, $pour->demold, $pour->fullCure],
            fn(?float $one): bool => $one !== null,
        );
        expect($pour->peakCelsius)->toBeGreaterThan(-41.0)->toBeLessThanOrEqual($warmest + $rise + 1e-6)
            ->and(array_filter($moments, fn(float $one): bool => !is_finite($one) || $one < 0.0))->toBe([])
            ->and($pour->gelLast ?? INF)->toBeGreaterThanOrEqual($pour->gelFirst ?? 0.0)
            ->and($pour->demold ?? INF)->toBeGreaterThanOrEqual($pour->gelLast ?? 0.0)
            ->and($pour->fullCure ?? INF)->toBeGreaterThanOrEqual($pour->demold ?? 0.0);
    }
})->with(fn(): array => array_map(fn(array $one): array => [$one], oddPlans()));

it('has sixty of them', function (): void {
    expect(count(oddPlans()))->toBeGreaterThanOrEqual(60);
});
