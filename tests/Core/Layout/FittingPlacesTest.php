<?php

declare(strict_types=1);

use Pensilis\Geometry\Outline;
use Pensilis\Geometry\Section;
use Pensilis\Layout\Finished;
use Pensilis\Layout\FittingPlaces;
use Pensilis\Layout\Layout;
use Tests\Plans;

/*
 * Statics: what hangs from one point comes to rest with its centre of mass below it; from two, their moments about it cancel
 * (any textbook, such as Meriam, Statics, on concurrent forces).
 */

$places = function (array $changes): array {
    $plan = Plans::read($changes + ['/pours' => [['resin' => 'deep', 'depth_mm' => 20], ['resin' => 'deep', 'depth_mm' => 40]]]);
    $layout = Layout::given($plan);
    $balance = Finished::of($plan, $layout)->balance;

    return [new FittingPlaces($plan->vessel->shape->sectionAt($layout->level()), $balance), $balance];
};
$brass = ['id' => 'bead', 'shape' => 'box', 'size_mm' => [20, 20, 10], 'target_bottom_mm' => 20, 'tolerance_mm' => 1,
    'at_mm'    => [25, -10], 'material' => ['skeleton_g_cm3' => 8.5]];

it('hangs a piece from above its balance, halfway to the edge', function () use ($places): void {
    [$on] = $places(['/inclusions' => []]);
    // A round block of 90 mm balances on its middle.
    expect($on->above())->toEqualWithDelta([0.0, 0.0225], 1e-9);
});

it('hangs level what a heavy object has put out of balance', function () use ($places, $brass): void {
    [$on, [$x, $y]] = $places(['/inclusions' => [$brass]]);
    expect($x)->toBeGreaterThan(0.0)->and($y)->toBeLessThan(0.0)
        ->and($on->above()[0])->toEqualWithDelta($x, 1e-12)
        ->and($on->above()[1])->toBeGreaterThan($y);
    foreach ([$on->pairAbove(), $on->pairLevel()] as [$left, $right]) {
        // Equal loads on equal arms about the balance, and both at one height.
        expect($x - $left[0])->toEqualWithDelta($right[0] - $x, 1e-12)->toBeGreaterThan(0.01)
            ->and($left[1])->toBe($right[1]);
    }
    expect($on->pairLevel()[0][1])->toEqualWithDelta($y, 1e-12);
});

it('keeps a pair inside where the vessel is narrow', function () use ($places): void {
    // A right triangle of 60 × 90 balances at a third of its legs: there it reaches 20 mm to the left and 20 mm to the right.
    [$on, [$x, $y]] = $places(['/inclusions' => [], '/vessel' => [
        'shape' => 'outline', 'path' => 'M0 0H60L0 90Z', 'height_mm' => 60, 'wall' => ['material' => 'silicone', 'thickness_mm' => 4],
    ]]);
    expect($on->pairLevel())->toEqualWithDelta([[$x - 0.01, $y], [$x + 0.01, $y]], 1e-9)
        // Straight up from there the hypotenuse is 30 mm away.
        ->and($on->above())->toEqualWithDelta([$x, $y + 0.015], 1e-9);
});

it('hangs a level pair by a chain', function (): void {
    // Half of it, half the distance and the height are as 5, 4 and 3 (Pythagoras): 80 mm apart, 100 mm of chain, 30 mm high.
    expect(FittingPlaces::chain(0.08))->toEqualWithDelta([0.1, 0.03], 1e-12);
});

it('reaches the edge over a hole that the balance lies in', function (): void {
    // A square of 60 mm with a round hole of 20 about its middle: a stand carries it at the edge, a hook hangs halfway to it.
    $holed = Section::within(Outline::fromPath('M-30 -30H30V30H-30Z M-10 0A10 10 0 1 1 10 0A10 10 0 1 1 -10 0Z'));
    $places = new FittingPlaces($holed, [0.0, 0.0]);
    expect($places->below())->toEqualWithDelta([0.0, -0.03], 1e-9)
        ->and($places->above())->toEqualWithDelta([0.0, 0.015], 1e-9);
});

it('puts two holes for each handle at the ends, where nothing lies under them', function (): void {
    // A tray of 300 × 200 mm: handles of 96 mm between their holes, 12 mm from the edge (memory).
    $rim = Section::rectangle(0.15, 0.1);
    expect((new FittingPlaces($rim, [0.0, 0.0]))->handles())->toEqualWithDelta([
        [-0.138, -0.048], [-0.138, 0.048], [0.138, -0.048], [0.138, 0.048],
    ], 1e-9);
    // A slice of 70 mm across in the right end keeps its handle farther in.
    $isFree = fn(float $x, float $y): bool => hypot($x - 0.11, $y - 0.04) > 0.035 + 0.006;
    [, , $low, $high] = (new FittingPlaces($rim, [0.0, 0.0], $isFree))->handles();
    expect($isFree(...$low) && $isFree(...$high))->toBeTrue()->and($high[0])->toBeLessThan(0.07)->and($low[0])->toBe($high[0]);
    // On a coaster of 100 mm a handle of 64 finds no room so near the edge; farther in it does.
    [[$x, $y]] = (new FittingPlaces(Section::ellipse(0.05, 0.05), [0.0, 0.0]))->handles();
    expect($y)->toEqualWithDelta(-0.032, 1e-9)->and(hypot($x, $y))->toBeLessThan(0.05 - 0.005);
});
