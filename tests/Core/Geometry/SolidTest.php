<?php

declare(strict_types=1);

use Pensilis\Exception\ImpossibleValue;
use Pensilis\Geometry\Ellipsoid;
use Pensilis\Geometry\Upright;
use Pensilis\Numerics\Quadrature;

dataset('solids', [
    'ellipsoid' => [Ellipsoid::of(0.028, 0.02, 0.034)],
    'sphere'    => [Ellipsoid::of(0.02, 0.02, 0.02)],
    'block'     => [Upright::block(0.06, 0.04, 0.006)],
    'disc'      => [Upright::cylinder(0.026, 0.026, 0.003)],
]);

it('has the volume of the tables', function (): void {
    // CRC Standard Mathematical Tables: 4πabc/3, abc, πr²h.
    expect(Ellipsoid::of(0.028, 0.02, 0.034)->volumeBelow(1.0))->toEqualWithDelta(4.0 / 3.0 * M_PI * 0.014 * 0.01 * 0.017, 1e-15)
        ->and(Upright::block(0.06, 0.04, 0.006)->volumeBelow(1.0))->toEqualWithDelta(0.06 * 0.04 * 0.006, 1e-15)
        ->and(Upright::cylinder(0.026, 0.026, 0.003)->volumeBelow(1.0))->toEqualWithDelta(M_PI * 0.013 ** 2 * 0.003, 1e-15);
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
})->throws(ImpossibleValue::class, 'must be above 0');
