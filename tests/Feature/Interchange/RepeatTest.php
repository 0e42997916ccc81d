<?php

declare(strict_types=1);

use App\Interchange\PlanFile\PlanFile;
use App\Interchange\PlanFile\Repeat;
use Tests\Plans;

$at = fn(array $document): array => array_map(fn(array $one): array => array_map(floatval(...), $one['at_mm']), $document['inclusions']);

it('lays twelve in a ring, the sides of a regular polygon between them', function () use ($at): void {
    $document = Repeat::of(Plans::cone(), 'cone', 12, 'ring', 30.0);
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
    expect($at(Repeat::of($document, 'cone', 4, 'ring', null))[0])->toEqualWithDelta([0.0, -20.0], 20.0)
        ->and($at(Repeat::of($document, 'cone', 3, 'row', 12.0)))->toBe([[0.0, -20.0], [12.0, -20.0], [24.0, -20.0]])
        ->and(Repeat::of($document, 'stone', 3, 'row', null))->toBe($document);
});

it('leaves room for all of them where nobody says how far', function () use ($at): void {
    $size = Plans::cone()['inclusions'][0]['size_mm'][0];
    foreach (['ring', 'row'] as $way) {
        $places = $at(Repeat::of(Plans::cone(), 'cone', 6, $way, null));
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
]);
