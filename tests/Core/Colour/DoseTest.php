<?php

declare(strict_types=1);

use Pensilis\Colour\Colourant;
use Pensilis\Colour\Darkening;
use Pensilis\Colour\Dose;
use Pensilis\Colour\Shade;
use Pensilis\Exception\ImpossibleValue;

$ink = Colourant::ink('blue', 'Blue', Shade::hex('#1d4fa0'), 0.010, 0.9, 0.05);
$white = Colourant::pigment('white', 'White', Shade::hex('#f4f4f0'), 0.002, 4.2);

/** Drops in an ml, or grams in a gram, of the last stage of a mother tint. */
function strength(Dose $dose): float
{
    return array_product(array_map(fn(array $stage): float => $stage['take'] / $stage['size'], $dose->stages));
}

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
        ->and($dose->stages)->toEqual([['take' => 1.0, 'size' => 5.0]])
        ->and($dose->told)->toEqualWithDelta(1.5, 1e-12)
        ->and($dose->told * strength($dose))->toEqualWithDelta($dose->exact, 1e-12);
});

it('goes through a mother paste where the scale is too coarse', function () use ($white): void {
    // 0.3 % of 20 g are 0.06 g, less than a step of 0.1: 6 g of 1 in 100. Made at once that would be 100 g for a cup of 20: in two stages.
    $dose = Dose::of($white, 0.3, 20.0, 1.08, 0.1);
    expect($dose->told)->toEqualWithDelta(6.0, 1e-9)
        ->and($dose->stages)->toEqual([['take' => 1.0, 'size' => 10.0], ['take' => 1.0, 'size' => 10.0]])
        // For a cup of 200 g it is made at once, unless the scale takes less.
        ->and(Dose::of($white, 0.03, 200.0, 1.08, 0.1)->stages)->toEqual([['take' => 1.0, 'size' => 100.0]])
        ->and(Dose::of($white, 0.03, 200.0, 1.08, 0.1, 90.0)->stages)->toEqual([
            ['take' => 1.0, 'size' => 10.0], ['take' => 1.0, 'size' => 10.0],
        ])
        ->and(Dose::of($white, 3.0, 100.0, 1.08, 0.1)->told)->toEqualWithDelta(3.0, 1e-12);
});

// However small: what is measured gives the dose back, and is never more than the mother tint holds.
it('gives the dose back whatever the cup', function (float $amount) use ($ink, $white): void {
    foreach ([$ink, $white] as $colour) {
        foreach ([2.0, 15.0, 400.0] as $grams) {
            $dose = Dose::of($colour, $amount, $grams, 1.1, 0.1);
            $given = $dose->isByMother() ? $dose->told * strength($dose) : $dose->told;
            $made = array_column($dose->stages, 'size');
            expect(abs($given - $dose->exact))->toBeLessThanOrEqual(0.1 * $dose->exact + 1e-12)
                ->and($dose->isByMother() ? $dose->told <= end($made) + 1e-9 : true)->toBeTrue()
                // No stage is more than the cup, unless it is the least that can be measured.
                ->and(max([0.0, ...$made]))->toBeLessThanOrEqual(max($grams, 10.0, ceil($dose->exact) * 0.5) + 1e-9);
        }
    }
})->with([0.02, 0.05, 0.3, 1.0, 3.0, 10.0]);

it('says by how much whole drops miss', function (float $drops, float $off) use ($ink): void {
    // 10.8 g at 1.08 are 10 ml: the dose is the drops.
    expect(Dose::of($ink, $drops, 10.8, 1.08, 0.1)->errorPercent())->toEqualWithDelta($off, 1e-9);
})->with([[6.4, -6.25], [7.6, 100.0 * 0.4 / 7.6], [8.0, 0.0]]);

it('darkens one cup by what is left in it', function (): void {
    // 120 g: 40 poured at 0.2 %, 40 at 0.5 %, 40 at 1 %: 0.24 g into 120, 0.24 into 80, 0.20 into 40; together 0.08 + 0.20 + 0.40 g
    // poured out.
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
