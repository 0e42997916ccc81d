<?php

declare(strict_types=1);

use Pensilis\Simulation\Doing;
use Pensilis\Simulation\DoneWhen;
use Pensilis\Simulation\Simulation;
use Tests\Plans;
use Tests\SharedCalibrations;

it('names the windows of a pour in the order in which they come', function (): void {
    $pour = Simulation::of(Plans::read([], Plans::coneWithPours()), new SharedCalibrations())->pours[0];
    $windows = [];
    foreach (DoneWhen::all($pour) as $one) {
        $windows[$one->doing->value] = [$one->opens, $one->closes];
    }
    expect(array_keys($windows))->toBe(array_map(fn(Doing $one): string => $one->value, Doing::cases()))
        // 3, 10 and 30 Pa·s come one after the other; 10 end the working time of the sheet (memory), here in a cooler room.
        ->and($windows['merge'][1])->toBe($windows['keep-a-line'][0])
        ->and($windows['moved-by-air'][1])->toEqualWithDelta($pour->workingUntil, 0.1)
        ->and($windows['keep-a-line'][0])->toBeLessThan($windows['moved-by-air'][1])
        ->and($windows['place'][1])->toBeGreaterThan($windows['moved-by-air'][1])
        ->and($windows['press-on'])->toBe([$windows['place'][1], $pour->recoatCloses])
        // Just before and after it gels.
        ->and($windows['bend'][0])->toBeLessThan($pour->gelFirst)
        ->and($windows['bend'][1])->toBeGreaterThan($pour->gelLast)
        ->and($windows['recoat'])->toBe([$pour->recoatOpens, $pour->recoatCloses])
        ->and($windows['sand'])->toBe([$pour->demold, null]);
});

it('bounds a peak by what the room has been since, not by how cold it began', function (): void {
    // Without heat of cure nothing passes the air: poured at 10 °C into a room that warms to 30 °C within two days.
    $pour = Simulation::of(Plans::read([], Plans::changed([
        '/ambient'                    => ['kind' => 'series', 'points' => [[0, 10], [48, 30]]],
        '/resins/0/kinetics/heat_j_g' => 0, '/inclusions' => [], '/pours' => [['resin' => 'deep', 'depth_mm' => 14, 'start_h' => 0]],
    ], Plans::coneWithPours())), new SharedCalibrations())->pours[0];
    expect($pour->peakCelsius)->toEqualWithDelta(30.0, 0.01);
});
