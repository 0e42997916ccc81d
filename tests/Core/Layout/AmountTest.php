<?php

declare(strict_types=1);

use Pensilis\Layout\Amount;
use Pensilis\Layout\Layout;
use Tests\Plans;

it('tells how full an amount makes a vessel, less what stands in it', function (): void {
    // By hand: a cylinder of 90 mm across takes 127.2 ml for each 20 mm; a brass block of 20 × 20 × 10 mm on the floor takes 4 ml of it.
    // Cured 1.12 and mixed 1.08 g/ml: it shrinks by 1/27, which is mixed too, and 4 g stay in the cup.
    $mixed = fn(float $net): float => $net * 28.0 / 27.0 + 4e-6 / 1.08;
    $bare = new Amount(Plans::read(['/inclusions' => []]));
    $held = new Amount(Plans::read(['/inclusions' => [[
        'id'           => 'block', 'shape' => 'box', 'size_mm' => [20, 20, 10], 'at_mm' => [0, 0], 'target_bottom_mm' => 0,
        'tolerance_mm' => 1, 'material' => ['skeleton_g_cm3' => 8.5],
    ]]]));
    expect(1e3 * $bare->level($mixed(M_PI * 0.045 ** 2 * 0.02)))->toEqualWithDelta(20.0, 1e-4)
        ->and(1e3 * $held->level($mixed(M_PI * 0.045 ** 2 * 0.02 - 4e-6)))->toEqualWithDelta(20.0, 1e-4)
        // Two cavities share it; more than they hold ends at the rim.
        ->and(1e3 * (new Amount(Plans::read(['/inclusions' => [], '/pieces' => 2])))->level($mixed(M_PI * 0.045 ** 2 * 0.02)))
        ->toEqualWithDelta(10.0, 1e-4)
        ->and(1e3 * $bare->level(1.0))->toEqualWithDelta(60.0, 1e-9);
});

it('fills to where the mix that is asked for is what there is', function (): void {
    foreach ([200.0, 320.0, 395.0] as $millilitres) {
        $changes = ['/inclusions' => [], '/studio/held_back_pct' => 5];
        $level = (new Amount(Plans::read($changes)))->level(1e-6 * $millilitres);
        $pour = Layout::given(Plans::read($changes + [
            '/vessel/fill_mm' => 1e3 * $level, '/pours' => [['resin' => 'deep', 'depth_mm' => 1e3 * $level, 'start_h' => 0]],
        ]))->pours[0];
        expect($pour->batch->needed() / 1.08)->toEqualWithDelta($millilitres, 0.01);
    }
});

it('tells the area that an amount covers without a dam', function (): void {
    // About five US fluid ounces a coat on a square foot, 1.6 mm thick (common practice): 147.9 ml (NIST SP 811) on 929 cm².
    expect(1e4 * Amount::area(5 * 29.5735295625e-6, 0.0016))->toEqualWithDelta(929.0, 10.0);
});
