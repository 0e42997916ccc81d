<?php

declare(strict_types=1);

use Pensilis\Answer\Planner;
use Pensilis\Answer\Workshop;
use Pensilis\Batching\OneMix;
use Pensilis\Batching\PlannedMix;
use Tests\Plans;
use Tests\SharedCalibrations;

it('serves several pieces from one batch while that keeps in the cup, and by hand so much of each', function (): void {
    // 100 : 45 by weight, a pot life of 3 h: half of it is 1.5 h.
    $deep = fn(float $grams): PlannedMix => new PlannedMix('Deep', $grams * 100 / 145, $grams * 45 / 145, 3.0);
    $other = new PlannedMix('Deep', 50.0, 50.0, 3.0);
    $mixes = OneMix::all([
        [9.0, 1, 0, $deep(87.0)], [8.0, 0, 0, $deep(58.0)], [8.5, 2, 1, $other], [9.4, 3, 0, $deep(29.0)], [10.0, 4, 0, $deep(58.0)],
    ]);
    expect($mixes)->toHaveCount(1)
        ->and($mixes[0]->at)->toBe(8.0)->and($mixes[0]->resin())->toBe('Deep')
        ->and(array_column($mixes[0]->shares, 0))->toBe([0, 1, 3])
        ->and($mixes[0]->grams()[0])->toEqualWithDelta(120.0, 1e-9)->and($mixes[0]->grams()[1])->toEqualWithDelta(54.0, 1e-9);
});

it('tells of no batch that serves one piece alone', function (): void {
    $mix = new PlannedMix('Coat', 50.0, 50.0, 1.0);
    expect(OneMix::all([[8.0, 0, 0, $mix], [8.2, 0, 1, $mix], [12.0, 1, 0, $mix]]))->toBe([])->and(OneMix::all([]))->toBe([]);
});

it('finds it where two pieces share an evening', function (): void {
    $low = ['/inclusions' => [], '/vessel/height_mm' => 20, '/studio/hours' => [['days' => 'mon-fri', 'from' => '18:00', 'to' => '22:00']]];
    $workshop = Workshop::of([Plans::read($low), Plans::read($low)]);
    [$mix] = $workshop->oneMixes();
    $alone = (new Planner(new SharedCalibrations()))->plan(Plans::read($low))->layout->pours[0]->batch->mixed();
    // One cup keeps 4 g, not two.
    expect(array_sum($mix->grams()))->toEqualWithDelta(2.0 * $alone - 4.0, 1e-6)
        ->and($mix->grams()[0] / $mix->grams()[1])->toEqualWithDelta(100.0 / 45.0, 0.01);
});
