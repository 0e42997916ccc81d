<?php

declare(strict_types=1);

use Pensilis\Geometry\Outline;
use Pensilis\Geometry\Scatter;
use Pensilis\Geometry\Section;
use Pensilis\Numerics\Lehmer;
use Tests\Plans;

// Park, Miller & Stockmeyer 1993: with the factor 48271 the 10 000th number after 1 is 399268537.
it('draws the numbers of the published generator', function (): void {
    $numbers = Lehmer::from(0);
    for ($n = 1; $n < 10000; $n++) {
        $numbers->next();
    }
    expect((int) round($numbers->current() * 2147483647))->toBe(399268537);
});

it('keeps copies clear of each other, of others and of the wall, the same for the same seed', function (
    Section $room,
    Section $foot,
    float $x0,
): void {
    $taken = [[0.01, 0.0, 0.006]];
    foreach ([1, 2, 77] as $seed) {
        $places = (new Scatter($room, $foot, 0.002, $seed))->fill([[$x0, 0.0]], 12, $taken, null);
        expect($places)->toHaveCount(12)
            ->and($places[0])->toBe([$x0, 0.0])
            ->and((new Scatter($room, $foot, 0.002, $seed))->fill([[$x0, 0.0]], 12, $taken, null))->toBe($places);
        foreach ($places as $i => [$x, $y]) {
            expect($room->holds($foot, $x, $y))->toBeTrue()
                ->and($i === 0 || hypot($x - 0.01, $y) >= 0.006 + Scatter::reach($foot) + 0.002 - 1e-12)->toBeTrue();
            foreach (array_slice($places, $i + 1) as [$ox, $oy]) {
                expect(hypot($x - $ox, $y - $oy))->toBeGreaterThanOrEqual(2.0 * Scatter::reach($foot) + 0.002 - 1e-12);
            }
        }
    }
})->with([
    'balls in a round mold'   => [Section::ellipse(0.045, 0.045), Section::ellipse(0.004, 0.004), -0.02],
    'blocks in a tray'        => [Section::rectangle(0.05, 0.04), Section::rectangle(0.003, 0.002), -0.02],
    'discs in a bent channel' => [Section::within(Outline::fromPath('M0 0H100V100H70V30H0Z')), Section::ellipse(0.003, 0.003), 0.035],
]);

it('spreads wider than chance: the nearest neighbours lie farther apart', function (): void {
    $places = (new Scatter(Section::rectangle(0.1, 0.1), Section::ellipse(0.001, 0.001), 0.0, 5))->fill([[0.0, 0.0]], 40, [], null);
    $nearest = array_map(fn(array $p): float => min(array_map(
        fn(array $q): float => $p === $q ? INF : hypot($p[0] - $q[0], $p[1] - $q[1]),
        $places,
    )), $places);
    // Of points thrown by chance the mean is 1/(2√density) (Clark & Evans, Ecology 35, 1954).
    expect(array_sum($nearest) / 40)->toBeGreaterThan(1.3 * 0.5 / sqrt(40 / 0.04));
});

it('stays within a distance, and stops when the room is full', function (): void {
    $scatter = new Scatter(Section::ellipse(0.05, 0.05), Section::ellipse(0.002, 0.002), 0.001, 3);
    foreach ($scatter->fill([[0.02, 0.0]], 8, [], 0.015) as [$x, $y]) {
        expect(hypot($x - 0.02, $y))->toBeLessThanOrEqual(0.015);
    }
    // Circles cannot fill more than π/√12 of a plane (Thue 1890): fewer than that fit.
    $count = count($scatter->fill([[0.0, 0.0]], 500, [], null));
    expect($count)->toBeGreaterThan(100)->toBeLessThan((int) (M_PI / sqrt(12.0) * (0.0505 / 0.0025) ** 2));
});

it('makes copies part of the plan: what they displace, where they lie', function (): void {
    $copies = [
        '/inclusions/0/copies' => 5, '/inclusions/0/size_mm' => [10, 10, 8],
        '/inclusions/0/spread' => ['seed' => 4, 'spacing_mm' => 3],
    ];
    [$one, $five] = [Plans::read(['/inclusions/0/size_mm' => [10, 10, 8]])->inclusions[0], Plans::read($copies)->inclusions[0]];
    expect($five->places())->toHaveCount(5)
        ->and($five->displaced(0.0, 0.018))->toEqualWithDelta(5.0 * $one->displaced(0.0, 0.018), 1e-15)
        ->and($five->envelope())->toBe($one->envelope())
        ->and($five->name())->toBe('5 × cone')
        ->and(Plans::read(['/inclusions/0/spread' => ['seed' => 5]] + $copies)->inclusions[0]->places())->not->toBe($five->places());
});
