<?php

declare(strict_types=1);

use Pensilis\Colour\Colourant;
use Pensilis\Colour\Darkening;
use Pensilis\Colour\Dose;
use Pensilis\Colour\Shade;
use Pensilis\Exception\ImpossibleValue;

$ink = Colourant::ink('blue', 'Blue', Shade::hex('#1d4fa0'), 0.010, 0.9, 0.05);
$white = Colourant::pigment('white', 'White', Shade::hex('#f4f4f0'), 0.002, 4.2);

it('counts whole drops where they are near enough', function () use ($ink): void {
    // 54 g at 1.08 are 50 ml: 1.2 drops in 10 ml are 6 drops.
    $dose = Dose::of($ink, 1.2, 54.0, 1.08, 0.1);
    expect($dose->exact)->toEqualWithDelta(6.0, 1e-12)
        ->and($dose->told)->toBe(6.0)
        ->and($dose->isByMother())->toBeFalse()
        ->and($dose->errorPercent())->toEqualWithDelta(0.0, 1e-9);
});

it('goes through a mother tint where drops would be fractions', function () use ($ink): void {
    // 0.3 drops in 10 ml of a cup of 10 ml: a drop in 5 ml is 0.2 drops a millilitre, and 1.5 ml of that are 0.3.
    $dose = Dose::of($ink, 0.3, 10.8, 1.08, 0.1);
    expect($dose->isByMother())->toBeTrue()
        ->and($dose->base)->toBe(1.0)
        ->and($dose->motherSize())->toEqualWithDelta(5.0, 1e-12)
        ->and($dose->told)->toEqualWithDelta(1.5, 1e-12)
        ->and($dose->told / $dose->motherSize() * $dose->base)->toEqualWithDelta($dose->exact, 1e-12);
});

it('goes through a mother paste where the scale is too coarse', function () use ($white): void {
    // 0.3 % of 20 g are 0.06 g, less than a step of 0.1: 1 g in 100 g, of which 6 g.
    $dose = Dose::of($white, 0.3, 20.0, 1.08, 0.1);
    expect($dose->parts)->toBe(100)
        ->and($dose->told)->toEqualWithDelta(6.0, 1e-9)
        ->and($dose->base)->toEqualWithDelta(1.0, 1e-12)
        ->and(Dose::of($white, 3.0, 100.0, 1.08, 0.1)->told)->toEqualWithDelta(3.0, 1e-12);
});

// However small: what is measured gives the dose back, and is never more than the mother tint holds.
it('gives the dose back whatever the cup', function (float $amount) use ($ink, $white): void {
    foreach ([$ink, $white] as $colour) {
        foreach ([2.0, 15.0, 400.0] as $grams) {
            $dose = Dose::of($colour, $amount, $grams, 1.1, 0.1);
            $given = $dose->isByMother() ? $dose->told / $dose->motherSize() * $dose->base : $dose->told;
            expect(abs($given - $dose->exact))->toBeLessThanOrEqual(0.1 * $dose->exact + 1e-12)
                ->and($dose->isByMother() ? $dose->told <= $dose->motherSize() + 1e-9 : true)->toBeTrue();
        }
    }
})->with([0.02, 0.05, 0.3, 1.0, 3.0, 10.0]);

it('darkens one cup by what is left in it', function (): void {
    // 120 g: 40 poured at 0.2 %, 40 at 0.5 %, 40 at 1 %: 0.24 g into 120, 0.24 into 80, 0.20 into 40; together 0.08 + 0.20 + 0.40 g poured out.
    $steps = Darkening::of([[40.0, 0.005], [40.0, 0.01], [40.0, 0.002]])->steps;
    expect(array_map(fn(array $step): float => round($step['add'], 9), $steps))->toBe([0.24, 0.24, 0.2])
        ->and(array_column($steps, 'left'))->toBe([120.0, 80.0, 40.0])
        ->and(array_sum(array_column($steps, 'add')))->toEqualWithDelta(40.0 * (0.002 + 0.005 + 0.01), 1e-12);
    expect(fn() => Darkening::of([[0.0, 0.1]]))->toThrow(ImpossibleValue::class);
});

it('never takes more of a mother tint than the cup holds', function (float $percent) use ($white): void {
    $dose = Dose::of($white, $percent, 1.4, 1.08, 0.1);
    expect($dose->isByMother())->toBeTrue()
        ->and($dose->told)->toBeLessThanOrEqual(1.4 + 1e-9);
})->with([0.3, 1.0, 2.0, 3.0]);
