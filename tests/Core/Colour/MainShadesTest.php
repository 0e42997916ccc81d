<?php

declare(strict_types=1);

use Pensilis\Colour\MainShades;
use Pensilis\Colour\Shade;

/** @return non-empty-list<Shade> */
function pixelsOf(array $counts): array
{
    $pixels = [];
    foreach ($counts as $hex => $count) {
        array_push($pixels, ...array_fill(0, $count, Shade::hex($hex)));
    }

    return $pixels;
}

it('tells the shades of a picture and their shares, the largest first', function (): void {
    $told = MainShades::of(pixelsOf(['#2458a8' => 60, '#c8661e' => 30, '#f4f3ee' => 10]), 6);
    expect(array_map(fn(array $one): array => [$one[0]->toHex(), $one[1]], $told))
        ->toBe([['#2458a8', 0.6], ['#c8661e', 0.3], ['#f4f3ee', 0.1]]);
});

it('takes what looks alike together, and leaves out what is hardly there', function (): void {
    // 2.3 ΔE*ab are just noticed (Mahy et al. 1994): these two blues are far less apart.
    expect(Shade::hex('#2458a8')->differenceFrom(Shade::hex('#2558a8')))->toBeLessThan(2.3);
    $told = MainShades::of(pixelsOf(['#2458a8' => 50, '#2558a8' => 49, '#c8661e' => 1]), 6);
    expect($told)->toHaveCount(1)->and($told[0][0]->differenceFrom(Shade::hex('#2458a8')))->toBeLessThan(1.0);
    expect(MainShades::of([Shade::grey(0.5)], 6))->toHaveCount(1);
});

it('finds no better means than its own, and the same each time', function (): void {
    // Every pixel is nearest to the shade of its own group: the condition of Lloyd (1982).
    $pixels = pixelsOf(['#102030' => 20, '#203040' => 20, '#d0c0a0' => 30, '#a03020' => 15, '#20a040' => 15]);
    $told = MainShades::of($pixels, 4);
    expect(MainShades::of($pixels, 4))->toEqual($told);
    $counts = array_fill(0, count($told), 0);
    foreach ($pixels as $pixel) {
        $far = array_map(fn(array $one): float => $one[0]->differenceFrom($pixel), $told);
        $counts[(int) array_search(min($far), $far, true)]++;
    }
    expect(array_map(fn(int $count): float => $count / 100, $counts))->toEqual(array_column($told, 1));
});
