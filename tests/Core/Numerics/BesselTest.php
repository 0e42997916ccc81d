<?php

declare(strict_types=1);

use Pensilis\Numerics\Bessel;

// Abramowitz & Stegun, Handbook of Mathematical Functions, 1964, table 9.1 (ten digits).
it('agrees with the handbook table', function (float $x, float $j0, float $j1): void {
    expect(Bessel::j0($x))->toEqualWithDelta($j0, 1e-10)
        ->and(Bessel::j1($x))->toEqualWithDelta($j1, 1e-10);
})->with([
    [0.0, 1.0, 0.0],
    [0.5, 0.9384698072, 0.2422684577],
    [1.0, 0.7651976866, 0.4400505857],
    [2.0, 0.2238907791, 0.5767248078],
    [5.0, -0.1775967713, -0.3275791376],
]);

it('vanishes at the first zero of J0 (table 9.5)', function (): void {
    expect(Bessel::FIRST_ZERO_J0)->toEqualWithDelta(2.4048255577, 1e-10)
        ->and(Bessel::j0(Bessel::FIRST_ZERO_J0))->toEqualWithDelta(0.0, 1e-12);
});
