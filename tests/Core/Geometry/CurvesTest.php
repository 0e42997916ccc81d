<?php

declare(strict_types=1);

use Pensilis\Geometry\Arc;
use Pensilis\Geometry\Cubic;
use Pensilis\Geometry\Curve;
use Pensilis\Geometry\Polyline;
use Pensilis\Geometry\Region\Chord;

/** Length by two thousand chords. */
function lengthOf(Curve $curve): float
{
    $length = 0.0;
    [$x, $y] = $curve->point(0.0);
    for ($n = 1; $n <= 2000; $n++) {
        [$toX, $toY] = $curve->point($n / 2000.0);
        $length += hypot($toX - $x, $toY - $y);
        [$x, $y] = [$toX, $toY];
    }

    return $length;
}

/**
 * Twice the signed area of a closed line, by the shoelace formula.
 *
 * @param list<array{float, float}> $points
 */
function shoelace(array $points): float
{
    $sum = 0.0;
    foreach ($points as $i => [$x, $y]) {
        [$nextX, $nextY] = $points[($i + 1) % count($points)];
        $sum += $x * $nextY - $nextX * $y;
    }

    return $sum;
}

it('comes as near to a quarter circle as a cubic can', function (): void {
    // With control points at 4/3 (√2 − 1) the radius is exact at both ends and the middle, and at most 0.02725 % too large between
    // (M. Goldapp, Computer Aided Geometric Design 8 (1991) 227).
    $kappa = 4.0 / 3.0 * (M_SQRT2 - 1.0);
    $curve = Cubic::bezier([1.0, 0.0], [1.0, $kappa], [$kappa, 1.0], [0.0, 1.0]);
    $radii = array_map(fn(int $n): float => hypot(...$curve->point($n / 1000.0)), range(0, 1000));
    expect(hypot(...$curve->point(0.5)))->toEqualWithDelta(1.0, 1e-14)
        ->and(min($radii))->toBeGreaterThanOrEqual(1.0 - 1e-14)
        ->and(max($radii) - 1.0)->toEqualWithDelta(2.725e-4, 1e-7);
});

it('raises a parabola without loss', function (float $t): void {
    // The quadratic curve of (−1, 1), (0, −1), (1, 1) is y = x².
    $curve = Cubic::quadratic([-1.0, 1.0], [0.0, -1.0], [1.0, 1.0]);
    [$x, $y] = $curve->point($t);
    [$dx, $dy] = $curve->tangent($t);
    expect($x)->toEqualWithDelta(2.0 * $t - 1.0, 1e-15)
        ->and($y)->toEqualWithDelta($x * $x, 1e-15)
        ->and($dy / $dx)->toEqualWithDelta(2.0 * $x, 1e-14);
})->with([0.0, 0.2, 0.5, 0.77, 1.0]);

it('measures the arc of a parabola as its integral does', function (): void {
    // ∫₀¹ √(1 + 4x²) dx = √5/2 + asinh(2)/4.
    $curve = Cubic::quadratic([0.0, 0.0], [0.5, 0.0], [1.0, 1.0]);
    expect(lengthOf($curve))->toEqualWithDelta(sqrt(5.0) / 2.0 + asinh(2.0) / 4.0, 1e-6);
});

it('runs a straight line evenly and in one chord', function (): void {
    $line = Cubic::line([1.0, 2.0], [4.0, 6.0]);
    expect($line->point(0.25))->toEqualWithDelta([1.75, 3.0], 1e-15)
        ->and(hypot(...$line->tangent(0.9)))->toEqualWithDelta(5.0, 1e-14)
        ->and($line->chords())->toBe(1)
        ->and(Cubic::quadratic([0.0, 0.0], [1.0, 1.0], [2.0, 0.0])->chords())->toBeGreaterThan(8);
});

// SVG 1.1, section 8.3.8, the figure of the four arcs "M125,75 a100,50 0 ?,? 100,50": they lie on ellipses about (125, 125) and (225, 75).
it('takes the arc of four that the flags of SVG mean', function (bool $large, bool $ahead, array $middle, float $sweep): void {
    $arc = Arc::between([125.0, 75.0], [225.0, 125.0], 100.0, 50.0, 0.0, $large, $ahead);
    // The middle of the way is at 45° on either ellipse, near or far.
    expect($arc->point(0.0))->toEqualWithDelta([125.0, 75.0], 1e-9)
        ->and($arc->point(1.0))->toEqualWithDelta([225.0, 125.0], 1e-9)
        ->and($arc->point(0.5))->toEqualWithDelta($middle, 1e-9)
        // A quarter of an ellipse or three: each chord spans five degrees at most.
        ->and($arc->chords())->toBe((int) round($sweep / 5.0));
})->with([
    'small, back'  => [false, false, [225.0 - 100.0 * M_SQRT1_2, 75.0 + 50.0 * M_SQRT1_2], 90.0],
    'small, ahead' => [false, true, [125.0 + 100.0 * M_SQRT1_2, 125.0 - 50.0 * M_SQRT1_2], 90.0],
    'large, back'  => [true, false, [125.0 - 100.0 * M_SQRT1_2, 125.0 + 50.0 * M_SQRT1_2], 270.0],
    'large, ahead' => [true, true, [225.0 + 100.0 * M_SQRT1_2, 75.0 - 50.0 * M_SQRT1_2], 270.0],
]);

it('enlarges radii that cannot span the ends', function (): void {
    // SVG 1.1, F.6.6: then the ends lie across from one another, on a circle of half their distance.
    $arc = Arc::between([0.0, 0.0], [10.0, 0.0], 1.0, 1.0, 0.0, false, true);
    expect($arc->point(0.5))->toEqualWithDelta([5.0, -5.0], 1e-9)
        ->and(lengthOf($arc))->toEqualWithDelta(5.0 * M_PI, 1e-5);
});

it('goes round an ellipse in the length that Ramanujan gives', function (float $turn): void {
    // S. Ramanujan, Quarterly Journal of Mathematics 45 (1914) 350: π (3(a+b) − √((3a+b)(a+3b))), here within 1e-6.
    [$a, $b] = [3.0, 2.0];
    $end = [2.0 * $a * cos($turn), 2.0 * $a * sin($turn)];
    $half = lengthOf(Arc::between([0.0, 0.0], $end, $a, $b, $turn, false, true));
    expect(2.0 * $half)->toEqualWithDelta(M_PI * (3.0 * ($a + $b) - sqrt((3.0 * $a + $b) * ($a + 3.0 * $b))), 5e-5);
})->with(['straight' => 0.0, 'turned' => 0.7]);

it('points along itself', function (Curve $curve): void {
    foreach ([0.1, 0.5, 0.83] as $t) {
        [$x, $y] = $curve->point($t - 1e-6);
        [$toX, $toY] = $curve->point($t + 1e-6);
        expect($curve->tangent($t))->toEqualWithDelta([($toX - $x) / 2e-6, ($toY - $y) / 2e-6], 1e-4);
    }
})->with([
    'cubic' => [Cubic::bezier([0.0, 0.0], [3.0, 1.0], [-2.0, 4.0], [5.0, 5.0])],
    'arc'   => [Arc::between([0.0, 0.0], [3.0, 4.0], 4.0, 3.0, 0.4, true, false)],
]);

it('leaves out the corners that say nothing', function (): void {
    // Eleven points on each side of a square: its four corners say it all.
    $points = [];
    foreach ([[0, 0, 1, 0], [10, 0, 0, 1], [10, 10, -1, 0], [0, 10, 0, -1]] as [$x, $y, $dx, $dy]) {
        for ($n = 0; $n < 10; $n++) {
            $points[] = [(float) ($x + $n * $dx), (float) ($y + $n * $dy)];
        }
    }
    expect(Polyline::simplified($points, 0.01))->toBe([[0.0, 0.0], [10.0, 0.0], [10.0, 10.0], [0.0, 10.0]])
        ->and(Polyline::simplified([[0.0, 0.0], [1.0, 0.0], [0.0, 1.0]], 5.0))->toHaveCount(3);
});

it('keeps a circle within what it was told', function (float $within): void {
    $circle = array_map(fn(int $n): array => [cos($n * M_PI / 360.0), sin($n * M_PI / 360.0)], range(0, 719));
    $few = Polyline::simplified($circle, $within);
    // The sagitta of a chord over an angle 2φ is 1 − cos φ: of n corners at best, all are needed.
    $widest = 0.0;
    foreach ($few as $i => [$x, $y]) {
        [$toX, $toY] = $few[($i + 1) % count($few)];
        $widest = max($widest, 1.0 - hypot(0.5 * ($x + $toX), 0.5 * ($y + $toY)));
    }
    expect($widest)->toBeLessThanOrEqual($within)
        ->and(count($few))->toBeGreaterThanOrEqual((int) floor(M_PI / acos(1.0 - $within)))
        ->and(count($few))->toBeLessThan(720);
})->with([1e-2, 1e-3, 1e-4]);

it('draws the tightest band around points', function (int $seed): void {
    mt_srand($seed);
    $points = array_map(fn(): array => [mt_rand(-1000, 1000) / 100.0, mt_rand(-1000, 1000) / 100.0], range(1, 60));
    $hull = Polyline::hull($points);
    expect(shoelace($hull))->toBeGreaterThan(0.0);
    foreach ($hull as $i => [$x, $y]) {
        [$nextX, $nextY] = $hull[($i + 1) % count($hull)];
        // By definition: no point lies to the right of any edge, and every corner is one of the points.
        foreach ($points as [$px, $py]) {
            expect(($nextX - $x) * ($py - $y) - ($nextY - $y) * ($px - $x))->toBeGreaterThanOrEqual(-1e-9);
        }
        expect(in_array([$x, $y], $points, true))->toBeTrue();
    }
})->with([1, 2, 3]);

it('cuts a disc in a chord of Pythagoras', function (float $off, float $half): void {
    // A line 3 from the middle of a circle of 5 cuts 8 of it.
    $spans = Chord::ofDisc(10.0, 20.0, 5.0, 10.0 + $off, 0.0, 0.0, 1.0)->spans;
    expect($spans[0])->toEqualWithDelta([20.0 - $half, 20.0 + $half], 1e-12);
})->with([[3.0, 4.0], [-4.0, 3.0], [0.0, 5.0]]);

it('misses a disc that it only touches or passes', function (float $off): void {
    expect(Chord::ofDisc(0.0, 0.0, 5.0, $off, 0.0, 0.0, 1.0)->spans)->toBe([]);
})->with([5.0, 5.1, -40.0]);

it('crosses a strip at a slant, and runs along it for ever or never', function (): void {
    // Across a strip from 2 to 4 at 30°: twice as long as it is wide.
    expect(Chord::ofStrip(0.0, 0.5, 2.0, 4.0)->spans[0])->toEqualWithDelta([4.0, 8.0], 1e-12)
        ->and(Chord::ofStrip(0.0, -0.5, 2.0, 4.0)->spans[0])->toEqualWithDelta([-8.0, -4.0], 1e-12)
        ->and(Chord::ofStrip(3.0, 0.0, 2.0, 4.0)->spans)->toHaveCount(1)
        ->and(Chord::ofStrip(5.0, 0.0, 2.0, 4.0)->spans)->toBe([]);
});
