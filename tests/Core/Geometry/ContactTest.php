<?php

declare(strict_types=1);

use Pensilis\Geometry\Cone;
use Pensilis\Geometry\Contact;
use Pensilis\Geometry\Ellipsoid;
use Pensilis\Geometry\Rod;
use Pensilis\Geometry\Solid;
use Pensilis\Geometry\Upright;

/** Bodies are taken a thousandth smaller, so answers nearer than that to touching are not asked for. */
const UNSURE = 0.004;

function contact(Solid $one, Solid $other, float $x, float $y, float $z): bool
{
    return Contact::overlap($one, [0.0, 0.0, 0.0], $other, [$x, $y, $z]);
}

function spread(float $reach): float
{
    return $reach * mt_rand(-1000, 1000) / 1000.0;
}

it('agrees with the edges of any two blocks', function (): void {
    mt_srand(51);
    for ($n = 0; $n < 400; $n++) {
        [$a, $b, $c] = [mt_rand(2, 30) / 1e3, mt_rand(2, 30) / 1e3, mt_rand(2, 30) / 1e3];
        [$d, $e, $f] = [mt_rand(2, 30) / 1e3, mt_rand(2, 30) / 1e3, mt_rand(2, 30) / 1e3];
        [$x, $y, $z] = [spread(0.03), spread(0.03), spread(0.03)];
        // Gaps along each axis, relative to the sizes; the heights stand on their undersides.
        $gaps = [
            (abs($x) - 0.5 * ($a + $d)) / ($a + $d),
            (abs($y) - 0.5 * ($b + $e)) / ($b + $e),
            (abs($z + 0.5 * ($f - $c)) - 0.5 * ($c + $f)) / ($c + $f),
        ];
        if (min(array_map(abs(...), $gaps)) > UNSURE) {
            expect(contact(Upright::block($a, $b, $c), Upright::block($d, $e, $f), $x, $y, $z))->toBe(max($gaps) < 0.0);
        }
    }
});

it('agrees with the distance of a ball to a block', function (): void {
    // The nearest point of a block to a middle is that middle clamped to it.
    mt_srand(52);
    for ($n = 0; $n < 400; $n++) {
        $radius = mt_rand(2, 12) / 1e3;
        [$a, $b, $c] = [mt_rand(2, 30) / 1e3, mt_rand(2, 30) / 1e3, mt_rand(2, 30) / 1e3];
        [$x, $y, $z] = [spread(0.03), spread(0.03), spread(0.03)];
        $middle = [$x, $y, $z + $radius - 0.5 * $c];
        $square = 0.0;
        foreach ([0.5 * $a, 0.5 * $b, 0.5 * $c] as $axis => $half) {
            $square += max(0.0, abs($middle[$axis]) - $half) ** 2;
        }
        $distance = sqrt($square) / $radius;
        if (abs($distance - 1.0) > 0.02) {
            $ball = Ellipsoid::of(2 * $radius, 2 * $radius, 2 * $radius);
            expect(contact(Upright::block($a, $b, $c), $ball, $x, $y, $z))->toBe($distance < 1.0);
        }
    }
});

it('agrees with the axes of two upright cylinders', function (): void {
    mt_srand(53);
    for ($n = 0; $n < 200; $n++) {
        [$one, $other] = [mt_rand(2, 20) / 1e3, mt_rand(2, 20) / 1e3];
        [$x, $y] = [spread(0.03), spread(0.03)];
        $distance = hypot($x, $y) / (0.5 * ($one + $other));
        if (abs($distance - 1.0) > UNSURE) {
            $upright = fn(float $diameter): Upright => Upright::cylinder($diameter, $diameter, 0.01);
            expect(contact($upright($one), $upright($other), $x, $y, 0.002))->toBe($distance < 1.0);
        }
    }
});

it('does not mind which of two is asked', function (): void {
    mt_srand(54);
    $solids = [Ellipsoid::of(0.02, 0.01, 0.03), Upright::block(0.02, 0.01, 0.005), Upright::cylinder(0.02, 0.02, 0.01),
        Cone::of(0.02, 0.02, 0.03), Rod::of(0.04, 0.006, 0.006)];
    for ($n = 0; $n < 300; $n++) {
        [$one, $other] = [$solids[mt_rand(0, 4)], $solids[mt_rand(0, 4)]];
        $place = [spread(0.02), spread(0.02), spread(0.03)];
        $far = [3.0 * $place[0], 3.0 * $place[1], 3.0 * $place[2]];
        expect(Contact::overlap($one, [0.0, 0.0, 0.0], $other, $place))
            ->toBe(Contact::overlap($other, $place, $one, [0.0, 0.0, 0.0]))
            // Moving both does not change it.
            ->toBe(Contact::overlap($one, $far, $other, [$place[0] + $far[0], $place[1] + $far[1], $place[2] + $far[2]]));
    }
});

it('finds a body inside another, and none in itself moved far away', function (Solid $solid): void {
    $speck = Ellipsoid::of(0.001, 0.001, 0.001);
    expect(contact($solid, $speck, 0.0, 0.0, 0.4 * $solid->height()))->toBeTrue()
        ->and(contact($solid, $solid, 0.0, 0.0, 0.0))->toBeTrue()
        ->and(contact($solid, $solid, 0.0, 0.0, $solid->height()))->toBeFalse()
        ->and(contact($solid, $solid, 0.2, 0.0, 0.0))->toBeFalse();
})->with([
    'ellipsoid' => [Ellipsoid::of(0.02, 0.01, 0.03)],
    'block'     => [Upright::block(0.02, 0.01, 0.005)],
    'cylinder'  => [Upright::cylinder(0.02, 0.02, 0.01)],
    'cone'      => [Cone::of(0.02, 0.02, 0.03)],
    'rod'       => [Rod::of(0.04, 0.006, 0.006)],
]);
