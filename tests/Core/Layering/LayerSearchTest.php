<?php

declare(strict_types=1);

use Pensilis\Geometry\Upright;
use Pensilis\Layering\Layers;
use Pensilis\Layering\LayerSearch;
use Pensilis\Layering\Pin;
use Pensilis\Layering\Wish;
use Pensilis\Material\Hold;
use Tests\Plans;

/**
 * Every set of layers on a lattice is tried; the best by number of pours, deviation and squared depths.
 *
 * @param list<Wish>           $wishes
 * @param array{int, int}|null $pinned
 *
 * @return array{int, int, int}|null
 */
function bruteForce(int $fill, int $least, int $greatest, array $wishes, int $lattice, ?array $pinned = null): ?array
{
    $inner = intdiv($fill, $lattice) - 1;
    $best = null;
    for ($mask = 0; $mask < 1 << $inner; $mask++) {
        $heights = [0];
        for ($bit = 0; $bit < $inner; $bit++) {
            if (($mask >> $bit & 1) === 1) {
                $heights[] = ($bit + 1) * $lattice;
            }
        }
        $heights[] = $fill;
        $cost = costOf($heights, $least, $greatest, $wishes, $pinned);
        if ($cost !== null && ($best === null || $cost < $best)) {
            $best = $cost;
        }
    }

    return $best;
}

/**
 * @param list<int>            $heights
 * @param list<Wish>           $wishes
 * @param array{int, int}|null $pinned
 *
 * @return array{int, int, int}|null
 */
function costOf(array $heights, int $least, int $greatest, array $wishes, ?array $pinned = null): ?array
{
    $squares = 0;
    $isPoured = $pinned === null;
    for ($k = 1; $k < count($heights); $k++) {
        $depth = $heights[$k] - $heights[$k - 1];
        $isPinned = [$heights[$k - 1], $heights[$k]] === $pinned;
        $isPoured = $isPoured || $isPinned;
        if (!$isPinned && ($depth < $least || $depth > $greatest)) {
            return null;
        }
        $squares += $depth ** 2;
    }
    if (!$isPoured) {
        return null;
    }
    $deviation = 0;
    foreach ($wishes as $wish) {
        $offers = [];
        for ($k = 0; $k < count($heights) - 1; $k++) {
            $within = $heights[$k] >= $wish->least && $heights[$k] <= $wish->greatest;
            if ($within && $heights[$k + 1] - $heights[$k] < $wish->lift) {
                $offers[] = abs($heights[$k] - $wish->target);
            }
        }
        if ($offers === []) {
            return null;
        }
        $deviation += min($offers);
    }

    return [count($heights) - 1, $deviation, $squares];
}

/**
 * @param list<Wish> $wishes
 * @param list<Pin>  $pins
 */
function found(float $fill, float $least, float $greatest, array $wishes, array $pins = []): ?Layers
{
    $micrometres = fn(float $mm): int => (int) round(1000 * $mm);

    return (new LayerSearch($micrometres($fill), $micrometres($least), $micrometres($greatest), $wishes, $pins))->find();
}

/** A block of a height and bulk density in a resin of 1000 kg/m³, so that it lifts at density/1000 of its height. */
function wish(string $id, float $target, float $tolerance, float $height, float $density, float $fill): Wish
{
    return Wish::of(Plans::object($id, $target, $tolerance, Upright::block(0.01, 0.01, $height / 1000), $density), 1000.0, $fill / 1000);
}

it('agrees with trying everything, on a millimetre lattice', function (int $seed): void {
    // 40 random small pieces for each seed; whole millimetres, so the finer lattice of the search may not do better
    // in pours or deviation (total unimodularity, Schrijver 1986).
    mt_srand($seed);
    for ($n = 0; $n < 40; $n++) {
        $fill = mt_rand(4, 12);
        $least = mt_rand(1, 4);
        $greatest = $least + mt_rand(0, 5);
        $wishes = [];
        for ($i = mt_rand(0, 3); $i > 0; $i--) {
            $wishes[] = wish(
                "o{$i}",
                mt_rand(0, $fill - 1),
                mt_rand(0, 2),
                mt_rand(1, 3),
                mt_rand(0, 2) === 0 ? 2650.0 : 1000.0 * mt_rand(1, 5) / 4,
                $fill,
            );
        }
        $layers = found($fill, $least, $greatest, $wishes);
        $brute = bruteForce(1000 * $fill, 1000 * $least, 1000 * $greatest, $wishes, 1000);
        // A lift that is no whole number of millimetres may let the finer lattice in where the coarse one is not.
        $whole = array_filter($wishes, fn(Wish $wish): bool => $wish->floats() && $wish->lift % 1000 !== 0) === [];
        if ($brute === null) {
            expect($layers === null || !$whole)->toBeTrue();
            continue;
        }
        expect($layers)->not->toBeNull()
            ->and([$layers->count(), (int) round(1e6 * $layers->deviation($wishes))] <= [$brute[0], $brute[1]])->toBeTrue();
        if ($whole) {
            expect([$layers->count(), (int) round(1e6 * $layers->deviation($wishes))])->toBe([$brute[0], $brute[1]]);
        }
    }
})->with([1, 2, 3, 4]);

it('agrees with trying everything, on its own lattice and in every cost', function (int $seed): void {
    mt_srand($seed);
    for ($n = 0; $n < 12; $n++) {
        $fill = mt_rand(6, 14) / 2.0;
        $least = mt_rand(2, 5) / 2.0;
        $greatest = $least + mt_rand(0, 8) / 2.0;
        $wishes = [];
        for ($i = mt_rand(0, 2); $i > 0; $i--) {
            $wishes[] = wish(
                "o{$i}",
                mt_rand(0, 10) / 2.0,
                mt_rand(0, 4) / 2.0,
                mt_rand(2, 6) / 2.0,
                mt_rand(0, 1) === 0 ? 2650.0 : 500.0,
                $fill,
            );
        }
        $layers = found($fill, $least, $greatest, $wishes);
        $brute = bruteForce((int) (1000 * $fill), (int) (1000 * $least), (int) (1000 * $greatest), $wishes, 500);
        $cost = $layers === null ? null : [
            $layers->count(),
            (int) round(1e6 * $layers->deviation($wishes)),
            (int) array_sum(array_map(fn(float $depth): float => round(1e6 * $depth) ** 2, $layers->depths())),
        ];
        expect($cost)->toBe($brute);
    }
})->with([11, 12, 13]);

it('agrees with trying everything round a pour that is pinned', function (int $seed): void {
    mt_srand($seed);
    for ($n = 0; $n < 20; $n++) {
        $fill = mt_rand(8, 14) / 2.0;
        $from = mt_rand(0, (int) (2 * $fill) - 1) / 2.0;
        $to = mt_rand((int) (2 * $from) + 1, (int) (2 * $fill)) / 2.0;
        $wishes = mt_rand(0, 1) === 0 ? [] : [wish('one', mt_rand(0, 10) / 2.0, mt_rand(0, 4) / 2.0, mt_rand(2, 6) / 2.0, 2650.0, $fill)];
        $layers = found($fill, 1.0, 2.5, $wishes, [Pin::of($from / 1e3, $to / 1e3)]);
        $brute = bruteForce((int) (1000 * $fill), 1000, 2500, $wishes, 500, [(int) (1000 * $from), (int) (1000 * $to)]);
        expect($layers === null ? null : [
            $layers->count(),
            (int) round(1e6 * $layers->deviation($wishes)),
            (int) array_sum(array_map(fn(float $depth): float => round(1e6 * $depth) ** 2, $layers->depths())),
        ])->toBe($brute);
    }
})->with([21, 22, 23]);

it('has no pour where two that are pinned overlap', function (): void {
    expect(found(20.0, 2.0, 10.0, [], [Pin::of(0.0, 0.01), Pin::of(0.005, 0.015)]))->toBeNull()
        ->and(found(20.0, 2.0, 10.0, [], [Pin::of(0.0, 0.01), Pin::of(0.01, 0.015)])?->depths())->toBe([0.01, 0.005, 0.005]);
});

it('keeps every law of a plan on larger pieces', function (): void {
    mt_srand(7);
    for ($n = 0; $n < 60; $n++) {
        $fill = mt_rand(300, 900) / 10.0;
        $wishes = [];
        for ($i = mt_rand(1, 5); $i > 0; $i--) {
            $wishes[] = wish(
                "o{$i}",
                mt_rand(0, (int) (10 * $fill)) / 10.0,
                mt_rand(5, 40) / 10.0,
                mt_rand(20, 200) / 10.0,
                mt_rand(300, 3000),
                $fill,
            );
        }
        $layers = found($fill, 5.0, 30.0, $wishes);
        if ($layers === null) {
            continue;
        }
        $heights = [0];
        foreach ($layers->depths() as $depth) {
            expect($depth)->toBeGreaterThanOrEqual(0.005 - 1e-9)->toBeLessThanOrEqual(0.03 + 1e-9);
            $heights[] = (int) round(end($heights) + 1e6 * $depth);
        }
        expect(end($heights))->toBe((int) round(1000 * $fill));
        foreach ($wishes as $wish) {
            $bottom = (int) round(1e6 * (float) $layers->bottomOf($wish->inclusion->id));
            $above = $heights[array_search($bottom, $heights, true) + 1];
            expect(abs($bottom - $wish->target))->toBeLessThanOrEqual((int) round(1e6 * $wish->inclusion->tolerance))
                ->and($above - $bottom)->toBeLessThan($wish->lift)
                ->and($bottom + (int) round(1e6 * $wish->inclusion->solid->height()))->toBeLessThanOrEqual(end($heights));
        }
    }
});

it('pours an empty vessel in as few and as even pours as it can', function (float $fill, float $greatest, array $depths): void {
    $found = array_map(fn(float $depth): float => round(1000 * $depth, 3), found($fill, 5.0, $greatest, [])->depths());
    expect($found)->toBe($depths);
})->with([
    'one will do' => [40.0, 50.0, [40.0]],
    'two, even'   => [60.0, 50.0, [30.0, 30.0]],
    'three'       => [61.0, 25.0, [20.0, 20.5, 20.5]],
    'an odd inch' => [38.1, 50.0, [38.1]],
]);

it('leaves a floater\'s first cover below the depth that lifts it', function (): void {
    // A block of 20 mm and half the resin's density lifts at 10 mm: 10 mm and more are out, 9.5 is in.
    $layers = found(60.0, 5.0, 50.0, [wish('float', 20.0, 0.0, 20.0, 500.0, 60.0)]);
    expect(round(1000 * $layers->depths()[1], 3))->toBeLessThan(10.0)
        ->and($layers->bottomOf('float'))->toBe(0.02);
});

it('does not ask for a layer where an object hangs from a thread', function (): void {
    $hung = Wish::of(Plans::object('hung', 20.0, hold: Hold::Hang), 1100.0, 0.06);
    expect(Plans::read(['/inclusions/0/hold' => 'hang'])->wishes())->toBe([])
        ->and($hung->target)->toBe(20000);
});

it('has no layers to give where there are none', function (float $fill, float $least, float $greatest): void {
    expect(found($fill, $least, $greatest, []))->toBeNull();
})->with(['thinner than the least pour' => [4.0, 5.0, 50.0], 'between one and two pours' => [9.0, 5.0, 6.0]]);

it('finds the fewest pours of two resins, as trying every height and resin does', function (int $seed): void {
    mt_srand($seed);
    $fill = mt_rand(8, 11);
    [$slow, $fast] = [[mt_rand(3, 4), mt_rand(5, 9)], [1, mt_rand(2, 3)]];
    $wishes = [];
    for ($i = 0, $many = mt_rand(1, 2); $i < $many; $i++) {
        // What floats does so from 3 mm in the one resin and from 2 mm in the other.
        [$height, $density] = [mt_rand(0, 1) === 0 ? [3, 2650.0] : [4, 750.0]][0];
        $object = Plans::object("o{$i}", mt_rand(0, $fill - 4), mt_rand(0, 1), Upright::block(0.01, 0.01, 1e-3 * $height), $density);
        $wishes[] = Wish::of($object, 1000.0, 1e-3 * $fill, 1500.0);
    }
    $best = null;
    for ($mask = 0; $mask < 1 << ($fill - 1); $mask++) {
        $heights = [0, ...array_filter(range(1, $fill - 1), fn(int $h): bool => ($mask >> ($h - 1) & 1) === 1), $fill];
        $pours = count($heights) - 1;
        for ($which = 0; $which < 1 << $pours; $which++) {
            $resins = array_map(fn(int $k): int => $which >> $k & 1, range(0, $pours - 1));
            $isAllowed = array_filter(range(0, $pours - 1), function (int $k) use ($heights, $resins, $slow, $fast): bool {
                [$least, $greatest] = [$slow, $fast][$resins[$k]];
                $depth = $heights[$k + 1] - $heights[$k];

                return $depth < $least || $depth > $greatest;
            }) === [];
            $off = array_map(fn(Wish $wish): float => min([INF, ...array_map(
                fn(int $k): float => $wish->isMetBy(1000 * $heights[$k], 1000 * ($heights[$k + 1] - $heights[$k]), $resins[$k])
                    ? abs(1000 * $heights[$k] - $wish->target) : INF,
                range(0, $pours - 1),
            )]), $wishes);
            if ($isAllowed && is_finite(array_sum($off))) {
                $changes = count(array_filter(range(1, $pours), fn(int $k): bool => isset($resins[$k]) && $resins[$k] !== $resins[$k - 1]));
                $cost = [$pours, (int) array_sum($off), $changes];
                $best = $best === null ? $cost : min($best, $cost);
            }
        }
    }
    $layers = (new LayerSearch(
        1000 * $fill,
        1000 * $slow[0],
        1000 * $slow[1],
        $wishes,
        others: [[1000 * $fast[0], 1000 * $fast[1]]],
    ))->find();
    $changes = fn(array $resins): int => count(array_filter(
        array_keys($resins),
        fn(int $k): bool => $k > 0 && $resins[$k] !== $resins[$k - 1],
    ));
    $found = $layers === null ? null : [$layers->count(), (int) round(1e6 * $layers->deviation($wishes)), $changes($layers->resins)];
    // Its lattice is finer, so that what is less than a lift can be half a millimetre more: nearer, but in no fewer pours.
    expect($found[0] ?? null)->toBe($best[0] ?? null)->and($found[1] ?? 0)->toBeLessThanOrEqual($best[1] ?? 0)
        ->and($found === $best || $found[1] < $best[1])->toBeTrue();
})->with(range(1, 24));

it('says of how many pours there are no fewer, exactly where it has looked at all', function (): void {
    $few = found(60, 5, 50, [wish('one', 20, 1, 8, 2650.0, 60)]);
    expect([$few->count(), $few->bound])->toBe([2, 2]);
    // Thirty with wide ranges that overlap are too many to look at all: the deepest pours are two.
    $wide = array_map(fn(int $n): Wish => wish("o{$n}", 5 + $n, 20, 4, $n % 2 === 0 ? 2650.0 : 900.0, 60), range(1, 30));
    $many = found(60, 2, 50, $wide);
    expect($many->bound)->toBe(2)->and($many->count())->toBeGreaterThanOrEqual($many->bound);
});
