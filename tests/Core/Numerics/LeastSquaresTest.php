<?php

declare(strict_types=1);

use Pensilis\Numerics\LeastSquares;

it('lays a straight line through points as the formula of regression does', function (): void {
    // Of (1, 1), (2, 2), (3, 2): b = Σ(x − x̄)(y − ȳ)/Σ(x − x̄)² = 1/2, a = ȳ − b x̄ = 2/3; each known to one: var b = 1/Σ(x − x̄)² = 1/2.
    $points = [[1.0, 1.0], [2.0, 2.0], [3.0, 2.0]];
    $met = LeastSquares::of(
        fn(array $line): array => array_map(fn(array $one): float => $line[0] + $line[1] * $one[0] - $one[1], $points),
        [0.0, 0.0],
    );
    expect($met->point[0])->toEqualWithDelta(2.0 / 3.0, 1e-6)
        ->and($met->point[1])->toEqualWithDelta(0.5, 1e-6)
        ->and($met->spread(1))->toEqualWithDelta(sqrt(0.5), 1e-6)
        // What is left: 1/6, −1/3, 1/6.
        ->and($met->residual())->toEqualWithDelta(sqrt(1.0 / 18.0), 1e-6);
});

it('finds the way where a plain step would leap too far', function (): void {
    // Rosenbrock, Comput. J. 3 (1960) 175: the valley that ends at (1, 1).
    $met = LeastSquares::of(fn(array $at): array => [10.0 * ($at[1] - $at[0] ** 2), 1.0 - $at[0]], [0.0, 0.0]);
    expect($met->point[0])->toEqualWithDelta(1.0, 0.02)
        ->and($met->point[1])->toEqualWithDelta(1.0, 0.04);
});
