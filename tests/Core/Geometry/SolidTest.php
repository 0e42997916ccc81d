<?php

declare(strict_types=1);

use Pensilis\Exception\ImpossibleValue;
use Pensilis\Geometry\Cone;
use Pensilis\Geometry\Contact;
use Pensilis\Geometry\Ellipsoid;
use Pensilis\Geometry\Rod;
use Pensilis\Geometry\Solid;
use Pensilis\Geometry\Upright;
use Pensilis\Numerics\Quadrature;

dataset('solids', [
    'ellipsoid' => [Ellipsoid::of(0.028, 0.02, 0.034)],
    'sphere'    => [Ellipsoid::of(0.02, 0.02, 0.02)],
    'block'     => [Upright::block(0.06, 0.04, 0.006)],
    'disc'      => [Upright::cylinder(0.026, 0.026, 0.003)],
    'cone'      => [Cone::of(0.03, 0.02, 0.04)],
    'rod'       => [Rod::of(0.05, 0.006, 0.004)],
]);

it('has the volume of the tables', function (): void {
    // CRC Standard Mathematical Tables: 4πabc/3, abc, πr²h.
    expect(Ellipsoid::of(0.028, 0.02, 0.034)->volumeBelow(1.0))->toEqualWithDelta(4.0 / 3.0 * M_PI * 0.014 * 0.01 * 0.017, 1e-15)
        ->and(Upright::block(0.06, 0.04, 0.006)->volumeBelow(1.0))->toEqualWithDelta(0.06 * 0.04 * 0.006, 1e-15)
        ->and(Upright::cylinder(0.026, 0.026, 0.003)->volumeBelow(1.0))->toEqualWithDelta(M_PI * 0.013 ** 2 * 0.003, 1e-15)
        ->and(Cone::of(0.03, 0.02, 0.04)->volumeBelow(1.0))->toEqualWithDelta(M_PI * 0.015 * 0.01 * 0.04 / 3.0, 1e-15)
        ->and(Rod::of(0.05, 0.006, 0.004)->volumeBelow(1.0))->toEqualWithDelta(M_PI * 0.003 * 0.002 * 0.05, 1e-15)
        ->and(Rod::of(0.05, 0.006, 0.004)->volumeBelow(0.002))->toEqualWithDelta(M_PI * 0.003 * 0.002 * 0.025, 1e-15);
});

it('is the integral of its own section', function (object $solid): void {
    foreach ([0.25, 0.5, 0.9, 1.0] as $share) {
        $z = $share * $solid->height();
        $integral = Quadrature::integrate(fn(float $h): float => $solid->sectionAt($h)->area(), 0.0, $z, 1e-16);
        expect(abs($solid->volumeBelow($z) / $integral - 1.0))->toBeLessThan(1e-9);
    }
})->with('solids');

it('adds up over any cut', function (object $solid): void {
    // Conservation: what lies below and above a cut is the whole.
    for ($n = 1; $n < 20; $n++) {
        $z = $solid->height() * $n / 20;
        $above = $solid->volumeBelow($solid->height()) - $solid->volumeBelow($z);
        expect($solid->volumeBelow($z) + $above)->toEqualWithDelta($solid->volumeBelow(1.0), 1e-18)
            ->and($solid->volumeBelow($z))->toBeGreaterThan($solid->volumeBelow($solid->height() * ($n - 1) / 20));
    }
})->with('solids');

it('has the surface of the tables', function (): void {
    // Sphere 4πr²; oblate spheroid 2 : 2 : 1 of half axes (2, 2, 1): 34.688 (closed form with artanh), Thomsen within 1.1 %.
    $e = sqrt(0.75);
    $oblate = 2.0 * M_PI * 4.0 * (1.0 + (1.0 - $e * $e) / $e * atanh($e));
    expect(Ellipsoid::of(0.02, 0.02, 0.02)->surfaceArea())->toEqualWithDelta(4.0 * M_PI * 0.01 ** 2, 1e-12)
        ->and(abs(Ellipsoid::of(4.0, 4.0, 2.0)->surfaceArea() / $oblate - 1.0))->toBeLessThan(0.011)
        ->and(Upright::block(1.0, 2.0, 3.0)->surfaceArea())->toBe(22.0);
});

it('refuses a size of nothing', function (): void {
    Upright::block(0.01, 0.0, 0.01);
})->throws(ImpossibleValue::class, 'value.not-positive');

it('finds its farthest point', function (object $solid): void {
    // Against a cloud of points on its own surface, in many directions.
    mt_srand(5);
    for ($n = 0; $n < 40; $n++) {
        $d = [mt_rand(-100, 100), mt_rand(-100, 100), mt_rand(-100, 100)];
        [$x, $y, $z] = $solid->support(...array_map(floatval(...), $d));
        $reach = $d[0] * $x + $d[1] * $y + $d[2] * $z;
        $farthest = -INF;
        for ($level = 0; $level <= 60; $level++) {
            $h = $solid->height() * $level / 60;
            foreach ($solid->sectionAt($h)->rim() as [$px, $py]) {
                $farthest = max($farthest, $d[0] * $px + $d[1] * $py + $d[2] * $h);
            }
        }
        expect($farthest)->toBeLessThanOrEqual($reach + 1e-9);
        // And the point itself belongs to the body.
        expect($solid->sectionAt($z)->holds(
            Pensilis\Geometry\Section::ellipse(0.0, 0.0),
            $x * (1 - 1e-9),
            $y * (1 - 1e-9),
        ) || $z < 1e-12 || $z > $solid->height() - 1e-12)->toBeTrue();
    }
})->with('solids');

/** Two bodies beside each other, the second moved by so much. */
function overlap(Solid $one, Solid $other, float $x, float $y, float $z): bool
{
    return Contact::overlap($one, [0.0, 0.0, 0.0], $other, [$x, $y, $z]);
}

it('tells overlapping balls by the distance of their middles', function (): void {
    [$one, $other] = [Ellipsoid::of(0.02, 0.02, 0.02), Ellipsoid::of(0.01, 0.01, 0.01)];
    mt_srand(9);
    for ($n = 0; $n < 300; $n++) {
        [$x, $y, $z] = [mt_rand(-200, 200) / 1e4, mt_rand(-200, 200) / 1e4, mt_rand(-200, 200) / 1e4];
        // Middles at 10 and z + 5 mm; they overlap below a distance of 15 mm, a thousandth less being apart.
        $distance = sqrt($x ** 2 + $y ** 2 + ($z - 0.005) ** 2) / 0.015;
        if (abs($distance - 0.9995) > 0.002) {
            expect(overlap($one, $other, $x, $y, $z))->toBe($distance < 1.0);
        }
    }
});

it('tells overlapping blocks by their edges', function (float $x, float $y, float $z, bool $overlap): void {
    $block = Upright::block(0.02, 0.01, 0.006);
    expect(overlap($block, $block, $x, $y, $z))->toBe($overlap);
})->with([
    'the same'               => [0.0, 0.0, 0.0, true],
    'side by side, touching' => [0.02, 0.0, 0.0, false],
    'a little into it'       => [0.0198, 0.0, 0.0, true],
    'corner into corner'     => [0.0198, 0.0098, 0.0058, true],
    'stacked, touching'      => [0.0, 0.0, 0.006, false],
    'stacked, into it'       => [0.0, 0.0, 0.0058, true],
    'far'                    => [0.1, 0.1, 0.1, false],
]);

it('sees the air beside a ball, a cone and a rod that their boxes do not', function (): void {
    // Bounding boxes overlap in all of these.
    $ball = Ellipsoid::of(0.02, 0.02, 0.02);
    expect(overlap($ball, Upright::block(0.004, 0.004, 0.004), 0.0095, 0.0095, 0.018))->toBeFalse()
        ->and(overlap($ball, Upright::block(0.004, 0.004, 0.004), 0.006, 0.0, 0.014))->toBeTrue()
        // A cone of 20 mm: at 18 mm of its 20 mm height it is 1 mm wide from its axis.
        ->and(overlap(Cone::of(0.02, 0.02, 0.02), Upright::block(0.002, 0.002, 0.002), 0.004, 0.0, 0.017))->toBeFalse()
        ->and(overlap(Cone::of(0.02, 0.02, 0.02), Upright::block(0.002, 0.002, 0.002), 0.001, 0.0, 0.017))->toBeTrue()
        // Two crossed rods, one over the other.
        ->and(overlap(Rod::of(0.05, 0.004, 0.004), Upright::cylinder(0.004, 0.004, 0.05), 0.0, 0.0039, -0.02))->toBeTrue()
        ->and(overlap(Rod::of(0.05, 0.004, 0.004), Upright::cylinder(0.004, 0.004, 0.05), 0.0, 0.0041, -0.02))->toBeFalse();
});
