<?php

declare(strict_types=1);

use Pensilis\Layout\Amount;
use Tests\Plans;

it('tells how full an amount makes a vessel, less what stands in it', function (): void {
    // By hand: a cylinder of 90 mm across takes 127.2 ml for each 20 mm; a brass block of 20 × 20 × 10 mm on the floor takes 4 ml of it.
    $bare = new Amount(Plans::read(['/inclusions' => []]));
    $held = new Amount(Plans::read(['/inclusions' => [[
        'id'           => 'block', 'shape' => 'box', 'size_mm' => [20, 20, 10], 'at_mm' => [0, 0], 'target_bottom_mm' => 0,
        'tolerance_mm' => 1, 'material' => ['skeleton_g_cm3' => 8.5],
    ]]]));
    expect(1e3 * $bare->level(M_PI * 0.045 ** 2 * 0.02))->toEqualWithDelta(20.0, 1e-4)
        ->and(1e3 * $held->level(M_PI * 0.045 ** 2 * 0.02 - 4e-6))->toEqualWithDelta(20.0, 1e-4)
        // Two cavities share it; more than they hold ends at the rim.
        ->and(1e3 * (new Amount(Plans::read(['/inclusions' => [], '/pieces' => 2])))->level(M_PI * 0.045 ** 2 * 0.02))
        ->toEqualWithDelta(10.0, 1e-4)
        ->and(1e3 * $bare->level(1.0))->toEqualWithDelta(60.0, 1e-9);
});

it('tells the area that an amount covers without a dam', function (): void {
    // About five US fluid ounces a coat on a square foot, 1.6 mm thick (common practice): 147.9 ml (NIST SP 811) on 929 cm².
    expect(1e4 * Amount::area(5 * 29.5735295625e-6, 0.0016))->toEqualWithDelta(929.0, 10.0);
});
