<?php

declare(strict_types=1);

use Pensilis\Colour\Colourant;
use Pensilis\Colour\Darkening;
use Pensilis\Colour\Dose;
use Pensilis\Colour\HandMeasure;
use Pensilis\Colour\Recipe;
use Pensilis\Colour\Shade;
use Pensilis\Exception\ImpossibleValue;

$ink = Colourant::ink('blue', 'Blue', Shade::hex('#1d4fa0'), 0.010, 0.9, 0.05);
$white = Colourant::pigment('white', 'White', Shade::hex('#f4f4f0'), 0.002, 4.2);

/** The dose of the first colour of a cup. */
function doseOf(Recipe $recipe, float $grams, float $step = 0.1, float $room = INF): Dose
{
    return Dose::all($recipe, $grams, 1.08, $step, $room)[0];
}

/** What is given of the colour itself, drops or grams. */
function given(Dose $dose): float
{
    return $dose->hand === null ? $dose->told / $dose->parts : $dose->told * $dose->hand->grams();
}

/** ΔE of 2000 between what was asked and what is given. */
function missed(Recipe $recipe, Dose $dose): float
{
    return $recipe->seenFrom($recipe->scaled(0, given($dose) / $dose->exact));
}

it('counts whole drops where the shade cannot be told from what was asked', function () use ($ink): void {
    // 54 g at 1.08 are 50 ml: 1.2 drops in 10 ml are 6 drops.
    $six = doseOf(Recipe::of([[$ink, 1.2]]), 54.0);
    expect([$six->exact, $six->told, $six->parts])->toEqualWithDelta([6.0, 6.0, 1], 1e-12)
        ->and($six->errorPercent())->toEqualWithDelta(0.0, 1e-9);
});

it('goes through a mother tint by drops where whole drops would be seen', function () use ($ink): void {
    // 1.3 drops for a cup of 10 ml: 13 drops of 1 in 10, made of 2 drops and 18 of clear: 1 ml, which no cup misses.
    $recipe = Recipe::of([[$ink, 1.3]]);
    $dose = doseOf($recipe, 10.8);
    expect([$dose->told, $dose->parts, $dose->made, $dose->size()])->toEqual([13.0, 10, 2.0, 20.0])
        // Nine tenths of 13 drops of 0.05 ml at 1.08 are clear of this cup.
        ->and($dose->clear)->toEqualWithDelta(0.9 * 13 * 0.05 * 1.08, 1e-9)
        ->and(missed($recipe, $dose))->toBeLessThanOrEqual(2.0);
});

it('goes through a mother paste where the scale is too coarse, and by the hand where that would be half of the cup', function (
) use ($white): void {
    // 0.3 % of 20 g are 0.06 g, less than a step of 0.1: 0.6 g of 1 in 10, made of half a gram, five steps.
    $thin = Recipe::of([[$white, 0.3]]);
    $dose = doseOf($thin, 20.0);
    expect([$dose->told, $dose->parts, $dose->size()])->toEqualWithDelta([0.6, 10, 5.0], 1e-9)
        // For 4 g it would be more than half of the cup, on a scale that takes 3 g more than it takes.
        ->and(doseOf($thin, 4.0)->hand)->toBe(HandMeasure::StickTip)
        ->and(doseOf($thin, 20.0, 0.1, 3.0)->hand)->toBe(HandMeasure::StickTip)
        ->and(doseOf(Recipe::of([[$white, 3.0]]), 100.0)->told)->toEqualWithDelta(3.0, 1e-12);
});

// Common practice: leaf, flakes, glitter and grains are never diluted.
it('dilutes neither grains nor fillers', function () use ($white): void {
    $grains = $white->known(2e-4, 0.0, 0.0, '');
    $flakes = Colourant::filler('flakes', 'Flakes', Shade::hex('#d0a020'), 0.003, 2.7, 0.4);
    foreach ([0.02, 0.05, 0.3, 1.0] as $percent) {
        foreach ([$grains, $flakes] as $colour) {
            foreach ([2.0, 15.0, 257.0] as $grams) {
                expect(doseOf(Recipe::of([[$colour, $percent]]), $grams)->isByMother())->toBeFalse();
            }
        }
    }
});

// However small: what is measured looks like what was asked, or is taken by the hand; a mother tint is never half of its cup.
it('gives the shade back whatever the cup', function (float $amount) use ($ink, $white): void {
    foreach ([$ink, $white] as $colour) {
        foreach ([2.0, 15.0, 76.3, 400.0] as $grams) {
            $recipe = Recipe::of([[$colour, $amount]]);
            $dose = doseOf($recipe, $grams);
            $weighs = $colour->drop > 0.0 ? $colour->drop * 1.08 : 1.0;
            expect($dose->isByMother() ? missed($recipe, $dose) : 0.0)->toBeLessThanOrEqual(2.0)
                ->and($dose->isByMother() ? $dose->size() * $weighs : 0.0)->toBeLessThanOrEqual(0.5 * $grams)
                ->and($dose->isByMother() ? $dose->told : 0.0)->toBeLessThanOrEqual($dose->size() + 1e-9)
                ->and($dose->isByMother() || $dose->hand !== null || abs($dose->errorPercent()) <= 25.0)->toBeTrue();
        }
    }
})->with([0.02, 0.05, 0.3, 1.0, 3.0, 10.0]);

it('keeps the steps of a gradient even', function () use ($ink): void {
    // Each half of the one before: 10.55, 5.28, 2.64 and 1.32 drops; given in the same steps to a tenth.
    $given = [];
    foreach ([2.11, 1.055, 0.5275, 0.26375] as $dose) {
        $given[] = given(doseOf(Recipe::of([[$ink, $dose]]), 54.0));
    }
    foreach ([0, 1, 2] as $n) {
        expect($given[$n] / $given[$n + 1])->toEqualWithDelta(2.0, 0.25);
    }
});

it('darkens one cup by what is left in it', function () use ($white): void {
    // 120 g: 40 poured at 0.2 %, 40 at 0.5 %, 40 at 1 %: 0.24 g into 120, 0.24 into 80, 0.20 into 40; together 0.08 + 0.20 + 0.40 g
    // poured out.
    $mixes = array_map(fn(float $percent): array => [40.0, Recipe::of([[$white, $percent]])], [0.5, 1.0, 0.2]);
    $steps = Darkening::of($mixes)->steps;
    $added = array_map(fn(array $step): float => $step['left'] * $step['adds']->doses()['white'] / 100.0, $steps);
    expect($added)->toEqualWithDelta([0.24, 0.24, 0.2], 1e-9)
        ->and(array_column($steps, 'left'))->toBe([120.0, 80.0, 40.0])
        ->and(array_column($steps, 'mix'))->toBe([2, 0, 1])
        ->and(array_sum($added))->toEqualWithDelta(40.0 * (0.002 + 0.005 + 0.01), 1e-12);
    expect(fn() => Darkening::of([[0.0, Recipe::clear()]]))->toThrow(ImpossibleValue::class);
});

it('darkens whatever else the cup holds, and leaves out what does not follow', function () use ($ink, $white): void {
    $both = fn(float $percent, float $drops): Recipe => Recipe::of([[$white, $percent], [$ink, $drops]]);
    $ladder = Darkening::of([[30.0, $both(1.0, 0.4)], [30.0, Recipe::clear()], [30.0, $both(1.0, 0.1)]]);
    expect(array_column($ladder->steps, 'mix'))->toBe([1, 2, 0])
        // White is in it already: only ink is added.
        ->and(array_keys($ladder->steps[2]['adds']->doses()))->toBe(['blue'])
        ->and($ladder->isAny())->toBeTrue();
    // A white without ink cannot come after a blue, nor before it.
    $two = Darkening::of([[30.0, Recipe::of([[$white, 1.0]])], [30.0, Recipe::of([[$ink, 0.1]])]]);
    expect($two->isAny())->toBeFalse();
});
