<?php

declare(strict_types=1);

use Pensilis\Geometry\MeshHull;
use Pensilis\Geometry\StlReader;
use Pensilis\Numerics\Lehmer;
use Tests\Meshes;

it('keeps every corner of a mesh of few points', function (): void {
    $points = MeshHull::points(StlReader::read([Meshes::binary(Meshes::block(20.0, 10.0, 5.0))]), [10.0, 5.0], 0.0, 1e-3);
    $corners = [];
    foreach ([-0.01, 0.01] as $x) {
        foreach ([-0.005, 0.005] as $y) {
            foreach ([0.0, 0.005] as $z) {
                $corners[] = [$x, $y, $z];
            }
        }
    }
    expect($points)->toEqualCanonicalizing($corners);
});

// A ball reaches as far in every direction: points of its own surface, farthest to within a hundredth of the radius.
it('keeps what lies farthest out of many points', function (): void {
    $radius = 10.0;
    $points = MeshHull::points(StlReader::read([Meshes::binary(Meshes::ball($radius, 40, 64))]), [0.0, 0.0], -$radius, 1.0);
    expect(count($points))->toBeLessThan(400);
    foreach ($points as [$x, $y, $z]) {
        expect(sqrt($x ** 2 + $y ** 2 + ($z - $radius) ** 2))->toEqualWithDelta($radius, 1e-4);
    }
    $chance = Lehmer::from(11);
    for ($n = 0; $n < 200; $n++) {
        $chance->next();
        $up = 2.0 * $chance->current() - 1.0;
        $chance->next();
        $turn = 2.0 * M_PI * $chance->current();
        [$dx, $dy, $dz] = [sqrt(1.0 - $up ** 2) * cos($turn), sqrt(1.0 - $up ** 2) * sin($turn), $up];
        $reach = max(array_map(fn(array $p): float => $p[0] * $dx + $p[1] * $dy + ($p[2] - $radius) * $dz, $points));
        expect($reach)->toBeLessThanOrEqual($radius + 1e-4)->toBeGreaterThan(0.97 * $radius);
    }
});
