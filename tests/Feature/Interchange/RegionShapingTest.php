<?php

declare(strict_types=1);

use App\Interchange\Form\CoatPart;
use App\Interchange\Form\RegionShaping;
use App\Interchange\PlanFile\PlanFile;
use Pensilis\Geometry\Outline;
use Pensilis\Layout\Layout;
use Tests\Plans;

/** Shares of the area that the regions of a document's first pour get, without the ground. */
$shares = function (array $document): array {
    $portions = Layout::given(PlanFile::sound($document))->pours[0]->portions->parcels->shares();

    return array_values(array_diff_key($portions, [-1 => 0.0]));
};

it('draws a band across the hand, at an angle that is meant', function (array $from, array $to, array $band): void {
    expect(RegionShaping::drawn('band', [$from, [3.0, 3.0], $to]))->toEqual(['shape' => 'band'] + $band);
})->with([
    'level'    => [[-10.0, 4.0], [12.0, 5.0], ['angle_deg' => 0, 'from_mm' => -10, 'to_mm' => 12]],
    'upright'  => [[1.0, -20.0], [0.0, 7.0], ['angle_deg' => 90, 'from_mm' => -20, 'to_mm' => 7]],
    'diagonal' => [[0.0, 0.0], [10.0, 10.0], ['angle_deg' => 45, 'from_mm' => 0, 'to_mm' => 14]],
    'its own'  => [[0.0, 0.0], [10.0, 4.24], ['angle_deg' => 23, 'from_mm' => 0, 'to_mm' => 11]],
]);

it('draws a half, a ring and a line', function (): void {
    expect(RegionShaping::drawn('half', [[5.0, 0.0], [20.0, 0.0]]))->toEqual(['shape' => 'half', 'angle_deg' => 0, 'from_mm' => 5])
        // 3, 4, 5.
        ->and(RegionShaping::drawn('ring', [[1.0, 1.0], [13.0, 17.0]]))
        ->toEqual(['shape' => 'ring', 'at_mm' => [1, 1], 'inner_mm' => 0, 'outer_mm' => 20])
        // What lies on a straight line is left out, a corner is kept.
        ->and(RegionShaping::drawn('line', [[0.0, 0.0], [5.0, 0.1], [10.0, 0.0], [10.1, 5.0], [10.0, 10.0]])['points_mm'])
        ->toEqual([[0, 0], [10, 0], [10, 10]]);
});

it('keeps a drawn outline where it was drawn, and nearly its area', function (): void {
    $circle = array_map(
        fn(int $n): array => [12.0 + 10.0 * cos(2.0 * M_PI * $n / 200), -5.0 + 10.0 * sin(2.0 * M_PI * $n / 200)],
        range(0, 199),
    );
    $zone = RegionShaping::drawn('outline', $circle);
    expect($zone['at_mm'])->toEqualWithDelta([12.0, -5.0], 0.2)
        // π r², less what corners 0.4 mm inside cut off: at most 2/3 of that along the edge.
        ->and(Outline::fromPath($zone['path'])->area * 1e6)->toEqualWithDelta(M_PI * 100.0 - 8.0, 10.0)
        ->and(substr_count($zone['path'], 'L'))->toBeLessThan(30);
});

it('divides into bands and rings of the same width', function () use ($shares): void {
    $plan = PlanFile::sound(Plans::coneWithPours());
    $bands = $shares(RegionShaping::divided(Plans::coneWithPours(), $plan, 0, 'bands', 3));
    // A circle cut at a third of its radius from the middle: two segments and what is between them (segment: r² acos(d/r) − d √(r² − d²)).
    $segment = (acos(1.0 / 3.0) - 1.0 / 3.0 * sqrt(8.0) / 3.0) / M_PI;
    expect($bands)->toEqualWithDelta([$segment, 1.0 - 2.0 * $segment, $segment], 1e-4)
        // Rings of the same width go as odd numbers.
        ->and($shares(RegionShaping::divided(Plans::coneWithPours(), $plan, 0, 'rings', 4)))
        ->toEqualWithDelta([1 / 16, 3 / 16, 5 / 16, 7 / 16], 2e-3);
});

it('fills the corners of a box with the last ring, and keeps the mixes that it divides anew', function () use ($shares): void {
    $box = ['vessel' => ['shape' => 'box', 'length_mm' => 90, 'width_mm' => 90, 'height_mm' => 60,
        'wall'                   => ['material' => 'silicone', 'thickness_mm' => 4]]] + Plans::coneWithPours();
    $rings = RegionShaping::divided($box, PlanFile::sound($box), 0, 'rings', 3);
    expect(array_sum($shares($rings)))->toEqualWithDelta(1.0, 1e-6);
    $blue = ['id' => 'blue', 'name' => 'Blue ink', 'kind' => 'ink', 'shade' => '#2458a8'];
    $coloured = RegionShaping::coloured($rings, new CoatPart(0, 1), $blue);
    $anew = RegionShaping::divided($coloured, PlanFile::sound($coloured), 0, 'bands', 2);
    expect($anew['pours'][0]['zones'][1])->toMatchArray(['shape' => 'band', 'mix' => [['colour' => 'blue', 'drops_per_10_ml' => 0.3]]])
        ->and($anew['pours'][0]['zones'][0])->not->toHaveKey('mix');
});

it('repeats a region round the middle', function (): void {
    $petal = ['shape' => 'ring', 'name' => 'petal', 'at_mm' => [20, 0], 'inner_mm' => 0, 'outer_mm' => 6];
    [$second, $third] = RegionShaping::around($petal, 3);
    // A third of a turn: (−½, ±√3/2).
    expect($second['at_mm'])->toEqualWithDelta([-10.0, 17.32], 0.01)
        ->and($third['at_mm'])->toEqualWithDelta([-10.0, -17.32], 0.01)
        ->and($second)->not->toHaveKey('name')
        ->and(RegionShaping::around(['shape' => 'half', 'from_mm' => 5], 4)[0]['angle_deg'])->toEqual(90)
        ->and(RegionShaping::around(['shape' => 'line', 'points_mm' => [[10, 0], [20, 0]], 'width_mm' => 3], 2)[0]['points_mm'])
        ->toEqualWithDelta([[-10.0, 0.0], [-20.0, 0.0]], 1e-9);
});

it('colours ground and regions at one press, and takes the colour back', function (): void {
    $blue = ['id' => 'blue', 'name' => 'Blue ink', 'kind' => 'ink', 'shade' => '#2458a8'];
    $document = RegionShaping::coloured(Plans::coneWithPours(), new CoatPart(1), $blue);
    expect($document['colours'])->toBe([$blue])
        ->and($document['pours'][1]['mix'])->toBe([['colour' => 'blue', 'drops_per_10_ml' => 0.3]]);
    // A dose that was typed stays where the same colour is given once more.
    $document['pours'][1]['mix'][0]['drops_per_10_ml'] = 0.5;
    expect(RegionShaping::coloured($document, new CoatPart(1), $blue))->toBe($document)
        ->and(RegionShaping::coloured($document, new CoatPart(1), null)['pours'][1])->not->toHaveKey('mix')
        ->and(RegionShaping::coloured($document, new CoatPart(7), $blue))->toBe($document);
});
