<?php

declare(strict_types=1);

use Pensilis\Numerics\Fejer;

$integrate = fn(int $count, callable $f): float => array_sum(array_map(
    fn(array $node): float => $node[1] * $f($node[0]),
    Fejer::rule($count),
));

// Fejér, Math. Z. 37 (1933) 287: exact for polynomials below degree n, all weights above 0.
it('integrates polynomials exactly', function (int $count) use ($integrate): void {
    for ($power = 0; $power < $count; $power++) {
        expect(
            $integrate($count, fn(float $x): float => $x ** $power),
        )->toEqualWithDelta($power % 2 === 0 ? 2.0 / ($power + 1) : 0.0, 1e-13);
    }
    expect(min(array_column(Fejer::rule($count), 1)))->toBeGreaterThan(0.0)
        ->and(array_column(Fejer::rule($count), 0))->toBe(array_values(Illuminate\Support\Arr::sort(array_column(Fejer::rule($count), 0))));
})->with([1, 2, 3, 7, 20]);

it('is quick where edges are round, and of order two at a kink', function () use ($integrate): void {
    // Half a disc: π/2.
    $round = fn(int $count): float => abs($integrate($count, fn(float $x): float => sqrt(1.0 - $x * $x)) - 0.5 * M_PI);
    expect($round(20))->toBeLessThan(1e-4)->and($round(40) / $round(20))->toBeLessThan(0.2);
    $kink = fn(int $count): float => abs($integrate($count, fn(float $x): float => abs($x - 0.3)) - 0.5 * (1.3 ** 2 + 0.7 ** 2));
    expect(max($kink(80), $kink(81), $kink(82)))->toBeLessThan(0.5 * max($kink(40), $kink(41), $kink(42)));
});
