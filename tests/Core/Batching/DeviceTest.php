<?php

declare(strict_types=1);

use Pensilis\Batching\Batch;
use Pensilis\Batching\Device;
use Pensilis\Batching\MarkedCup;
use Pensilis\Batching\Measured;
use Pensilis\Batching\Scale;
use Pensilis\Batching\Spoon;
use Pensilis\Batching\WeighedMix;
use Pensilis\Exception\ImpossibleValue;
use Pensilis\Quantity\UnitSystem;
use Pensilis\Quantity\Volume;
use Pensilis\Resin\MixRatio;
use Tests\Plans;

it('never reads farther from the label than the ratio error that it tells, on any device', function (Device $device): void {
    for ($ml = 2.0; $ml < 900.0; $ml *= 1.11) {
        $batch = Batch::of(Plans::resin(), $ml * 1e-6, $device);
        [$a, $b] = $batch->readGrams();
        if ($a <= 0.0 || $b <= 0.0) {
            expect($batch->isRefused())->toBeTrue();
            continue;
        }
        $share = $batch->ratioErrorPercent() / 100.0;
        expect(abs($b / $a / 0.45 - 1.0))->toBeLessThanOrEqual($share < 1.0 ? $share / (1.0 - $share) + 1e-9 : INF);
    }
})->with([
    'a fine scale' => [Scale::withStep(0.01)], 'a kitchen scale' => [Scale::withStep(1.0, 5000.0)],
    'a marked cup' => [MarkedCup::withMarks(2.5, 100.0)], 'a large one' => [MarkedCup::withMarks(10.0)],
    // US teaspoon and tablespoon, NIST SP 811.
    'a teaspoon' => [Spoon::holding(4.92892)], 'a tablespoon' => [Spoon::holding(14.7868)], 'drops' => [Spoon::drop(0.05)],
]);

it('reads 1 : 1 by volume as equal marks', function (): void {
    $resin = Plans::resin();
    $equal = MixRatio::byVolume(1.0, 1.0, 1130.0, 980.0);
    // A and B by volume fill the same marks; on a scale they differ by their densities.
    $cups = Measured::of(MarkedCup::withMarks(1.0), $equal, 211.0);
    expect([$cups?->a, $cups?->b])->toBe([100.0, 100.0])
        ->and($cups?->grams())->toEqualWithDelta([113.0, 98.0], 1e-9)
        ->and($equal->byMass())->toEqualWithDelta(0.98 / 1.13, 1e-12)
        ->and(Spoon::holding(15.0)->grams(2.0, 1.1))->toEqualWithDelta(33.0, 1e-12)
        ->and($resin->ratio->volumeParts())->toBeNull()
        ->and($equal->volumeParts())->toBe([1.0, 1.0]);
});

it('parts a mix so that A, B and the cup they stand in stay below the limit of the scale', function (
    float $ml,
    float $cup,
    int $goes,
): void {
    expect(Batch::of(Plans::resin([], 1000.0), $ml * 1e-6, Scale::withStep(0.1, 200.0, $cup), 0.0)->mixes)->toBe($goes);
})->with([
    // B is weighed on top of A: 200 g are 200 g of both.
    'as much as it takes' => [200.0, 0.0, 1],
    'a little more'       => [201.0, 0.0, 2],
    'with a 30 g cup'     => [171.0, 30.0, 2],
    'just with it'        => [170.0, 30.0, 1],
    'three of 170 g'      => [510.0, 30.0, 3],
    'a cup too heavy'     => [10.0, 200.0, 0],
]);

it('fills a marked cup for A and for B by itself', function (): void {
    // 100 of 145 parts are A, by weight: 145 g are 88.5 ml of A and 45.9 ml of B.
    $mixes = fn(Device $device): int => Batch::of(Plans::resin(), 145.0 / 1.1e6, $device, 0.0)->mixes;
    expect($mixes(MarkedCup::withMarks(1.0, 100.0)))->toBe(1)
        ->and($mixes(MarkedCup::withMarks(1.0, 80.0)))->toBe(2)
        ->and($mixes(Spoon::holding(15.0)))->toBe(1);
});

it('holds back a share, and what a small batch has too much', function (): void {
    $held = Batch::of(Plans::resin(), 1e-4, Scale::withStep(0.1), 4.0, 0.1);
    $small = Batch::of(Plans::resin(), 1e-5, Scale::withStep(0.1), 4.0, 0.0, 60.0);
    expect($held->needed())->toEqualWithDelta(110.0 + 4.0 + 11.0, 1e-9)
        ->and($small->needed())->toEqualWithDelta(60.0, 1e-9)
        ->and($small->held)->toEqualWithDelta(60.0 - 4.0 - 11.0, 1e-9)
        ->and($small->mass)->toEqualWithDelta(11.0, 1e-9)
        // Mass is kept: what goes in, what clings, what is held back.
        ->and($small->mass + $small->loss + $small->held)->toEqualWithDelta($small->needed(), 1e-12);
});

it('tells the wrong way of mixing by its consequence, and mends it', function (): void {
    // 2 : 1 by volume at 1.15 and 0.95 g/ml is 100 : 41.3 by weight; weighed as 2 : 1 there is 21 % too much hardener.
    $ratio = MixRatio::byVolume(2.0, 1.0, 1150.0, 950.0);
    $wrong = WeighedMix::wrongWay($ratio);
    expect($wrong?->hardenerPercent())->toEqualWithDelta(100.0 * (1.15 / 0.95 - 1.0), 1e-9)
        ->and($wrong?->balance())->toEqualWithDelta(0.95 / 1.15, 1e-12)
        ->and(WeighedMix::wrongWay(MixRatio::byWeight(100.0, 45.0, 1130.0, 980.0)))->toBeNull();
    [$what, $grams] = WeighedMix::of($ratio, 200.0, 100.0)->rescue();
    expect($what)->toBe('A')
        ->and(WeighedMix::of($ratio, 200.0 + $grams, 100.0)->hardenerPercent())->toEqualWithDelta(0.0, 1e-9);
    [$what, $grams] = WeighedMix::of($ratio, 200.0, 50.0)->rescue();
    expect($what)->toBe('B')
        ->and(WeighedMix::of($ratio, 200.0, 50.0 + $grams)->balance())->toEqualWithDelta(1.0, 1e-12);
});

// Flory 1953; Stockmayer 1944: α = 1/√(3r), 0.645 at r = 0.8, and no gel below r = 1/3.
it('gels later the farther it is off, and below a third never', function (float $balance, ?float $gel): void {
    $mix = WeighedMix::of(MixRatio::byWeight(100.0, 50.0, 1100.0, 1000.0), 100.0, 50.0 * $balance);
    expect($mix->gelConversion())->toEqualWithDelta($gel, 5e-4)
        ->and($mix->gels())->toBe($gel !== null);
})->with([[1.0, 0.5774], [0.8, 0.6455], [0.34, 0.9901], [0.33, null]]);

// NIST SP 811, appendix B: fluid ounce, cup, pint.
it('knows the cups of the trade', function (string $text, float $ml): void {
    expect(Volume::parse($text, UnitSystem::Us)->ml())->toEqualWithDelta($ml, 5e-4 * $ml);
})->with([['5 oz', 147.868], ['1 cup', 236.588], ['1 pint', 473.176], ['1/2 cup', 118.294]]);

it('refuses devices that cannot be', function (callable $make): void {
    $make();
})->with([
    'a scale that bears less than its step' => [fn() => Scale::withStep(1.0, 0.5)],
    'a cup without marks'                   => [fn() => MarkedCup::withMarks(0.0)],
    'a cup smaller than a mark'             => [fn() => MarkedCup::withMarks(10.0, 5.0)],
    'a spoon of nothing'                    => [fn() => Spoon::holding(0.0)],
    'no A'                                  => [fn() => WeighedMix::of(MixRatio::byWeight(1.0, 1.0, 1.0, 1.0), 0.0, 5.0)],
])->throws(ImpossibleValue::class);
