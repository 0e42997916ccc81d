<?php

declare(strict_types=1);

use App\View\Drawing\Label;
use App\View\Drawing\Labels;

$bounds = [0.0, 0.0, 400.0, 300.0];
$thing = fn(float $x, float $y, float $half, string $name): array => [
    'x' => $x, 'y' => $y, 'halfX' => $half, 'halfY' => $half, 'name' => $name,
];
/** Left, top, right and bottom of a name, narrower than it was laid out. */
$box = fn(Label $one): array => [
    $one->x - 3.0 * mb_strlen($one->says), $one->y - 9.0, $one->x + 3.0 * mb_strlen($one->says), $one->y + 1.0,
];

it('writes a name inside what is large enough, and beside what is not', function () use ($thing, $bounds): void {
    [$inside, $beside] = Labels::of([$thing(100.0, 150.0, 60.0, 'cone'), $thing(300.0, 150.0, 5.0, 'garnet')], 12.0, $bounds);
    expect([$inside->x, abs($inside->y - 150.0) < 12.0])->toBe([100.0, true])
        ->and(abs($beside->y - 150.0) > 5.0 || abs($beside->x - 300.0) > 5.0)->toBeTrue()
        ->and($beside->isRead)->toBeTrue();
});

it('covers no name by another, and says which cannot be read', function () use ($thing, $bounds, $box): void {
    mt_srand(7);
    $things = array_map(
        fn(int $n): array => $thing(20.0 + mt_rand(0, 360), 20.0 + mt_rand(0, 260), (float) mt_rand(3, 14), "stone {$n}"),
        range(1, 40),
    );
    $labels = Labels::of($things, 12.0, $bounds);
    $read = array_values(array_filter($labels, fn(Label $one): bool => $one->isRead));
    expect(count($read))->toBeGreaterThan(25);
    $covered = 0;
    foreach ($read as $i => $one) {
        [$left, $top, $right, $bottom] = $box($one);
        foreach (array_slice($read, $i + 1) as $other) {
            $on = $box($other);
            $shared = max(0.0, min($right, $on[2]) - max($left, $on[0])) * max(0.0, min($bottom, $on[3]) - max($top, $on[1]));
            $covered += $shared > 0.35 * ($right - $left) * ($bottom - $top) ? 1 : 0;
        }
    }
    expect($covered)->toBe(0);
});

it('keeps off lines and inside the drawing where it can', function () use ($thing, $bounds, $box): void {
    [$name] = Labels::of([$thing(200.0, 100.0, 30.0, 'cone')], 12.0, $bounds, [[0.0, 100.0, 400.0, 100.0]]);
    [, $top, , $bottom] = $box($name);
    expect($top > 100.0 || $bottom < 100.0)->toBeTrue();
    [$corner] = Labels::of([$thing(396.0, 4.0, 3.0, 'a long name')], 12.0, $bounds);
    [, $top, $right] = $box($corner);
    expect($right)->toBeLessThanOrEqual(400.5)->and($top)->toBeGreaterThanOrEqual(-0.5);
});

it('gives things without a name none', function () use ($thing, $bounds): void {
    expect(Labels::of([$thing(10.0, 10.0, 5.0, '')], 12.0, $bounds))->toBe([]);
});
