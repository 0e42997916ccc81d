<?php

declare(strict_types=1);

namespace Pensilis\PlanFile;

/** Resins of plain kinds, not products, as a plan file has them: what a new piece begins with (memory). */
final class PlainResins
{
    public const ALL = [
        'deep' => [
            'id'              => 'deep', 'name' => 'Slow deep-cast 100:45',
            'ratio'           => ['by' => 'weight', 'a' => 100, 'b' => 45],
            'density_g_ml'    => ['a' => 1.13, 'b' => 0.98, 'mixed' => 1.08, 'cured' => 1.12],
            'viscosity_mpa_s' => ['value' => 300, 'celsius' => 25],
            'sheet'           => ['celsius' => 25, 'pot_life_min' => 180, 'working_min' => 240, 'gel_h' => 20, 'gel_mm' => 50,
                'recoat_open_h'             => 22, 'recoat_close_h' => 40, 'demold_h' => 48, 'full_cure_h' => 168,
                'min_pour_mm'               => 5, 'max_pour_mm' => 50],
        ],
        'coat' => [
            'id'              => 'coat', 'name' => 'Bench coat 1:1',
            'ratio'           => ['by' => 'volume', 'a' => 1, 'b' => 1],
            'density_g_ml'    => ['a' => 1.15, 'b' => 1.0, 'mixed' => 1.1, 'cured' => 1.13],
            'viscosity_mpa_s' => ['value' => 900, 'celsius' => 25],
            'sheet'           => ['celsius' => 25, 'pot_life_min' => 25, 'working_min' => 35, 'gel_h' => 3.5, 'gel_mm' => 3,
                'recoat_open_h'             => 4, 'recoat_close_h' => 12, 'demold_h' => 24, 'full_cure_h' => 72,
                'min_pour_mm'               => 1.5, 'max_pour_mm' => 8],
        ],
    ];
}
