<?php

declare(strict_types=1);

use Pensilis\Layout\Draft;
use Pensilis\Layout\Layout;
use Pensilis\Numerics\Lehmer;
use Tests\Plans;

/**
 * Whatever is poured: resin, what it goes round and what stays free below the rim fill the vessel, no more and no less.
 * Two hundred plans by a seed, over all kinds of vessels and objects.
 */
it('conserves volume: layers, objects and freeboard make the vessel', function (int $seed): void {
    $numbers = Lehmer::from($seed);
    $draw = function (float $from, float $to) use ($numbers): float {
        $number = $numbers->current();
        $numbers->next();

        return round($from + ($to - $from) * $number, 2);
    };
    $wall = ['wall' => ['material' => 'silicone', 'thickness_mm' => 4]];
    $vessels = [
        ['shape' => 'box', 'length_mm' => $draw(80, 200), 'width_mm' => $draw(60, 120), 'height_mm' => 60],
        ['shape' => 'cylinder', 'diameter_mm' => $draw(80, 150), 'height_mm' => 60],
        ['shape' => 'cone-frustum', 'bottom_diameter_mm' => $draw(60, 90), 'top_diameter_mm' => $draw(90, 130), 'height_mm' => 60],
        ['shape' => 'hemisphere', 'diameter_mm' => 120],
        ['shape' => 'regular-prism', 'sides' => 6, 'side_mm' => $draw(40, 80), 'height_mm' => 60],
        ['shape' => 'outline', 'path' => 'M0 0H120V90A30 20 0 0 1 90 110H0Z', 'height_mm' => 60],
        ['shape' => 'revolved', 'profile' => [[0, 50], [20, 80], [60, 70]]],
        ['shape' => 'calibrated', 'marks' => [[20, 60], [40, 160], [60, 290]], 'height_mm' => 60],
        [
            'shape' => 'stepped',
            'steps' => [
                ['shape' => 'box', 'length_mm' => 60, 'width_mm' => 40, 'height_mm' => 15],
                ['shape' => 'box', 'length_mm' => 120, 'width_mm' => 80, 'height_mm' => 45],
            ],
        ],
    ];
    $inclusions = [];
    foreach (['ellipsoid', 'disc', 'box', 'cylinder', 'cone', 'rod', 'granular-bed'] as $n => $shape) {
        $inclusions[] = ['id'  => $shape, 'shape' => $shape, 'size_mm' => [$draw(3, 14), $draw(3, 14), $draw(2, 12)], 'at_mm' => [0, 0],
            'target_bottom_mm' => $draw(0, 45), 'tolerance_mm' => 60, 'material' => [
                'skeleton_g_cm3' => 2.5, 'open_porosity' => 0.3,
            ], 'sealed_coats' => $n % 2];
    }
    $document = Plans::changed(['/vessel' => $vessels[$seed % count($vessels)] + $wall, '/inclusions' => $inclusions], Plans::cone());
    $depths = [$draw(8, 20), $draw(8, 18), $draw(8, 20)];
    $plan = Plans::read(['/pours' => array_map(fn(float $depth): array => ['resin' => 'deep', 'depth_mm' => $depth], $depths)], $document);
    $layout = Layout::given($plan);
    [$resin, $taken] = [0.0, 0.0];
    foreach ($layout->pours as $pour) {
        $resin += $pour->volume;
    }
    foreach ($plan->inclusions as $inclusion) {
        $at = $layout->bottomOf($inclusion);
        $taken += $inclusion->displaced(0.0, $layout->level(), $at) - $inclusion->drunk(0.0, $layout->level(), $at);
    }
    $shape = $plan->vessel->shape;
    $free = $shape->volumeTo($shape->height()) - $shape->volumeTo($layout->level());
    expect($resin + $taken + $free)->toEqualWithDelta($shape->volumeTo($shape->height()), 1e-9 * $shape->volumeTo($shape->height()))
        ->and($layout->level())->toEqualWithDelta(array_sum($depths) / 1e3, 1e-12)
        // What was drafted from the same plan is the same layout.
        ->and(Draft::of($plan)->layout)->toEqual($layout);
})->with(range(1, 200));
