<?php

declare(strict_types=1);

use Pensilis\Exception\CrossingOutline;
use Pensilis\Exception\UnreadablePath;
use Pensilis\Geometry\Bowl;
use Pensilis\Geometry\Calibrated;
use Pensilis\Geometry\Outline;
use Pensilis\Geometry\Prism;
use Pensilis\Geometry\Revolved;
use Pensilis\Geometry\Section;
use Pensilis\Geometry\Stepped;
use Pensilis\Numerics\GaussLegendre;
use Pensilis\Numerics\Pchip;
use Pensilis\Numerics\Quadrature;

// Closed forms: CRC Standard Mathematical Tables, mensuration; lengths in mm, areas in mm².
it('has the area and rim of the tables', function (string $path, float $area, float $rim): void {
    $outline = Outline::fromPath($path);
    expect($outline->area * 1e6 / $area)->toEqualWithDelta(1.0, 1e-9)
        ->and($outline->perimeter * 1e3 / $rim)->toEqualWithDelta(1.0, 1e-7);
})->with([
    'rectangle'              => ['M0 0H80V50H0Z', 4000.0, 260.0],
    'the other way round'    => ['M0 0V50H80V0Z', 4000.0, 260.0],
    'relative, not closed'   => ['m10,10 l30,0 0,40', 600.0, 120.0],
    'an L of lines'          => ['M0 0 60 0 60 20 20 20 20 60 0 60Z', 2000.0, 240.0],
    'circle of two arcs'     => ['M-20 0A20 20 0 1 1 20 0A20 20 0 1 1 -20 0Z', M_PI * 400.0, M_PI * 40.0],
    'arc flags run together' => ['M-20 0a20 20 0 0140 0a20 20 0 01-40 0', M_PI * 400.0, M_PI * 40.0],
    'half disc'              => ['M-20 0A20 20 0 0 0 20 0Z', M_PI * 200.0, M_PI * 20.0 + 40.0],
    'rounded corners'        => [
        'M10 0H70A10 10 0 0 1 80 10V40A10 10 0 0 1 70 50H10A10 10 0 0 1 0 40V10A10 10 0 0 1 10 0Z',
        4000.0 - (4.0 - M_PI) * 100.0, 180.0 + 20.0 * M_PI,
    ],
    'radii too small, grown' => ['M-20 0A1 1 0 0 1 20 0A1 1 0 0 1 -20 0Z', M_PI * 400.0, M_PI * 40.0],
]);

it('has the area under a parabola', function (): void {
    // Archimedes: a parabolic segment is two thirds of its frame; the quadratic peaks at half its control height.
    expect(Outline::fromPath('M0 0Q30 40 60 0Z')->area * 1e6)->toEqualWithDelta(2.0 / 3.0 * 60.0 * 20.0, 1e-9)
        // The same curve raised to a cubic, and mirrored smoothly.
        ->and(Outline::fromPath('M0 0C20 26.6666666666667 40 26.6666666666667 60 0Z')->area * 1e6)->toEqualWithDelta(800.0, 1e-9)
        ->and(Outline::fromPath('M0 0Q15 20 30 0T60 0V-40H0Z')->area * 1e6)->toEqualWithDelta(2400.0, 1e-9);
});

it('turns an ellipse without changing it', function (): void {
    expect(Outline::fromPath('M-20 0A20 10 0 0 1 20 0A20 10 0 0 1 -20 0Z')->area * 1e6)->toEqualWithDelta(M_PI * 200.0, 1e-9);
    $turn = deg2rad(30.0);
    [$x, $y] = [20.0 * cos($turn), 20.0 * sin($turn)];
    $path = sprintf('M%.12F %.12FA20 10 30 0 1 %.12F %.12FA20 10 30 0 1 %.12F %.12FZ', -$x, -$y, $x, $y, -$x, -$y);
    expect(Outline::fromPath($path)->area * 1e6)->toEqualWithDelta(M_PI * 200.0, 1e-7);
});

it('names the crossing of an outline', function (string $path, float $x, float $y): void {
    try {
        Outline::fromPath($path);
    } catch (CrossingOutline $refusal) {
        expect($refusal->fact()->values)->toEqualWithDelta(['x_mm' => $x, 'y_mm' => $y], 0.05);

        return;
    }
    $this->fail('The outline was taken.');
})->with([
    'bow tie' => ['M0 0L40 40V0L0 40Z', 20.0, 20.0],
    // By symmetry x(½ + u) − 30 = 360 u³ − 30 u vanishes at u² = 1/12, where y = 120 (¼ − u²) = 20.
    'loop of a curve' => ['M0 0C80 40 -20 40 60 0V-20H0Z', 30.0, 20.0],
]);

it('refuses hostile or broken path data', function (string $path): void {
    Outline::fromPath($path);
})->with([
    'nothing'             => [''],
    'a point'             => ['M5 5Z'],
    'no move first'       => ['L10 10'],
    'numbers alone'       => ['10 10 20 20'],
    'too few numbers'     => ['M0 0L10'],
    'a word'              => ['M0 0H10V10 script'],
    'two outlines'        => ['M0 0H10V10ZM20 20H30V30Z'],
    'a mile'              => ['M0 0H99999V10Z'],
    'a flag that is none' => ['M0 0A5 5 0 2 0 10 0Z'],
    'an entity'           => ['M0 0&xxe;H10V10Z'],
    'thousands of parts'  => ['M0 0' . str_repeat('l1 1', 2100)],
])->throws(UnreadablePath::class);

it('knows inside from outside of a hollow outline', function (): void {
    $wall = Section::within(Outline::fromPath('M0 0 60 0 60 20 20 20 20 60 0 60Z'));
    // About the middle (30, 30): the foot of the L lies low and left.
    expect($wall->holds(Section::ellipse(0.005, 0.005), -0.02, -0.02))->toBeTrue()
        ->and($wall->holds(Section::ellipse(0.005, 0.005), 0.02, 0.02))->toBeFalse()
        // A bar across the inner corner has its own corners inside and the wall's corner in its middle.
        ->and($wall->holds(Section::rectangle(0.012, 0.012), -0.01, -0.01))->toBeFalse();
});

it('is a regular prism of the tables', function (int $sides, float $area): void {
    // n a² / (4 tan(π/n)); 3: √3/4 a², 4: a², 6: 3√3/2 a².
    expect(Outline::regular($sides, 0.03)->area)->toEqualWithDelta($area * 9e-4, 1e-15)
        ->and(Outline::regular($sides, 0.03)->perimeter)->toEqualWithDelta(0.03 * $sides, 1e-12);
})->with([[3, sqrt(3) / 4], [4, 1.0], [6, 1.5 * sqrt(3)]]);

it('has the volumes of turned, stepped and round vessels', function (float $volume, float $expected): void {
    expect($volume / $expected)->toEqualWithDelta(1.0, 1e-9);
})->with([
    'ball 4πR³/3'        => [fn() => Bowl::sphere(0.1)->volumeTo(1.0), 4.0 / 3.0 * M_PI * 0.05 ** 3],
    'turned cylinder'    => [fn() => Revolved::turned([[0.0, 0.08], [0.05, 0.08]])->volumeTo(1.0), M_PI * 0.04 ** 2 * 0.05],
    'turned double cone' => [
        fn() => Revolved::turned([[0.0, 0.0], [0.03, 0.06], [0.06, 0.0]])->volumeTo(1.0),
        2.0 * M_PI * 0.03 ** 2 * 0.03 / 3.0,
    ],
    'half of a double cone' => [
        fn() => Revolved::turned([[0.0, 0.0], [0.03, 0.06], [0.06, 0.0]])->volumeTo(0.03), M_PI * 0.03 ** 2 * 0.03 / 3.0,
    ],
    'tray over a channel' => [
        fn() => Stepped::of([Prism::box(0.1, 0.02, 0.01), Prism::box(0.2, 0.1, 0.02)])->volumeTo(1.0),
        0.1 * 0.02 * 0.01 + 0.2 * 0.1 * 0.02,
    ],
    'channel and a little' => [
        fn() => Stepped::of([Prism::box(0.1, 0.02, 0.01), Prism::box(0.2, 0.1, 0.02)])->volumeTo(0.015),
        0.1 * 0.02 * 0.01 + 0.2 * 0.1 * 0.005,
    ],
    // Ball of R = 50 mm cut where it is 30 mm wide, and 20 mm of neck.
    'ball with a neck' => [function () {
        return Bowl::sphere(0.1, 0.03, 0.02)->volumeTo(1.0);
    }, (function () {
        $h = 0.05 + sqrt(0.05 ** 2 - 0.015 ** 2);

        return M_PI * $h ** 2 * (0.15 - $h) / 3.0 + M_PI * 0.015 ** 2 * 0.02;
    })()],
]);

it('is the integral of its own section', function (object $shape): void {
    $z = 0.6 * $shape->height();
    $integral = Quadrature::integrate(fn(float $h): float => $shape->sectionAt($h)->area(), 0.0, $z, 1e-13);
    expect($shape->volumeTo($z) / $integral)->toEqualWithDelta(1.0, 1e-5);
})->with([
    'ball with a neck' => [fn() => Bowl::sphere(0.1, 0.03, 0.02)],
    'turned'           => [fn() => Revolved::turned([[0.0, 0.04], [0.02, 0.07], [0.05, 0.05]])],
    'calibrated'       => [fn() => Calibrated::byWater([[0.01, 2e-5], [0.02, 5e-5], [0.04, 12e-5]], 0.04)],
]);

it('keeps monotone data monotone and goes through its points (Fritsch & Carlson 1980)', function (): void {
    // The data of the paper's RPN 14 example: flat, then a sudden rise, where a plain cubic overshoots.
    $points = [
        [7.99, 0.0], [8.09, 2.76429e-5], [8.19, 4.37498e-2], [8.7, 0.169183], [9.2, 0.469428], [10.0, 0.943740],
        [12.0, 0.998636], [15.0, 0.999919], [20.0, 0.999994],
    ];
    $curve = Pchip::through($points);
    foreach ($points as [$x, $y]) {
        expect($curve->at($x))->toEqualWithDelta($y, 1e-12);
    }
    $last = -1.0;
    for ($x = 7.99; $x <= 20.0; $x += 0.01) {
        $y = $curve->at($x);
        expect($y)->toBeGreaterThanOrEqual($last - 1e-12)->toBeLessThanOrEqual(1.0)
            ->and($curve->slopeAt($x))->toBeGreaterThanOrEqual(-1e-12);
        $last = $y;
    }
});

it('is exact on straight lines, and its slope is the slope of its value', function (): void {
    $line = Pchip::through([[0.0, 1.0], [1.0, 3.0], [4.0, 9.0]]);
    expect($line->at(2.5))->toEqualWithDelta(6.0, 1e-12)
        ->and($line->slopeAt(0.3))->toEqualWithDelta(2.0, 1e-12);
    $curve = Pchip::through([[0.0, 0.0], [1.0, 1.0], [2.0, 8.0], [3.0, 9.0]]);
    foreach ([0.2, 1.4, 2.9] as $x) {
        expect($curve->slopeAt($x))->toEqualWithDelta(($curve->at($x + 1e-6) - $curve->at($x - 1e-6)) / 2e-6, 1e-6);
    }
});

it('integrates polynomials up to degree 9 exactly', function (): void {
    expect(GaussLegendre::integrate(fn(float $x): float => 10.0 * $x ** 9 - 3.0 * $x ** 2, 0.0, 1.0))->toEqualWithDelta(0.0, 1e-12)
        ->and(GaussLegendre::integrate(cos(...), 0.0, M_PI_2, 6))->toEqualWithDelta(1.0, 1e-14);
});

it('measures a vessel with water', function (): void {
    // A jar that is a cylinder of 50 mm: the marks make it again.
    $area = M_PI * 0.025 ** 2;
    $jar = Calibrated::byWater([[0.01, 0.01 * $area], [0.03, 0.03 * $area], [0.08, 0.08 * $area]], 0.08);
    expect($jar->sectionAt(0.05)->halfX)->toEqualWithDelta(0.025, 1e-9)
        ->and($jar->volumeTo(0.02))->toEqualWithDelta(0.02 * $area, 1e-12);
});
