<?php

declare(strict_types=1);

use Pensilis\Batching\Batch;
use Pensilis\Batching\Scale;
use Pensilis\Exception\ImpossibleValue;
use Tests\Plans;

it('weighs the shares of the label', function (): void {
    // 100 : 45 by weight of 145 g is 100 and 45, by hand.
    $batch = Batch::of(Plans::resin(), 145.0 / 1100.0 / 1000.0, Scale::withStep(0.1), 0.0);
    expect($batch->mass)->toEqualWithDelta(145.0, 1e-9)
        ->and($batch->a())->toEqualWithDelta(100.0, 1e-9)
        ->and($batch->b())->toEqualWithDelta(45.0, 1e-9)
        ->and($batch->readings())->toBe([100.0, 45.0]);
});

it('adds what cup and stick keep, in the same ratio', function (): void {
    $batch = Batch::of(Plans::resin(), 145.0 / 1100.0 / 1000.0, Scale::withStep(0.1), 14.5);
    expect($batch->readings())->toBe([110.0, 49.5])
        ->and($batch->a())->toEqualWithDelta(100.0, 1e-9);
});

it('gives the same mix in marked cups', function (): void {
    $batch = Batch::of(Plans::resin(), 0.0002, Scale::withStep(0.1));
    [$a, $b] = $batch->measures();
    expect($a * 1.130 + $b * 0.980)->toEqualWithDelta($batch->mixed(), 1e-9)
        ->and($b * 0.980 / ($a * 1.130))->toEqualWithDelta(0.45, 0.0005);
});

it('never rounds beyond the ratio error that it tells', function (float $step): void {
    for ($ml = 1.0; $ml < 400.0; $ml *= 1.13) {
        $batch = Batch::of(Plans::resin(), $ml * 1e-6, Scale::withStep($step));
        [$a, $b] = $batch->readings();
        if ($a <= 0.0) {
            expect($batch->isRefused())->toBeTrue();
            continue;
        }
        $error = abs($b / $a / 0.45 - 1.0);
        $share = $batch->ratioErrorPercent() / 100.0;
        // (1 + x)/(1 − y) − 1 ≤ (x + y)/(1 − (x + y)).
        expect($error)->toBeLessThanOrEqual($share < 1.0 ? $share / (1.0 - $share) + 1e-9 : INF);
    }
})->with([0.01, 0.1, 1.0, 5.0]);

it('warns above 3 % and refuses above 10 %', function (float $grams, bool $doubtful, bool $refused): void {
    // Half a step of 1 g on 100 : 45 shares, by hand: 29.0 g → 2.5 + 5.6 % = 8.1 %; 100 g → 2.3 %; 20 g → 11.7 %.
    $batch = Batch::of(Plans::resin(), $grams / 1100.0 / 1000.0, Scale::withStep(1.0), 0.0);
    expect($batch->isDoubtful())->toBe($doubtful)
        ->and($batch->isRefused())->toBe($refused);
})->with([[100.0, false, false], [29.0, true, false], [20.0, true, true]]);

it('says a batch and a step that would do', function (): void {
    $batch = Batch::of(Plans::resin(), 20.0 / 1100.0 / 1000.0, Scale::withStep(1.0), 0.0);
    $larger = Batch::of(Plans::resin(), $batch->leastGoodMix() / 1100.0 / 1000.0, Scale::withStep(1.0), 0.0);
    $finer = Batch::of(Plans::resin(), 20.0 / 1100.0 / 1000.0, Scale::withStep($batch->goodStep()), 0.0);
    // Readings are whole steps, which may be a little more than the shares.
    expect($larger->ratioErrorPercent())->toEqualWithDelta(3.0, 0.3)
        ->and($finer->ratioErrorPercent())->toEqualWithDelta(3.0, 0.3);
});

it('refuses a scale without steps', function (): void {
    Scale::withStep(0.0);
})->throws(ImpossibleValue::class, 'scale-step');
