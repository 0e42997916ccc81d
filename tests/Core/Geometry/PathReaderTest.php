<?php

declare(strict_types=1);

use Pensilis\Exception\CrossingOutline;
use Pensilis\Exception\UnreadablePath;
use Pensilis\Geometry\Outline;
use Pensilis\Geometry\PathReader;
use Pensilis\Geometry\Section;

/** @return list<array{float, float}> points along a path, to the thousandth */
function walked(string $path): array
{
    $points = [];
    foreach (PathReader::chains($path)[0] as $curve) {
        foreach ([0.0, 0.25, 0.5, 0.75, 1.0] as $t) {
            $points[] = array_map(fn(float $one): float => round($one, 9) + 0.0, $curve->point($t));
        }
    }

    return $points;
}

// SVG 1.1, section 8.3: what each command means in terms of others.
it('reads every command as the standard says', function (string $short, string $long): void {
    expect(walked($short))->toEqual(walked($long));
})->with([
    'lines that follow a move' => ['M0 0 10 0 10 10Z', 'M0 0L10 0L10 10Z'],
    'relative lines'           => ['m5 5l10 0l0 10z', 'M5 5L15 5L15 15Z'],
    'level and upright'        => ['M0 0H10V10H0Z', 'M0 0L10 0L10 10L0 10Z'],
    'relative of these'        => ['M2 2h10v10h-10z', 'M2 2H12V12H2Z'],
    // 8.3.6: the first control point of S is the last one mirrored at the current point.
    'a smooth cubic' => ['M0 0C0 10 10 10 10 0S20 -10 20 0Z', 'M0 0C0 10 10 10 10 0C10 -10 20 -10 20 0Z'],
    // 8.3.7: likewise for T.
    'a smooth quadratic' => ['M0 0Q5 10 10 0T20 0Z', 'M0 0Q5 10 10 0Q15 -10 20 0Z'],
    'without any spaces' => ['M0,0L1.5.5-3-2Z', 'M 0 0 L 1.5 0.5 L -3 -2 Z'],
    'an exponent'        => ['M0 0H1e1V1E1Z', 'M0 0H10V10Z'],
    'closed or not'      => ['M0 0H10V10', 'M0 0H10V10Z'],
]);

// Area of a circle, π r², and of half an ellipse, π a b / 2 (any handbook); arcs by chords every 5°.
it('turns arcs the way that their flags say', function (string $path, float $area): void {
    expect(Outline::fromPath($path)->area * 1e6)->toEqualWithDelta($area, 2e-3 * $area);
})->with([
    'a circle'        => ['M-10 0A10 10 0 1 1 10 0A10 10 0 1 1 -10 0Z', M_PI * 100.0],
    'half an ellipse' => ['M-10 0A10 4 0 0 1 10 0Z', M_PI * 20.0],
    // Radii too small for the way are enlarged until they reach (appendix F.6.6).
    'radii that are too small' => ['M-10 0A1 1 0 0 1 10 0Z', M_PI * 50.0],
    // The small part of a circle of 10 above a chord of 10√2: a quarter of it less a triangle.
    'the small arc' => ['M0 0A10 10 0 0 1 14.142135623731 0Z', M_PI * 25.0 - 50.0],
    'the large arc' => ['M0 0A10 10 0 1 1 14.142135623731 0Z', M_PI * 75.0 + 50.0],
]);

// Characters are counted from one.
it('says at which character it stopped', function (string $path, string $cause, int $offset): void {
    try {
        PathReader::chains($path);
    } catch (UnreadablePath $refusal) {
        expect($refusal->fact()->name)->toBe($cause)->and($refusal->fact()->values['offset'])->toBe($offset);

        return;
    }
    $this->fail('The path was taken.');
})->with([
    'a number alone'  => ['10 10', 'path.no-path-data', 0],
    'an odd command'  => ['M0 0 Y9', 'path.unknown-command', 6],
    'too few numbers' => ['M0 0L5', 'path.too-few-numbers', 6],
]);

it('takes lines inside the first as holes, whichever way they run', function (string $path, float $area, float $round): void {
    $outline = Outline::fromPath($path);
    // The string that a hole hangs on is no edge, and leaves area and middle alone.
    expect(1e6 * $outline->area)->toEqualWithDelta($area, 2e-3 * $area)
        ->and(1e3 * $outline->perimeter)->toEqualWithDelta($round, 2e-3 * $round)
        ->and($outline->contains(0.0, 0.0))->toBeFalse()
        ->and($outline->contains(0.02, 0.02))->toBeTrue()
        ->and(1e3 * array_sum(array_map(abs(...), Section::within($outline)->middle())))->toEqualWithDelta(0.0, 0.02)
        // A line through the middle runs through the hole: 20 to 30 mm on either side of a hole of 20 mm.
        ->and(1e3 * Section::within($outline)->along(0.0, 0.0, 1.0, 0.0)->length())->toEqualWithDelta(40.0, 0.1);
})->with([
    // By hand: 60 × 60 mm less a circle of 20 mm; 240 mm and 20 π round.
    'with the outer'    => ['M-30 -30H30V30H-30Z M-10 0A10 10 0 1 1 10 0A10 10 0 1 1 -10 0Z', 3600.0 - M_PI * 100.0, 240.0 + M_PI * 20.0],
    'against the outer' => ['M-30 -30H30V30H-30Z M-10 0A10 10 0 1 0 10 0A10 10 0 1 0 -10 0Z', 3600.0 - M_PI * 100.0, 240.0 + M_PI * 20.0],
]);

it('refuses a second outline that is no hole', function (string $path, string $refusal): void {
    expect(fn() => Outline::fromPath($path))->toThrow($refusal);
})->with([
    'beside the first'    => ['M0 0H9V9H0Z M20 0H29V9H20Z', UnreadablePath::class],
    'a hole in a hole'    => ['M0 0H90V90H0Z M10 10H80V80H10Z M20 20H30V30H20Z', UnreadablePath::class],
    'across the first'    => ['M0 0H9V9H0Z M5 5H15V7H5Z', CrossingOutline::class],
    'round all the first' => ['M0 0H9V9H0Z M-5 -5H15V15H-5Z', UnreadablePath::class],
]);
