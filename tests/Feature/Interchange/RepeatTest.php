<?php

declare(strict_types=1);

use App\Interchange\PlanFile\PlanFile;
use App\Interchange\PlanFile\Repeat;
use App\Interchange\PlanFile\Repetition;
use Tests\Plans;

$at = fn(array $document): array => array_map(fn(array $one): array => array_map(floatval(...), $one['at_mm']), $document['inclusions']);

it('lays twelve in a ring, the sides of a regular polygon between them', function () use ($at): void {
    $document = Repeat::of(Plans::cone(), 'cone', new Repetition('ring', 12, 30.0));
    $places = $at($document);
    expect($places)->toHaveCount(12);
    foreach ($places as $n => [$x, $y]) {
        expect(hypot($x, $y))->toEqualWithDelta(30.0, 0.01);
        [$nextX, $nextY] = $places[($n + 1) % 12];
        // The side of a regular polygon of n corners on a circle: 2 r sin(π/n) (Euclid IV; any table of polygons).
        expect(hypot($nextX - $x, $nextY - $y))->toEqualWithDelta(2.0 * 30.0 * sin(M_PI / 12.0), 0.02);
    }
    expect(array_unique(array_column($document['inclusions'], 'id')))->toHaveCount(12)
        ->and(array_unique(array_column($document['inclusions'], 'group')))->toHaveCount(1)
        ->and(PlanFile::sound($document)->inclusions)->toHaveCount(12);
});

it('begins a ring where the object lies, and a row to its right', function () use ($at): void {
    $document = Plans::cone();
    $document['inclusions'][0]['at_mm'] = [0, -20];
    expect($at(Repeat::of($document, 'cone', new Repetition('ring', 4)))[0])->toEqualWithDelta([0.0, -20.0], 20.0)
        ->and($at(Repeat::of($document, 'cone', new Repetition('row', 3, 12.0))))->toBe([[0.0, -20.0], [12.0, -20.0], [24.0, -20.0]])
        ->and(Repeat::of($document, 'stone', new Repetition('row', 3)))->toBe($document);
});

it('lays a ring from a stated start, and as many with equal gaps as there is room for', function () use ($at): void {
    $document = Plans::cone();
    $document['inclusions'][0]['size_mm'] = [6, 6, 6];
    $document['vessel'] = ['diameter_mm' => 100] + $document['vessel'];
    // Six of 6 mm with gaps of 24 mm: the side of a regular hexagon is its radius (Euclid IV.15), so 30 mm.
    $six = $at(Repeat::of($document, 'cone', new Repetition('ring', 6, gap: 24.0, start: 90.0)));
    expect($six)->toHaveCount(6)->and($six[0])->toEqualWithDelta([30.0, 0.0], 0.01)->and($six[1])->toEqualWithDelta([15.0, 25.98], 0.01);
    $fit = Repeat::of($document, 'cone', new Repetition('ring', null, 30.0, 24.0, 0.0));
    expect($at($fit))->toHaveCount(6)->and($at($fit)[0])->toEqualWithDelta([0.0, 30.0], 0.01);
});

it('counts small ones into what large ones leave of a ring, and of a row up to the wall', function () use ($at): void {
    $document = Plans::cone();
    $small = ['size_mm' => [4, 4, 4], 'at_mm' => [0, 30], 'id' => 'bead'] + $document['inclusions'][0];
    $large = ['size_mm' => [20, 20, 20]] + $document['inclusions'][0];
    $document['inclusions'] = [$small, ['id' => 'east', 'at_mm' => [30, 0]] + $large, ['id' => 'west', 'at_mm' => [-30, 0]] + $large];
    $gap = 2.0;
    $places = $at(Repeat::of($document, 'bead', new Repetition('ring', null, 30.0, $gap)));
    $places = array_filter($places, fn(array $one): bool => abs($one[0]) < 29.9);
    // By hand: a bead's middle stays 10 + 2 + 2 = 14 mm from a stone's, 2 asin(7 / 30) = 26.99° along the ring; that leaves 126.02° on
    // either side, with a bead for each 2 asin(3 / 30) = 11.48°: ten steps, eleven beads.
    expect($places)->toHaveCount(22);
    foreach ($places as [$x, $y]) {
        expect(hypot(abs($x) - 30.0, $y))->toBeGreaterThanOrEqual(14.0 - 0.01);
    }
    // To the right of (−20, 30) the round wall of 50 mm lies at x = 40: middles up to 38 mm, a bead for each 6 mm: 58 / 6, so 10.
    $document['inclusions'] = [['at_mm' => [-20, 30]] + $small];
    $document['vessel'] = ['diameter_mm' => 100] + $document['vessel'];
    expect($at(Repeat::of($document, 'bead', new Repetition('row', null, gap: $gap))))->toHaveCount(10);
});

it('leaves room for all of them where nobody says how far', function () use ($at): void {
    $size = Plans::cone()['inclusions'][0]['size_mm'][0];
    foreach (['ring', 'row'] as $way) {
        $places = $at(Repeat::of(Plans::cone(), 'cone', new Repetition($way, 6)));
        foreach ($places as $i => [$x, $y]) {
            foreach (array_slice($places, $i + 1) as [$otherX, $otherY]) {
                expect(hypot($x - $otherX, $y - $otherY))->toBeGreaterThan((float) $size);
            }
        }
    }
});

it('refuses what is no number and no length, and changes nothing', function (array $asked, string $field): void {
    $user = $this->member();
    $piece = $this->pieceOf($user);
    $before = $piece->document;
    $this->actingAs($user)->post("/pieces/{$piece->id}/objects/repeat", $asked + ['object' => 'cone', 'times' => '3', 'way' => 'ring'])
        ->assertSessionHasErrors($field);
    expect($piece->refresh()->document)->toEqual($before);
})->with([
    [['times' => '1'], 'times'], [['times' => 'many'], 'times'], [['times' => '1e9'], 'times'], [['way' => 'heap'], 'way'],
    [['far' => 'far'], 'far'], [['far' => '0'], 'far'], [['far' => '-3 mm'], 'far'], [['object' => ''], 'object'],
    [['gap' => 'wide'], 'gap'], [['gap' => '-1 mm'], 'gap'], [['start' => 'noon'], 'start'], [['start' => '400'], 'start'],
    [['times' => '', 'way' => 'row', 'gap' => '300 mm'], 'times'],
]);
