<?php

declare(strict_types=1);

use Pensilis\Numerics\PiecewiseLinear;
use Pensilis\Numerics\Quadrature;

it('integrates what is known in closed form', function (callable $f, float $from, float $to, float $area): void {
    expect(Quadrature::integrate($f, $from, $to))->toEqualWithDelta($area, 1e-9);
})->with([
    'cubic, exact for Simpson' => [fn(float $x): float => $x ** 3, 0.0, 2.0, 4.0],
    'sine over half a turn'    => [sin(...), 0.0, M_PI, 2.0],
    'circle quadrant'          => [fn(float $x): float => sqrt(max(0.0, 1.0 - $x * $x)), 0.0, 1.0, M_PI_4],
    'nothing'                  => [exp(...), 1.0, 1.0, 0.0],
    'backwards'                => [fn(float $x): float => 1.0 / $x, 2.0, 1.0, -M_LN2],
]);

it('runs straight between points and is held beyond them', function (): void {
    $curve = PiecewiseLinear::through([[0.0, 10.0], [2.0, 20.0], [3.0, 0.0]]);

    expect($curve->at(-5.0))->toBe(10.0)
        ->and($curve->at(1.0))->toBe(15.0)
        ->and($curve->at(2.0))->toBe(20.0)
        ->and($curve->at(2.75))->toBe(5.0)
        ->and($curve->at(9.0))->toBe(0.0);
});

it('refuses points that go back', function (): void {
    PiecewiseLinear::through([[1.0, 0.0], [1.0, 2.0]]);
})->throws(InvalidArgumentException::class);
