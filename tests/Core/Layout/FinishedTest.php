<?php

declare(strict_types=1);

use Pensilis\Layout\Finished;
use Pensilis\Layout\Layout;
use Tests\Plans;

$given = ['/pours' => [['resin' => 'deep', 'depth_mm' => 20], ['resin' => 'deep', 'depth_mm' => 40]]];
$bead = [
    'id'       => 'bead', 'shape' => 'box', 'size_mm' => [20, 20, 10], 'target_bottom_mm' => 20, 'tolerance_mm' => 1,
    'material' => ['skeleton_g_cm3' => 8.5],
];

it('weighs resin and objects', function () use ($given, $bead): void {
    $plan = Plans::read($given + ['/inclusions' => [['at_mm' => [0, 0]] + $bead]]);
    // π 45² · 60 mm³ less 4 ml at 1.08, and 4 ml of brass at 8.5 g/ml: by hand.
    expect(
        1e3 * Finished::of($plan, Layout::given($plan))->kilograms,
    )->toEqualWithDelta((M_PI * 4.5 ** 2 * 6.0 - 4.0) * 1.08 + 4.0 * 8.5, 1e-6);
});

it('balances where the lever says', function () use ($given, $bead): void {
    $plan = Plans::read($given + ['/inclusions' => [['at_mm' => [25, -10]] + $bead]]);
    $finished = Finished::of($plan, Layout::given($plan));
    // What the brass has more than resin of its place: 4 ml · 7.42 g/ml, on its arm.
    $surplus = 4.0 * (8.5 - 1.08) / (1e3 * $finished->kilograms);
    expect($finished->balance[0])->toEqualWithDelta(0.025 * $surplus, 1e-9)
        ->and($finished->balance[1])->toEqualWithDelta(-0.010 * $surplus, 1e-9);
});

it('balances an outline on its centre of area', function () use ($given): void {
    // A right triangle has it at a third of its legs (CRC Standard Mathematical Tables); its bounding box is 60 × 90.
    $plan = Plans::read(
        $given + [
            '/inclusions' => [],
            '/vessel'     => [
                'shape' => 'outline', 'path' => 'M0 0H60L0 90Z', 'height_mm' => 60,
                'wall'  => ['material' => 'silicone', 'thickness_mm' => 4],
            ],
        ],
    );
    $balance = Finished::of($plan, Layout::given($plan))->balance;
    expect($balance)->toEqualWithDelta([0.02 - 0.03, 0.03 - 0.045], 1e-9);
});

it('costs resin that is mixed, consumables and hours', function () use ($given): void {
    $plan = Plans::read($given + ['/resins/0/price_per_kg' => 30, '/studio/consumables_price' => 2.5, '/studio/hour_price' => 24]);
    $pour = Layout::given($plan)->pours[0];
    expect($plan->costs->areKnown())->toBeTrue()
        ->and($pour->costs($plan->costs, 1))->toEqualWithDelta($pour->batch->mixed() * 0.03 + 2.5, 1e-9)
        ->and($plan->costs->ofHours(1.5))->toBe(36.0)
        ->and(Plans::read($given)->costs->areKnown())->toBeFalse();
});
