<?php

declare(strict_types=1);

use Pensilis\Numerics\Lehmer;
use Pensilis\Scheduling\Hands;
use Pensilis\Scheduling\Places;

/**
 * Some spans of whole hours, of a seed.
 *
 * @return list<array{float, float}>
 */
function spansOf(int $seed, int $many): array
{
    $chance = Lehmer::from($seed + 1);
    $draw = function (int $most) use ($chance): int {
        $chance->next();

        return (int) floor($chance->current() * $most);
    };

    return array_map(function () use ($draw): array {
        $from = $draw(12);

        return [(float) $from, (float) ($from + 1 + $draw(6))];
    }, range(1, $many));
}

/** @param list<array{float, float}> $spans */
function lyingAt(array $spans, float $hour): int
{
    return count(array_filter($spans, fn(array $span): bool => $span[0] <= $hour && $span[1] > $hour));
}

it('finds the first moment at which there is a place for all the time, as looking hour by hour does', function (int $seed): void {
    [$spans, $many] = [spansOf($seed, 6), 1 + $seed % 3];
    $places = array_reduce($spans, fn(Places $places, array $span): Places => $places->with($span), new Places($many));
    foreach ([0.0, 3.0, 7.0] as $from) {
        $expected = $from;
        while (array_filter(range(0, 3), fn(int $h): bool => lyingAt($spans, $expected + $h) >= $many) !== []) {
            $expected++;
        }
        expect($places->from([$from, $from + 4.0]))->toBe($expected);
    }
    expect((new Places(null))->from([2.0, 6.0]))->toBe(2.0);
})->with(range(0, 11));

it('is done no later than its bound says in the best of all assignments', function (int $seed): void {
    [$spans, $many] = [spansOf($seed, 6), 2 + $seed % 2];
    $places = array_reduce($spans, fn(Places $places, array $span): Places => $places->with($span), new Places($many));
    $best = INF;
    for ($code = 0; $code < $many ** 6; $code++) {
        $loads = array_fill(0, $many, 0.0);
        foreach ($spans as $n => [$from, $to]) {
            $loads[intdiv($code, $many ** $n) % $many] += $to - $from;
        }
        $best = min($best, max($loads));
    }
    $least = min(array_column($spans, 0)) + $best;
    expect($places->bound())->toBeLessThanOrEqual($least + 1e-9)->toBeGreaterThan(0.7 * $least);
})->with(range(0, 11));

it('knows when all hands are at something', function (int $seed): void {
    [$spans, $pairs] = [spansOf($seed, 5), 1 + $seed % 2];
    $taken = Hands::taken($spans, $pairs);
    for ($hour = 0.5; $hour < 20.0; $hour++) {
        expect(lyingAt($taken, $hour) > 0)->toBe(lyingAt($spans, $hour) >= $pairs, "at {$hour}");
    }
})->with(range(0, 5));
