<?php

declare(strict_types=1);

use App\Interchange\PlanFile\Arrangement;
use App\Interchange\PlanFile\PlanFile;
use Tests\Plans;

/** Beads at places and heights, right, behind and up, mm. */
$beads = function (array $places): array {
    $bead = ['shape' => 'ellipsoid', 'size_mm' => [6, 6, 6], 'tolerance_mm' => 1] + Plans::cone()['inclusions'][0];
    $inclusions = array_map(
        fn(array $at, int $n): array => ['id' => "bead {$n}", 'at_mm' => [$at[0], $at[1]], 'target_bottom_mm' => $at[2]] + $bead,
        $places,
        array_keys($places),
    );

    return ['inclusions' => $inclusions] + Plans::cone();
};
$all = ['bead 0', 'bead 1', 'bead 2', 'bead 3'];
$at = fn(array $document): array => array_map(
    fn(array $one): array => array_map(floatval(...), [...$one['at_mm'], $one['target_bottom_mm']]),
    $document['inclusions'],
);

it('brings objects into line, and leaves the others alone', function (string $way, array $expected) use ($beads, $all, $at): void {
    $document = $beads([[-20, 4, 5], [0, 10, 8], [5, -2, 20], [30, 0, 6]]);
    expect($at(Arrangement::of($document, array_slice($all, 0, 3), $way)))->toEqual([...$expected, [30, 0, 6]]);
})->with([
    'left to right'        => ['across', [[-20, 4, 5], [0, 4, 8], [5, 4, 20]]],
    'front to back'        => ['behind', [[-7.5, 4, 5], [-7.5, 10, 8], [-7.5, -2, 20]]],
    'at one height'        => ['level', [[-20, 4, 5], [0, 10, 5], [5, -2, 5]]],
    'evenly left to right' => ['even-across', [[-20, 4, 5], [-7.5, 10, 8], [5, -2, 20]]],
    'evenly front to back' => ['even-behind', [[-20, 4, 5], [0, 10, 8], [5, -2, 20]]],
    'evenly in height'     => ['even-level', [[-20, 4, 5], [0, 10, 12.5], [5, -2, 20]]],
]);

it('lays them round the middle, as a regular polygon, in the order in which they lie', function () use ($beads, $all, $at): void {
    $places = $at(Arrangement::of($beads([[-20, 0, 5], [0, 10, 5], [18, 2, 5], [1, -22, 5]]), $all, 'round'));
    foreach ($places as $n => [$x, $y]) {
        [$nextX, $nextY] = $places[($n + 1) % 4];
        // The side of a square is √2 of the radius of the circle about it.
        expect(hypot($x, $y))->toEqualWithDelta((20.0 + 10.0 + hypot(18.0, 2.0) + hypot(1.0, 22.0)) / 4.0, 0.02)
            ->and(hypot($x - $nextX, $y - $nextY))->toEqualWithDelta(M_SQRT2 * hypot($x, $y), 0.02);
    }
    // As far round as before, to within a half of the corner.
    expect($places[0][0])->toBeLessThan(0.0)->and($places[2][0])->toBeGreaterThan(0.0);
});

it('leaves equal gaps between things of different size', function () use ($beads, $at): void {
    $document = $beads([[0, 0, 5], [5, 0, 5], [30, 0, 5]]);
    foreach ([4, 10, 20] as $i => $wide) {
        $document['inclusions'][$i]['size_mm'] = [$wide, $wide, $wide];
    }
    // From −2 to 40 are 42 mm; less 4 + 10 + 20 of things that leaves 8, two gaps of 4: the middle one from 6 to 16.
    expect(array_column($at(Arrangement::of($document, ['bead 0', 'bead 1', 'bead 2'], 'even-across')), 0))->toEqual([0, 11, 30]);
});

it('spreads them where there is room', function () use ($beads, $all, $at): void {
    $document = Arrangement::of($beads([[0, 0, 5], [1, 0, 5], [0, 1, 5], [1, 1, 5]]), $all, 'spread');
    $places = $at($document);
    foreach ($places as $n => [$x, $y]) {
        expect(hypot($x, $y))->toBeLessThan(42.0);
        foreach (array_slice($places, $n + 1) as [$otherX, $otherY]) {
            expect(hypot($x - $otherX, $y - $otherY))->toBeGreaterThanOrEqual(6.0);
        }
    }
    expect(PlanFile::sound($document)->inclusions)->toHaveCount(4);
});

it('changes nothing where none of them is there, and one alone stays', function () use ($beads, $at): void {
    $document = $beads([[3, 4, 5]]);
    foreach (Arrangement::WAYS as $way) {
        expect(Arrangement::of($document, ['nobody'], $way))->toBe($document);
        expect($at(Arrangement::of($document, ['bead 0'], $way)))->toEqual([$way === 'spread' ? [0, 0, 5] : [3, 4, 5]]);
    }
});
