<?php

declare(strict_types=1);

use Pensilis\Geometry\Upright;
use Pensilis\Layering\Diagnosis;
use Pensilis\Layering\Obstacle;
use Pensilis\Layering\Wish;
use Pensilis\Material\Inclusion;
use Tests\Plans;

/**
 * @param list<Inclusion> $objects
 *
 * @return list<Obstacle>
 */
function obstacles(array $objects, float $fill = 0.06, float $least = 0.005, float $greatest = 0.05): array
{
    $wishes = array_map(fn(Inclusion $object): Wish => Wish::of($object, 1000.0, $fill), $objects);

    return (new Diagnosis($fill, $least, $greatest, 1000.0, $wishes))->obstacles();
}

function block(string $id, float $target, float $tolerance, float $heightMm, float $density): Inclusion
{
    return Plans::object($id, $target, $tolerance, Upright::block(0.01, 0.01, $heightMm / 1000), $density);
}

it('refuses a floater with the depth that lifts it', function (): void {
    // 6 mm of half the density lift at 3 mm, and no pour is thinner than 5.
    [$obstacle] = obstacles([block('feather', 20.0, 2.0, 6.0, 500.0)]);
    expect($obstacle->code->word())->toBe('floats-off')
        ->and($obstacle->objects)->toBe(['feather'])
        ->and($obstacle->quantities['lift']->figure())->toEqualWithDelta(3.0, 1e-3)
        ->and($obstacle->quantities['least']->figure())->toBe(5.0);
});

it('says how much an object stands out, and the nearest target that would do', function (): void {
    [$obstacle] = obstacles([block('key', 50.0, 2.0, 20.0, 8500.0)]);
    expect($obstacle->code->word())->toBe('uncovered')
        ->and($obstacle->quantities['needs']->figure())->toEqualWithDelta(68.0, 1e-9)
        ->and($obstacle->quantities['fill']->figure())->toBe(60.0)
        // 60 − 20 = 40 is the highest that is covered, and 2 mm of tolerance lead there from 42.
        ->and(round(1000 * $obstacle->betterTarget, 3))->toBe(42.0);
});

it('says that a target lies below the first pour', function (): void {
    [$obstacle] = obstacles([block('key', 3.0, 1.0, 4.0, 8500.0)]);
    expect($obstacle->code->word())->toBe('no-layer')
        ->and($obstacle->quantities['from']->figure())->toBe(2.0)
        ->and($obstacle->quantities['to']->figure())->toBe(4.0)
        // Half a millimetre at a time: from 4 its tolerance reaches a first layer of 5.
        ->and(round(1000 * $obstacle->betterTarget, 3))->toBe(4.0);
});

it('names the two objects that want different layers', function (): void {
    [$obstacle] = obstacles([block('key', 20.0, 0.5, 4.0, 8500.0), block('coin', 23.0, 0.5, 4.0, 8500.0)]);
    expect($obstacle->code->word())->toBe('layers-conflict')
        ->and($obstacle->objects)->toBe(['key', 'coin'])
        ->and($obstacle->betterTarget)->not->toBeNull();
});

it('tells three that fit in twos but not together', function (): void {
    // Layers at 10.5–11, 15–16 and 19–20.4 with pours of 5 and more: any two can be had, 10.5, 15.5, 20.5 is too high.
    $found = obstacles([block('a', 10.75, 0.25, 3.0, 8500.0), block('b', 15.5, 0.5, 3.0, 8500.0), block('c', 19.7, 0.7, 3.0, 8500.0)]);
    expect($found)->toHaveCount(1)
        ->and($found[0]->code->word())->toBe('no-layers-together')
        ->and($found[0]->objects)->toBe(['a', 'b', 'c']);
});

it('says that the fill level itself cannot be reached', function (): void {
    [$obstacle] = obstacles([], 0.009, 0.005, 0.006);
    expect($obstacle->code->word())->toBe('fill-not-divisible')
        ->and(array_map(
            fn($one): float => round($one->figure(), 6),
            $obstacle->quantities,
        ))->toBe(['fill' => 9.0, 'least' => 5.0, 'greatest' => 6.0]);
});
