<?php

declare(strict_types=1);

use Pensilis\Simulation\Condition;
use Pensilis\Simulation\Simulation;
use Pensilis\Simulation\WhatIf;
use Pensilis\Thermal\Room\HotAir;
use Pensilis\Thermal\SimulatedPour;
use Tests\Plans;
use Tests\SharedCalibrations;

/**
 * @param array<string, mixed> $changes
 *
 * @return array<string, SimulatedPour> the second pour, as planned and by what is otherwise
 */
function otherwise(array $changes, float $cup = 0.2): array
{
    [$plan, $store] = [Plans::read($changes, Plans::coneWithPours()), new SharedCalibrations()];
    $simulation = Simulation::of($plan, $store);
    $found = [];
    foreach (WhatIf::all($simulation, $store, 1, $cup) as $one) {
        $found[$one->condition->value] = $one->pour;
    }

    return $found;
}

it('keeps to the law where a resin gives off no heat', function (): void {
    // Arrhenius, E = 52.9 kJ/mol: five degrees are a factor of about √2 (common practice: ten are two). 20 minutes in the cup stay 20.
    $pours = otherwise(['/resins/0/kinetics/heat_j_g' => 0]);
    $slower = fn(float $celsius): float => exp(52.9e3 / 8.314462618 * (1.0 / (273.15 + $celsius) - 1.0 / 294.15));
    expect($pours['colder']->gelFirst / $pours['planned']->gelFirst)->toEqualWithDelta($slower(16.0), 0.005)
        ->and($pours['warmer']->gelFirst / $pours['planned']->gelFirst)->toEqualWithDelta($slower(26.0), 0.005)
        ->and($pours['planned']->gelFirst - $pours['stood']->gelFirst)->toEqualWithDelta(1.0 / 3.0, 0.05)
        ->and($pours['covered']->gelFirst)->toEqualWithDelta($pours['planned']->gelFirst, 0.02)
        ->and($pours['deeper']->peakCelsius)->toEqualWithDelta(21.0, 1e-6);
});

it('warms what is deeper, covered or in a warmer room, and brings its windows sooner', function (): void {
    $pours = otherwise(['/resins/0/kinetics/k2_per_s' => 6e-5, '/pours/1/depth_mm' => 20, '/pours/2/depth_mm' => 26]);
    foreach (['deeper', 'covered', 'warmer'] as $one) {
        expect($pours[$one]->peakCelsius)->toBeGreaterThan($pours['planned']->peakCelsius + 0.5)
            ->and($pours[$one]->gelFirst)->toBeLessThan($pours['planned']->gelFirst)
            ->and($pours[$one]->recoatCloses)->toBeLessThan($pours['planned']->recoatCloses);
    }
    expect($pours['colder']->peakCelsius)->toBeLessThan($pours['planned']->peakCelsius - 5.0);
});

it('is as warm under a box that is planned as under one that is not, and asks then what it would be without', function (): void {
    $hot = ['/resins/0/kinetics/k2_per_s' => 6e-5, '/pours/1/depth_mm' => 20, '/pours/2/depth_mm' => 26];
    // Covered from the first pour on or only for the second: by then the first is as cold as the room.
    [$open, $covered] = [otherwise($hot), otherwise($hot + ['/vessel/covered' => true])];
    expect($covered['planned']->peakCelsius)->toEqualWithDelta($open['covered']->peakCelsius, 0.01)
        ->and($covered['open']->peakCelsius)->toEqualWithDelta($open['planned']->peakCelsius, 0.01)
        ->and($covered)->not->toHaveKey('covered')
        ->and($open)->not->toHaveKey('open');
});

it('begins with the pour as it is planned', function (): void {
    $plan = Plans::read([], Plans::coneWithPours());
    $store = new SharedCalibrations();
    $simulation = Simulation::of($plan, $store);
    $planned = WhatIf::all($simulation, $store, 2, 0.2)[0]->pour;
    expect($planned->peakCelsius)->toEqualWithDelta($simulation->pours[2]->peakCelsius, 1e-9)
        ->and($planned->recoatOpens)->toEqualWithDelta($simulation->pours[2]->recoatOpens, 1e-9);
});

it('asks nothing that cannot be', function (): void {
    // Nothing is poured deeper than the vessel is high, and a cup of nothing does not stand.
    $last = Plans::read([], Plans::coneWithPours());
    $simulation = Simulation::of($last, new SharedCalibrations());
    $found = WhatIf::all($simulation, new SharedCalibrations(), 2, 0.0);
    expect(array_map(fn(WhatIf $one): Condition => $one->condition, $found))
        ->toBe([Condition::Planned, Condition::Colder, Condition::Warmer, Condition::Covered]);
});

it('warms a face with hot air as a body without end', function (): void {
    // Incropera & DeWitt, section 5.7: 2 q √(t/(π k ρ cp)), by hand 2 · 5000 · √(10/(π · 0.2 · 1100 · 2100)) = 26.2 K.
    expect(HotAir::warms(Plans::deep()))->toEqualWithDelta(26.2, 0.1)
        // Four times as long warms twice as much.
        ->and(HotAir::warms(Plans::deep(), 5000.0, 40.0))->toEqualWithDelta(2.0 * HotAir::warms(Plans::deep()), 1e-9);
});
