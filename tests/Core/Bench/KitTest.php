<?php

declare(strict_types=1);

use Pensilis\Bench\Kit;
use Pensilis\Fact\Fact;
use Pensilis\Layout\Draft;
use Tests\Plans;

/**
 * @param array<string, mixed>      $changes
 * @param array<string, mixed>|null $document
 *
 * @return array<string, Fact>
 */
function kitOf(array $changes, ?array $document = null): array
{
    $plan = Plans::read($changes, $document);
    $layout = Draft::of($plan)->layout;
    assert($layout !== null);
    $kit = Kit::of($plan, $layout);

    return array_combine(array_map(fn(Fact $one): string => $one->name, $kit), $kit);
}

// What is laid out is common practice; nothing is on the list that the piece does not ask for.
it('lays out what the piece asks for and nothing else', function (array $changes, array $has, array $hasNot): void {
    $kit = array_keys(kitOf($changes, Plans::coneWithPours()));
    expect(array_diff($has, $kit))->toBe([])->and(array_intersect($hasNot, $kit))->toBe([]);
})->with([
    'the cone' => [
        [], ['kit.guard', 'kit.scale', 'kit.sealer', 'kit.warm-air', 'kit.box'], ['kit.thread', 'kit.flame', 'kit.colours'],
    ],
    'nothing in it'     => [['/inclusions' => []], ['kit.level'], ['kit.tweezers', 'kit.sealer', 'kit.brush']],
    'hung'              => [['/inclusions/0/hold' => 'hang'], ['kit.thread'], []],
    'marked cups'       => [['/studio/measure_by' => 'cup'], ['kit.measure'], ['kit.scale']],
    'lettered'          => [['/pours/0/applied' => [['kind' => 'lettering']]], ['kit.apply.lettering'], ['kit.apply.stencil']],
    'draped and bolted' => [[
        '/vessel/made' => 'sheet', '/purpose/fittings' => [['at_mm' => [0, 30], 'radius_mm' => 4, 'fix' => 'through']],
    ], ['kit.form', 'kit.fit.through'], ['kit.fit.screw']],
    'a board' => [['/vessel/made' => 'panel'], ['kit.flame', 'kit.tape', 'kit.props'], ['kit.warm-air']],
]);

it('counts gloves and cups, and measures board and box by the vessel', function (): void {
    // Three pours: two pairs each, one cup each on a scale, and one for blue on both sides and one for green; 90 mm across and a hand's
    // breadth. In marked cups A and B take one more each.
    expect(kitOf(['/studio/measure_by' => 'cup'], Plans::coloured())['kit.cups']->values['cups'])->toBe(3 * 3 + 2);
    $kit = kitOf([], Plans::coloured());
    expect($kit['kit.guard']->values['pairs'])->toBe(6)->and($kit['kit.cups']->values['cups'])->toBe(3 + 2)
        ->and($kit['kit.board']->values['length_mm'])->toEqualWithDelta(170.0, 1e-9)
        ->and($kit)->toHaveKey('kit.colours');
    // For six of them, poured by two.
    $six = kitOf(['/pieces' => 6, '/studio/hands' => 2], Plans::coloured());
    expect($six['kit.guard']->values['pairs'])->toBe(12)->and($six['kit.board.each']->values['pieces'])->toBe(6)
        ->and($six['kit.box.each']->values['length_mm'])->toEqualWithDelta(170.0, 1e-9)->and($six)->not->toHaveKey('kit.board');
});
