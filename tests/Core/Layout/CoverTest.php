<?php

declare(strict_types=1);

use Pensilis\Layout\Cover;
use Tests\Plans;

/** @param list<array{float, float}> $places of boxes of 20 × 10 mm, in a vessel of 100 × 60 mm */
function coverOf(array $places): Cover
{
    return new Cover(Plans::read([
        '/vessel' => [
            'shape' => 'box', 'length_mm' => 100, 'width_mm' => 60, 'height_mm' => 20,
            'wall'  => ['material' => 'silicone', 'thickness_mm' => 4],
        ],
        '/inclusions' => array_map(fn(array $at, int $n): array => [
            'id'           => "box {$n}", 'shape' => 'box', 'size_mm' => [20, 10, 5], 'at_mm' => $at, 'target_bottom_mm' => 5,
            'tolerance_mm' => 1, 'material' => ['skeleton_g_cm3' => 2.6],
        ], $places, array_keys($places)),
    ], Plans::cone()));
}

it('tells the share of the plan that is covered, what lies on what counted once', function (array $places, float $share): void {
    // By hand: each box covers 200 of 6000 mm².
    expect(coverOf($places)->share())->toEqualWithDelta($share, 0.002);
})->with([
    'one'              => [[[0, 0]], 200 / 6000],
    'two apart'        => [[[-20, 0], [20, 0]], 400 / 6000],
    'two in one place' => [[[0, 0], [0, 0]], 200 / 6000],
    'half over'        => [[[0, 0], [10, 0]], 300 / 6000],
    'half outside'     => [[[50, 0]], 100 / 6000],
]);

it('tells the largest bare spot', function (): void {
    // Bare, the largest circle in a rectangle is as wide as its short side; a round garnet in the middle of a round vessel leaves a ring.
    expect(1e3 * coverOf([])->bare())->toEqualWithDelta(60.0, 0.5);
    $ring = new Cover(Plans::read(['/inclusions/0/size_mm' => [30, 30, 10], '/inclusions/0/shape' => 'disc']));
    expect(1e3 * $ring->bare())->toEqualWithDelta((90.0 - 30.0) / 2.0, 0.5);
});
