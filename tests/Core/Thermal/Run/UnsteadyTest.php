<?php

declare(strict_types=1);

use Pensilis\Answer\Planner;
use Pensilis\Exception\UnsteadyHeat;
use Tests\Plans;
use Tests\SharedCalibrations;

it('answers nothing where steps cannot follow the heat', function (): void {
    // A brass plate as wide as a narrow box: no step keeps cells from swinging against each other, and what they come to is no temperature.
    $judged = fn(int $width) => (new Planner(new SharedCalibrations()))->judge(Plans::read([
        '/vessel' => [
            'shape' => 'box', 'length_mm' => 120, 'width_mm' => $width, 'height_mm' => 36,
            'wall'  => ['material' => 'silicone', 'thickness_mm' => 4], 'base' => ['material' => 'wood', 'thickness_mm' => 18],
        ],
        '/inclusions' => [[
            'id'               => 'key', 'shape' => 'box', 'size_mm' => [58, 16, 4], 'at_mm' => [8, 6],
            'target_bottom_mm' => 20, 'tolerance_mm' => 2,
            'material'         => ['name' => 'brass', 'skeleton_g_cm3' => 8.5, 'moisture_pct' => 0],
        ]],
    ], Plans::changed(['/pours' => [['resin' => 'deep', 'depth_mm' => 36, 'start_h' => 0]]], Plans::coneWithPours())));
    expect(fn() => $judged(7))->toThrow(UnsteadyHeat::class)
        ->and($judged(12)->simulation->pours[0]->gelLast)->toBeGreaterThan(10.0);
});
