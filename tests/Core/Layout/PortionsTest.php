<?php

declare(strict_types=1);

use Pensilis\Colour\Recipe;
use Pensilis\Geometry\Region\Band;
use Pensilis\Geometry\Region\Parcels;
use Pensilis\Geometry\Section;
use Pensilis\Layout\LaidPour;
use Pensilis\Layout\Layout;
use Pensilis\Layout\Portion;
use Pensilis\Layout\Portions;
use Pensilis\Plan\Coat;
use Pensilis\Plan\Zone;
use Tests\Plans;

/**
 * Three strips of a plate of 120 × 60 mm: 40 mm wide each, the middle one the ground.
 *
 * @param list<array{float, float, float}> $solids
 */
function portions(?float $left, ?float $right, array $solids = []): Portions
{
    $zones = [
        new Zone('left', Band::across(0.0, -0.07, -0.02), Recipe::clear(), $left),
        new Zone('right', Band::across(0.0, 0.02, 0.07), Recipe::clear(), $right),
    ];
    $coat = new Coat(Recipe::clear(), $zones);

    return Portions::of(
        $coat,
        new Parcels(Section::rectangle(0.06, 0.03), array_map(fn(Zone $zone): Band => $zone->patch, $zones)),
        36e-6,
        $solids,
    );
}

/** @return list<float> ml, the ground first */
function millilitresOf(Portions $portions): array
{
    return array_map(fn(Portion $one): float => round(1e6 * $one->volume, 6), $portions->all);
}

// Arithmetic: 36 ml over three equal strips.
it('shares a pour out by area, and by what is given', function (?float $left, ?float $right, array $solids, array $millilitres): void {
    $portions = portions($left, $right, $solids);
    expect(millilitresOf($portions))->toEqualWithDelta($millilitres, 1e-4);
})->with([
    'as drawn'          => [null, null, [], [12.0, 12.0, 12.0]],
    'one is given half' => [0.5, null, [], [9.0, 18.0, 9.0]],
    'both are given'    => [0.5, 0.25, [], [9.0, 18.0, 9.0]],
    // 6 ml lie in the left strip: 30 ml are mix, of which it holds what is free in it.
    'a stone on the left' => [null, null, [[-0.04, 0.0, 6e-6]], [12.0, 6.0, 12.0]],
    'and half of the mix' => [0.5, null, [[-0.04, 0.0, 6e-6]], [7.5, 15.0, 7.5]],
]);

it('covers once level what is given and what lies in it', function (): void {
    [$ground, $left] = ($portions = portions(0.5, null, [[-0.04, 0.0, 6e-6]]))->all;
    // 15 ml of mix and the stone of 6 are 21 of 36.
    expect($portions->levelled($left))->toEqualWithDelta(21.0 / 36.0, 1e-6)
        ->and($portions->levelled($ground))->toEqualWithDelta(7.5 / 36.0, 1e-6);
});

it('takes no clear for ground that a coat leaves bare, and levels it with the next', function (): void {
    // A box of 100 × 60 mm; two bands of 15 mm across it in a coat of 3 mm: 2 · 1.5 · 6 cm² · 0.3 cm = 5.4 ml, with clear between 18.
    $band = fn(float $from): array => [
        'shape' => 'band', 'from_mm' => $from, 'to_mm' => $from + 15, 'mix' => [['colour' => 'blue', 'drops_per_10_ml' => 1]],
    ];
    $volumes = fn(array $changes): array => array_map(
        fn(LaidPour $pour): float => 1e6 * $pour->volume,
        Layout::given(Plans::read([
            '/vessel/shape' => 'box', '/vessel/length_mm' => 100, '/vessel/width_mm' => 60, '/inclusions' => [],
            '/pours'        => [
                ['resin' => 'deep', 'depth_mm' => 3, 'start_h' => 0, 'zones' => [$band(-40), $band(20)]],
                ['resin' => 'deep', 'depth_mm' => 3, 'start_h' => 72],
            ],
        ] + $changes, Plans::coloured()))->pours,
    );
    expect($volumes([]))->toEqualWithDelta([18.0, 18.0], 1e-6)
        ->and($volumes(['/pours/0/covers' => 'regions']))->toEqualWithDelta([5.4, 18.0 + 12.6], 0.02);
});
