<?php

declare(strict_types=1);

use Pensilis\Exception\UnusableMesh;
use Pensilis\Geometry\Contact;
use Pensilis\Geometry\Ellipsoid;
use Pensilis\Geometry\Frustum;
use Pensilis\Geometry\MeshSlicer;
use Pensilis\Geometry\Section;
use Pensilis\Geometry\Sliced;
use Pensilis\Geometry\StlReader;
use Pensilis\Geometry\Upright;
use Tests\Meshes;

/** @param list<array{list<float>, list<float>, list<float>}> $facets in millimetres */
function sliced(array $facets): Sliced
{
    return MeshSlicer::slice(StlReader::read([Meshes::binary($facets)]), 1e-3);
}

it('slices a block as lwh, its surface as 2(lw + wh + hl)', function (): void {
    $block = sliced(Meshes::block(40.0, 30.0, 20.0));
    foreach ([0.0, 0.003, 0.01, 0.02, 0.05] as $z) {
        expect($block->volumeTo($z))->toEqualWithDelta(0.04 * 0.03 * min($z, 0.02), 1e-9 * 2.4e-5);
    }
    expect($block->isUpright())->toBeTrue()
        ->and($block->sectionAt(0.007)->area())->toEqualWithDelta(1.2e-3, 1e-12)
        ->and($block->sectionAt(0.007)->perimeter())->toEqualWithDelta(0.14, 1e-9)
        ->and($block->surfaceArea())->toEqualWithDelta(2.0 * (1.2e-3 + 6e-4 + 8e-4), 1e-12)
        ->and($block->extents())->toEqualWithDelta([0.04, 0.03, 0.02], 1e-12);
});

it('slices a pyramid as the frusta below, to 1e-9', function (): void {
    $pyramid = sliced(Meshes::moved(Meshes::pyramid(60.0, 45.0), 7.0, -3.0, 12.0));
    $frustum = Frustum::pyramid([0.06, 0.06], [0.0, 0.0], 0.045);
    foreach ([0.001, 0.02, 0.04, 0.045] as $z) {
        expect($pyramid->volumeTo($z))->toEqualWithDelta($frustum->volumeTo($z), 1e-9 * 5.4e-5)
            ->and($pyramid->areaAt($z))->toEqualWithDelta($frustum->sectionAt($z)->area(), 1e-9 * 3.6e-3);
    }
    expect($pyramid->isUpright())->toBeFalse();
});

// A ball of facets is a pile of pyramidal frusta: the volume of each ring by the prismoidal rule (CRC Standard Mathematical Tables).
it('slices a ball of many facets as the polyhedron that it is', function (): void {
    [$rings, $segments, $radius] = [90, 60, 0.025];
    $ball = sliced(Meshes::ball(25.0, $rings, $segments));
    $area = fn(float $polar): float => 0.5 * $segments * sin(2.0 * M_PI / $segments) * ($radius * sin($polar)) ** 2;
    $volume = 0.0;
    for ($i = $rings; $i > $rings / 2; $i--) {
        [$low, $high] = [M_PI * $i / $rings, M_PI * ($i - 1) / $rings];
        $step = $radius * (cos($high) - cos($low));
        $between = 0.5 * $segments * sin(2.0 * M_PI / $segments) * (0.5 * $radius * (sin($low) + sin($high))) ** 2;
        $volume += $step / 6.0 * ($area($low) + 4.0 * $between + $area($high));
    }
    // Points are kept to single precision, 6e-8.
    expect($ball->volumeTo($radius))->toEqualWithDelta($volume, 2e-7 * $volume)
        ->and($ball->volumeTo(1.0))->toEqualWithDelta(2.0 * $volume, 4e-7 * $volume)
        ->and($ball->facets)->toBe(2 * $segments * ($rings - 1));
});

it('comes near the sphere as facets grow fewer thousandths wide, and keeps its middle', function (): void {
    $ball = sliced(Meshes::moved(Meshes::ball(25.0, 300, 100), 5.0, 5.0, 5.0));
    // Spherical cap, CRC Standard Mathematical Tables; 100 segments fall short of the circle by 2π²/3n² = 6.6e-4.
    expect($ball->volumeTo(0.01))->toEqualWithDelta(M_PI * 0.01 ** 2 * (0.075 - 0.01) / 3.0, 1e-3 * 6.8e-6)
        ->and($ball->sectionAt(0.025)->halfX)->toEqualWithDelta(0.025, 5e-5)
        ->and($ball->sectionAt(0.025)->holds(Section::ellipse(0.0245, 0.0245), 0.0, 0.0))->toBeTrue()
        ->and($ball->sectionAt(0.025)->holds(Section::ellipse(0.0245, 0.0245), 0.001, 0.0))->toBeFalse()
        ->and($ball->footprint()->halfY)->toEqualWithDelta(0.025, 2e-4);
});

it('reads ascii and binary, in parts of any size, to the same body', function (): void {
    $facets = Meshes::ball(10.0, 12, 9);
    $whole = sliced($facets)->volumeTo(0.012);
    foreach ([1, 7, 50, 4096] as $size) {
        foreach ([Meshes::binary($facets), Meshes::ascii($facets)] as $file) {
            $read = MeshSlicer::slice(StlReader::read(str_split($file, $size)), 1e-3);
            expect($read->volumeTo(0.012))->toEqualWithDelta($whole, 1e-6 * $whole);
        }
    }
});

it('takes a body that is inside out for what it is', function (): void {
    $inside = array_map(fn(array $facet): array => array_reverse($facet), Meshes::block(10.0, 10.0, 10.0));
    expect(sliced($inside)->volumeTo(1.0))->toEqualWithDelta(1e-6, 1e-15);
});

it('keeps a hollow free, and parts apart', function (): void {
    $shell = [...Meshes::block(40.0, 40.0, 10.0),
        ...Meshes::moved(array_map(fn(array $facet): array => array_reverse($facet), Meshes::block(20.0, 20.0, 4.0)), 10.0, 10.0, 3.0)];
    $two = [...Meshes::block(10.0, 10.0, 10.0), ...Meshes::moved(Meshes::block(10.0, 10.0, 10.0), 30.0, 0.0, 0.0)];
    expect(sliced($shell)->volumeTo(1.0))->toEqualWithDelta(1.6e-5 - 1.6e-6, 1e-14)
        ->and(sliced($shell)->sectionAt(0.005)->holds(Section::ellipse(0.002, 0.002), 0.0, 0.0))->toBeFalse()
        ->and(sliced($shell)->sectionAt(0.005)->holds(Section::ellipse(0.002, 0.002), 0.015, 0.0))->toBeTrue()
        ->and(sliced($two)->sectionAt(0.005)->holds(Section::ellipse(0.002, 0.002), 0.0, 0.0))->toBeFalse()
        ->and(sliced($two)->sectionAt(0.005)->holds(Section::ellipse(0.002, 0.002), -0.015, 0.0))->toBeTrue();
});

it('stretches, and meets other objects by its outermost points', function (): void {
    $block = sliced(Meshes::block(10.0, 10.0, 10.0))->stretched(2.0, 1.0, 0.5);
    expect($block->extents())->toEqualWithDelta([0.02, 0.01, 0.005], 1e-12)
        ->and($block->surfaceArea())->toEqualWithDelta(Upright::block(0.02, 0.01, 0.005)->surfaceArea(), 1e-12)
        ->and(Contact::overlap($block, [0.0, 0.0, 0.0], Ellipsoid::of(0.004, 0.004, 0.004), [0.0119, 0.0, 0.0]))->toBeTrue()
        ->and(Contact::overlap($block, [0.0, 0.0, 0.0], Ellipsoid::of(0.004, 0.004, 0.004), [0.0121, 0.0, 0.0]))->toBeFalse();
});

it('names what is wrong with a mesh', function (string $file, string $says): void {
    expect(fn() => MeshSlicer::slice(StlReader::read([$file]), 1e-3))->toThrow(UnusableMesh::class, $says);
})->with([
    'a hole' => [
        fn() => Meshes::binary(array_slice(Meshes::block(10.0, 10.0, 10.0), 1)),
        'mesh.open {"count":3,"edges":["(0, 0, 0)–(10, 10, 0)"',
    ],
    'a facet turned over' => [function () {
        $block = Meshes::block(10.0, 10.0, 10.0);
        $block[2] = array_reverse($block[2]);

        return Meshes::binary($block);
    }, 'mesh.inverted {"count":3'],
    'nothing'          => [fn() => '', 'mesh.empty'],
    'no facet'         => [fn() => "solid empty\nendsolid empty\n", 'mesh.empty'],
    'a file cut short' => [
        fn() => substr(Meshes::binary(Meshes::block(10.0, 10.0, 10.0)), 0, 400), 'mesh.cut-short {"promised":12,"found":6}',
    ],
    'a text cut short'      => [fn() => substr(Meshes::ascii(Meshes::block(10.0, 10.0, 10.0)), 0, 900), 'mesh.no-facet'],
    'a number that is none' => [
        fn() => str_replace('1.0000000e+1 0.0000000e+0 1.0000000e+1', '1.0 zero 1.0', Meshes::ascii(Meshes::block(10.0, 10.0, 10.0))),
        '"text":"zero"',
    ],
    'a corner at infinity' => [
        fn() => Meshes::binary([[[0.0, 0.0, 0.0], [NAN, 0.0, 0.0], [0.0, INF, 0.0]]]), 'mesh.too-far {"facet":1}',
    ],
    'a sheet without thickness' => [
        fn() => Meshes::binary([[[0.0, 0.0, 0.0], [1.0, 0.0, 0.0], [0.0, 1.0, 0.0]], [[0.0, 0.0, 0.0], [0.0, 1.0, 0.0], [1.0, 0.0, 0.0]]]),
        'mesh.flat',
    ],
    'a picture'               => [fn() => "\x89PNG\r\n\x1a\n" . str_repeat("\xff", 200), 'mesh.no-stl'],
    'four corners to a facet' => [
        fn() => str_replace('    endloop', "      vertex 1 1 1\n    endloop", Meshes::ascii(Meshes::ball(10.0, 8, 8))),
        'mesh.not-three-corners',
    ],
]);
