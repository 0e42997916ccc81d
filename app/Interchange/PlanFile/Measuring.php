<?php

declare(strict_types=1);

namespace App\Interchange\PlanFile;

/** The keys of a plan file that say what A and B are measured with. */
final class Measuring
{
    /** By way of measuring. */
    public const OWN = [
        'scale' => ['scale_step_g', 'scale_limit_g', 'cup_weight_g'],
        'cup'   => ['cup_step_ml', 'cup_limit_ml'],
        'spoon' => ['spoon_ml'],
        'drops' => ['drop_ml'],
    ];

    public const KEYS = [
        'measure_by', 'scale_step_g', 'scale_limit_g', 'cup_weight_g', 'cup_step_ml', 'cup_limit_ml', 'spoon_ml', 'drop_ml',
    ];
}
