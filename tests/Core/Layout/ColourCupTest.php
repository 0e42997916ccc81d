<?php

declare(strict_types=1);

use Pensilis\Layout\ColourCup;
use Pensilis\Layout\LaidPour;
use Pensilis\Layout\Layout;
use Tests\Plans;

/** The last pour of a piece with four bands in one coat, each with its mix; 90 mm across, 34 mm deep. */
function banded(array $mixes, array $more = []): LaidPour
{
    $zones = array_map(fn(int $n, array $mix): array => [
        'shape' => 'band', 'angle_deg' => 0, 'from_mm' => -45 + 22.5 * $n, 'to_mm' => -22.5 + 22.5 * $n, 'mix' => $mix, 'share_pct' => 25,
    ], array_keys($mixes), $mixes);
    $plan = Plans::read($more + ['/pours/2/zones' => $zones, '/inclusions' => []], Plans::coloured());

    return Layout::given($plan)->pours[2];
}

$white = [['colour' => 'white', 'pct' => 3]];
$blue = [['colour' => 'blue', 'drops_per_10_ml' => 0.5]];
$weak = [['colour' => 'blue', 'drops_per_10_ml' => 0.25]];

// Common practice: a cup is a recipe; two white bands come out of one.
it('stirs one cup for all regions of one mix and strength', function () use ($white, $blue, $weak): void {
    $pour = banded([$white, $blue, $white, $weak]);
    expect(array_map(fn(ColourCup $one): int => count($one->portions), $pour->cups))->toBe([2, 1, 1])
        // Both whites are half of the coat.
        ->and($pour->cups[0]->pours / array_sum(array_map(fn(ColourCup $one): float => $one->pours, $pour->cups)))
        ->toEqualWithDelta(0.5, 0.01);
});

it('leaves clear, and a coat of one colour, in the cup that they are mixed in', function () use ($white, $blue): void {
    $part = banded([$white, [], $blue, []]);
    expect(array_map(fn(ColourCup $one): bool => $one->isOwn(), $part->cups))->toBe([true, false, true]);
    $all = banded([$white, $white, $white, $white]);
    expect($all->cups)->toHaveCount(1)->and($all->cups[0]->isOwn())->toBeFalse()->and($all->batch->inCups)->toBe(0.0);
});

it('keeps in a cup what its wall does, and mixes that too', function () use ($white, $blue): void {
    // A cup of 100 g keeps 4 g; one of an eighth has a quarter of its wall.
    $small = banded([$white, $blue, $blue, $blue], ['/vessel/diameter_mm' => 45]);
    foreach ($small->cups as $cup) {
        expect($cup->keeps)->toEqualWithDelta(4.0 * min(1.0, (($cup->pours + $cup->topUp) / 100.0) ** (2.0 / 3.0)), 1e-9)
            ->and($cup->grams())->toEqualWithDelta($cup->pours + $cup->topUp + $cup->keeps, 1e-9);
    }
    $kept = array_sum(array_map(fn(ColourCup $one): float => $one->keeps, $small->cups));
    expect($small->batch->inCups)->toEqualWithDelta($kept, 1e-9)
        ->and($small->batch->needed())->toEqualWithDelta($small->batch->mass + $small->batch->topUp + $kept + 4.0, 1e-6);
});

it('makes up in each cup for what shrinks, and says which is too small to stir', function () use ($white, $blue): void {
    $pour = banded([$white, $blue, $blue, $blue]);
    $topUp = array_sum(array_map(fn(ColourCup $one): float => $one->topUp, $pour->cups));
    expect($topUp)->toEqualWithDelta($pour->batch->topUp, 1e-6)
        ->and(array_map(fn(ColourCup $one): bool => $one->isTooSmall(), $pour->cups))->toBe([false, false]);
    // A quarter of 7.6 ml.
    $tiny = banded([$white, $blue, $blue, $blue], ['/vessel/diameter_mm' => 22, '/pours/2/depth_mm' => 20, '/vessel/fill_mm' => 46]);
    expect($tiny->cups[0]->isTooSmall())->toBeTrue();
});
