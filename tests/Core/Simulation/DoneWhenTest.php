<?php

declare(strict_types=1);

use Pensilis\Scheduling\Joint;
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

it('tells no window where a first part of the face stops bonding before its last part begins to', function (): void {
    // Half an hour between opening and closing, on a face whose rim is hours behind its middle.
    $sheet = ['/resins/0/sheet/recoat_open_h' => 22, '/resins/0/sheet/recoat_close_h' => 22.5];
    $pour = Simulation::of(Plans::read($sheet, Plans::coneWithPours()), new SharedCalibrations())->pours[2];
    $window = $pour->window();
    expect($window->opens)->toBeGreaterThan($window->closes)
        ->and([$pour->recoatOpens, $pour->recoatCloses])->toBe([null, null])
        ->and($window->allows(0.5 * ($window->opens + $window->closes)))->toBeNull()
        ->and($window->allows($window->sanded()))->toBe(Joint::Sanded);
});
