<?php

declare(strict_types=1);

use Pensilis\Geometry\Scatter;
use Pensilis\PlanFile\CopySpreader;
use Pensilis\PlanFile\Problems;
use Tests\Plans;

/** The cone block with stones of 20 mm at one height, where they are placed one after the other. */
function placedStones(int $count): array
{
    $stone = fn(int $n, float $x, float $y): array => [
        'id'               => "stone {$n}", 'shape' => 'ellipsoid', 'size_mm' => [20, 20, 10], 'at_mm' => [1e3 * $x, 1e3 * $y],
        'target_bottom_mm' => 14,
        'tolerance_mm'     => 2, 'material' => ['skeleton_g_cm3' => 2.65, 'moisture_pct' => 0],
    ];
    $stones = [];
    for ($n = 0; $n < $count; $n++) {
        $plan = Plans::read(['/inclusions' => [...$stones, $stone($n, 0.0, 0.0)]]);
        $inclusions = $plan->inclusions;
        $new = array_pop($inclusions);
        [$x, $y] = (new CopySpreader(new Problems(), $plan->vessel))->placeOf($new, $inclusions);
        $stones[] = $stone($n, $x, $y);
    }

    return [Plans::read(['/inclusions' => $stones]), $stones];
}

it('puts the first object in the middle and others clear of it, inside the vessel', function (): void {
    [$plan, $stones] = placedStones(6);
    expect($stones[0]['at_mm'])->toEqual([0, 0]);
    foreach ($plan->inclusions as $i => $one) {
        $foot = $one->solid->footprint();
        expect($plan->vessel->shape->sectionAt($one->targetBottom)->holds($foot, $one->x, $one->y))->toBeTrue();
        foreach (array_slice($plan->inclusions, $i + 1) as $other) {
            expect(hypot($one->x - $other->x, $one->y - $other->y))->toBeGreaterThan(Scatter::reach($foot) + Scatter::reach($foot));
        }
    }
});

it('puts what finds no room in the middle, where it is seen to be at odds', function (): void {
    // A circle of 90 mm holds no more than 14 circles of 20 mm (known packings), even without room between them.
    [, $stones] = placedStones(15);
    expect(array_filter($stones, fn(array $one): bool => $one['at_mm'] === [0, 0]))->not->toHaveCount(1);
});
