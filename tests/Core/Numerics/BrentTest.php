<?php

declare(strict_types=1);

use Pensilis\Exception\NotBracketed;
use Pensilis\Numerics\Brent;

it('finds roots that are known in closed form', function (callable $f, float $low, float $high, float $root): void {
    expect(Brent::root($f, $low, $high))->toEqualWithDelta($root, 1e-11);
})->with([
    'square root of 2'       => [fn(float $x): float => $x * $x - 2.0, 0.0, 2.0, M_SQRT2],
    'cosine'                 => [cos(...), 0.0, 3.0, M_PI_2],
    'logarithm'              => [fn(float $x): float => log($x) - 1.0, 1.0, 10.0, M_E],
    'flat triple root'       => [fn(float $x): float => ($x - 0.3) ** 3, -1.0, 1.0, 0.3],
    'root at the lower end'  => [fn(float $x): float => $x, 0.0, 1.0, 0.0],
    'step without a slope'   => [fn(float $x): float => $x < 0.25 ? -1.0 : 1.0, 0.0, 1.0, 0.25],
    'steep and badly scaled' => [fn(float $x): float => exp(50.0 * $x) - exp(25.0), 0.0, 2.0, 0.5],
]);

it('is far cheaper than bisection on a smooth function', function (): void {
    $calls = 0;
    Brent::root(function (float $x) use (&$calls): float {
        $calls++;

        return $x * $x * $x - $x - 2.0;
    }, 1.0, 2.0, 1e-13);
    // Bisection to 1e-13 of a unit interval takes 43 halvings.
    expect($calls)->toBeLessThan(15);
});

it('refuses an interval without a change of sign', function (): void {
    Brent::root(fn(float $x): float => $x * $x + 1.0, -1.0, 1.0);
})->throws(NotBracketed::class, 'not-bracketed');
