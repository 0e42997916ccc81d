<?php

declare(strict_types=1);

use App\View\Drawing\FaceDrawing;
use App\View\Drawing\Gaze;
use App\View\Drawing\Mosaic;
use App\View\Drawing\PlanDrawing;
use App\View\Page\PieceView;
use App\Words\Figures;
use Pensilis\Layout\Layout;
use Pensilis\Quantity\UnitSystem;
use Pensilis\Scheduling\StudioClock;
use Tests\Plans;

/** The area of closed polygons of SVG path data (shoelace), whatever their commands M, H, L and V. */
function areaOf(string $path): float
{
    $area = 0.0;
    foreach (array_filter(explode('z', $path)) as $part) {
        preg_match_all('/([MHLV])([\d.\-]+)(?: ([\d.\-]+))?/', $part, $found, PREG_SET_ORDER);
        [$points, $x, $y] = [[], 0.0, 0.0];
        foreach ($found as $step) {
            $x = $step[1] === 'V' ? $x : (float) $step[2];
            $y = match ($step[1]) {
                'M', 'L' => (float) ($step[3] ?? $y),
                'V'     => (float) $step[2],
                default => $y,
            };
            $points[] = [$x, $y];
        }
        foreach ($points as $n => [$px, $py]) {
            [$qx, $qy] = $points[($n + 1) % count($points)];
            $area += 0.5 * ($px * $qy - $qx * $py);
        }
    }

    return abs($area);
}

it('covers what it is given, each colour by its area', function (): void {
    // A disc of 40 mm in a square of 100 mm; strips overlap by a third of a unit, of which there are 120.
    $line = function (float $y): array {
        $half = abs($y) < 0.04 ? sqrt(0.04 ** 2 - $y ** 2) : 0.0;

        return $half > 0.0
            ? [[-0.05, -$half, '#000000'], [-$half, $half, '#ffffff'], [$half, 0.05, '#000000']]
            : [[-0.05, 0.05, '#000000']];
    };
    $paths = Mosaic::paths($line, 0.05, 4000.0, false);
    expect(array_keys($paths))->toEqualCanonicalizing(['#000000', '#ffffff'])
        ->and(areaOf($paths['#ffffff']) / 4000.0 ** 2)->toEqualWithDelta(M_PI * 0.04 ** 2, 0.1 * M_PI * 0.04 ** 2)
        ->and((areaOf($paths['#000000']) + areaOf($paths['#ffffff'])) / 4000.0 ** 2)->toEqualWithDelta(0.01, 0.1 * 0.01);
});

it('is mirrored left and right alone', function (): void {
    $line = fn(float $y): array => [[-0.05, 0.01, '#112233'], [0.01, 0.05, '#445566']];
    [$plain, $mirrored] = [Mosaic::paths($line, 0.05, 1000.0, false), Mosaic::paths($line, 0.05, 1000.0, true)];
    expect($plain['#112233'])->toStartWith('M-50 -50H10')
        ->and($mirrored['#112233'])->toStartWith('M-10 -50H50')
        ->and(areaOf($plain['#112233']))->toEqualWithDelta(areaOf($mirrored['#112233']), 1e-6);
});

it('draws the face in the colours that are computed', function (): void {
    $plan = Plans::read([], Plans::coloured());
    $layout = Layout::given($plan);
    $frame = new PlanDrawing($plan, new Figures(UnitSystem::Metric, StudioClock::unset()), Gaze::straight());
    $face = new FaceDrawing($plan, $layout, $frame, false);
    $paths = $face->paths();
    // Two outer bands alike, the middle one, and the cone through it.
    expect($paths)->toHaveCount(3);
    $whole = M_PI * (0.045 * 1e3 * $frame->scale) ** 2;
    $shares = array_map(fn(string $path): float => areaOf($path) / array_sum(array_map(areaOf(...), $paths)), array_values($paths));
    sort($shares);
    // The cone is a disc of 28 in 90 mm, the middle band 41.6 % less that, the outer ones the rest.
    expect($shares[0])->toEqualWithDelta((28 / 90) ** 2, 0.01)
        ->and($shares[1])->toEqualWithDelta(0.4164 - (28 / 90) ** 2, 0.01)
        ->and($shares[2])->toEqualWithDelta(0.5836, 0.01)
        ->and(array_sum(array_map(areaOf(...), $paths)))->toEqualWithDelta($whole, 0.15 * $whole)
        ->and($face->objects()[0]['shows'])->toBeGreaterThan(0.2);
});

it('swaps left and right seen from the floor', function (): void {
    $plan = Plans::read(
        ['/pours/2/zones' => [['shape' => 'half', 'angle_deg' => 0, 'mix' => [['colour' => 'white', 'pct' => 5]]]], '/inclusions' => []],
        Plans::coloured(),
    );
    $frame = new PlanDrawing($plan, new Figures(UnitSystem::Metric, StudioClock::unset()), Gaze::straight());
    $left = fn(bool $floor): float => min(array_map(
        fn(array $one): float => (float) $one[1],
        preg_match_all(
            '/M([\d.\-]+)/',
            (new FaceDrawing(
                $plan,
                Layout::given($plan),
                $frame,
                $floor,
            ))->paths()[Layout::given($plan)->pours[2]->coat->recipe(0)->film(0.034)->over($plan->behind->shade())->toHex()] ?? '',
            $found,
            PREG_SET_ORDER,
        ) > 0
            ? $found
            : [[0, INF]],
    ));
    // White in the right half: from the open side it begins at the middle, from the floor at the left edge.
    expect($left(false))->toEqualWithDelta(0.0, 0.2)
        ->and($left(true))->toEqualWithDelta(-45.0 * $frame->scale, 0.5);
});

it('says from where each region is poured', function (): void {
    $user = $this->member();
    $piece = $this->pieceOf(
        $user,
        Plans::changed(
            ['/pours/2/zones/3' => ['name' => 'spot', 'shape' => 'ring', 'at_mm' => [0, 35], 'outer_mm' => 6]],
            Plans::coloured(),
        ),
    );
    $view = new PieceView($piece, UnitSystem::Metric, null);
    $cups = $view->pours()->coat(2)->cupLines();
    expect(array_map(fn($cup): string => "{$cup->name}: {$cup->from}", $cups))->toBe([
        // Left and right are of one colour at one strength: one cup.
        'left and right: left first, into its middle and right from the right', 'middle: from the right', 'spot: from behind',
    ])
        ->and($cups[2]->doses)->toBe([])
        ->and($cups[0]->swatch)->toMatch('/^#[0-9a-f]{6}$/');
});
