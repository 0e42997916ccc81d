<?php

declare(strict_types=1);

use Pensilis\Exception\ImpossibleValue;
use Pensilis\Material\Verdict;
use Pensilis\Material\Weighings;
use Pensilis\Scheduling\Preparation;
use Pensilis\Scheduling\WorkingHours;
use Tests\Plans;

it('tells from weighings how much water has gone and how much is left', function (): void {
    // By hand: a slice of 20 g with 80 % of water holds 4 g of dry matter. At 8 g it has lost 60 % of its weight, and half of it is water.
    $slice = Weighings::of([20.0, 8.0]);
    expect($slice->gone())->toEqualWithDelta(60.0, 1e-9)->and($slice->left(80.0))->toEqualWithDelta(50.0, 1e-9)
        ->and($slice->isConstant())->toBeFalse()
        // At 4.4 g a tenth is left but for a percent; two weighings alike end it, whatever was assumed of the fresh slice.
        ->and(Weighings::of([20.0, 8.0, 4.4])->left(80.0))->toEqualWithDelta(100.0 / 11.0, 1e-9)
        ->and(Weighings::of([20.0, 8.0, 4.2, 4.19])->isConstant())->toBeTrue()
        ->and(Weighings::of([20.0, 8.0, 4.2, 4.19])->left(80.0))->toBe(0.0)
        ->and(Weighings::of([]))->toBeNull()
        ->and(fn() => Weighings::of([4.0, 8.0]))->toThrow(ImpossibleValue::class);
});

it('lets the schedule wait for it, and constant weight ends it', function (): void {
    $slice = fn(array $grams): array => [
        '/inclusions/0/material/moisture_pct' => 80, '/inclusions/0/material/weighed_g' => $grams,
        '/inclusions/0/material/drying'       => 'oven',
    ];
    $ready = fn(array $grams): float => Preparation::of(
        Plans::read($slice($grams))->inclusions,
        WorkingHours::always(),
    )->readyFor(Plans::read($slice($grams))->inclusions);
    expect(Plans::read($slice([20.0, 8.0]))->inclusions[0]->verdict())->toBe(Verdict::DryFirst)
        ->and(Plans::read($slice([20.0, 8.0, 4.2, 4.19]))->inclusions[0]->verdict())->not->toBe(Verdict::DryFirst)
        // 30 hours in the oven and a day in the open (common practice) fall away.
        ->and($ready([20.0, 8.0]) - $ready([20.0, 8.0, 4.2, 4.19]))->toEqualWithDelta(30.0, 1e-9);
});
