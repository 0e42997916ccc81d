<?php

declare(strict_types=1);

use Pensilis\Numerics\RadialMode;

// Abramowitz & Stegun, Handbook of Mathematical Functions, 1964, table 9.1 (ten digits).
it('agrees with the handbook table of J0 and J1', function (float $x, float $j0, float $j1): void {
    [$value, $slope] = RadialMode::at(1.0, $x);
    expect($value)->toEqualWithDelta($j0, 1e-10)->and($slope)->toEqualWithDelta(-$j1, 1e-10);
})->with([
    [0.0, 1.0, 0.0],
    [0.5, 0.9384698072, 0.2422684577],
    [1.0, 0.7651976866, 0.4400505857],
    [2.0, 0.2238907791, 0.5767248078],
    [5.0, -0.1775967713, -0.3275791376],
    // Table 9.5, first zero.
    [2.4048255577, 0.0, 0.5191474973],
]);

it('is the cosine of a wall and the sine over the radius of a sphere', function (float $x): void {
    [$wall, $sinks] = RadialMode::at(0.0, $x);
    [$sphere] = RadialMode::at(2.0, $x);
    expect($wall)->toEqualWithDelta(cos($x), 1e-12)
        ->and($sinks)->toEqualWithDelta(-sin($x), 1e-12)
        ->and($sphere)->toEqualWithDelta(sin($x) / $x, 1e-12);
})->with([0.3, 1.0, 2.5]);

// Incropera & DeWitt, Fundamentals of Heat and Mass Transfer, table 5.1: ζ1 and C1 of wall, cylinder and sphere.
it('finds the eigenvalues and shares of the table', function (float $biot, array $wall, array $cylinder, array $sphere): void {
    foreach ([$wall, $cylinder, $sphere] as $power => [$zeta, $share]) {
        $found = RadialMode::eigenvalue((float) $power, $biot);
        expect($found)->toEqualWithDelta($zeta, 6e-5)
            ->and(RadialMode::share((float) $power, $found))->toEqualWithDelta($share, 6e-5);
    }
})->with([
    [0.1, [0.3111, 1.0161], [0.4417, 1.0246], [0.5423, 1.0298]],
    [1.0, [0.8603, 1.1191], [1.2558, 1.2071], [1.5708, 1.2732]],
    [10.0, [1.4289, 1.2620], [2.1795, 1.5677], [2.8363, 1.9249]],
    [100.0, [1.5552, 1.2731], [2.3809, 1.6015], [3.1102, 1.9990]],
]);

it('goes smoothly from a wall to a cylinder', function (float $biot): void {
    [$before, $rises] = [0.0, []];
    for ($power = 0.0; $power <= 1.4; $power += 0.1) {
        $zeta = RadialMode::eigenvalue($power, $biot);
        $rises[] = $zeta - $before;
        $before = $zeta;
    }
    expect(min($rises))->toBeGreaterThan(0.0)->and(max(array_slice($rises, 1)) / min($rises))->toBeLessThan(2.0);
})->with([0.5, 5.0, 1e6]);
