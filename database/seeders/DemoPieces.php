<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Interchange\Starters;

/** Three pieces as unlike as the first version can plan: a deep block, a thin tray, a plate with heavy things. */
final class DemoPieces
{
    private const MOLD = ['wall' => ['material' => 'silicone', 'thickness_mm' => 4], 'base' => ['material' => 'wood', 'thickness_mm' => 18]];

    /**
     * @param string $monday the day at which all of them start
     *
     * @return list<array<string, mixed>>
     */
    public static function all(string $monday): array
    {
        return [self::tray($monday), self::plate($monday), self::block($monday)];
    }

    /** @return array<string, mixed> */
    private static function block(string $monday): array
    {
        return [
            'format'     => 'pensilis-plan', 'version' => 1, 'title' => 'Larch cone block',
            'ambient'    => ['kind' => 'constant', 'celsius' => 21],
            'vessel'     => ['shape' => 'cylinder', 'diameter_mm' => 90, 'height_mm' => 60, ...self::MOLD, 'viewed' => 'top'],
            'resins'     => [Starters::RESINS['deep']],
            'inclusions' => [[
                'id'               => 'cone', 'shape' => 'ellipsoid', 'size_mm' => [28, 28, 34], 'at_mm' => [0, 0],
                'target_bottom_mm' => 14, 'tolerance_mm' => 2, 'cover_mm' => 3,
                'material'         => Starters::material('seed-head'), 'sealed_coats' => 2,
            ]],
            'studio' => ['start' => "{$monday}T08:00", 'scale_step_g' => 0.1, 'max_peak_celsius' => 60,
                'hours'          => [['days' => 'mon-fri', 'from' => '18:00', 'to' => '22:00'], ['days' => 'sat-sun', 'from' => '10:00', 'to' => '16:00']]],
        ];
    }

    /** @return array<string, mixed> */
    private static function tray(string $monday): array
    {
        $gentian = fn(string $id, int $x, int $y): array => [
            'id'               => $id, 'shape' => 'disc', 'size_mm' => [26, 26, 3], 'at_mm' => [$x, $y],
            'target_bottom_mm' => 4, 'tolerance_mm' => 1, 'material' => Starters::material('petals'), 'sealed_coats' => 2,
        ];

        return [
            'format'     => 'pensilis-plan', 'version' => 1, 'title' => 'Gentian tray',
            'ambient'    => ['kind' => 'daily', 'min_celsius' => 18, 'max_celsius' => 23, 'coldest_hour' => 6],
            'vessel'     => ['shape' => 'box', 'length_mm' => 180, 'width_mm' => 110, 'height_mm' => 14, ...self::MOLD, 'viewed' => 'top'],
            'resins'     => [Starters::RESINS['coat']],
            'inclusions' => [
                $gentian('gentian 1', -50, 20), $gentian('gentian 2', 5, -22), $gentian('gentian 3', 52, 14),
                ['id'          => 'feather', 'shape' => 'box', 'size_mm' => [70, 9, 3], 'at_mm' => [-10, 38], 'target_bottom_mm' => 8, 'tolerance_mm' => 1,
                    'material' => ['name' => 'magpie feather', 'skeleton_g_cm3' => 1.3, 'open_porosity' => 0.5, 'moisture_pct' => 5, 'max_celsius' => 80], 'sealed_coats' => 1],
            ],
            'studio' => ['start' => "{$monday}T08:00", 'scale_step_g' => 0.1,
                'hours'          => [['days' => 'mon-fri', 'from' => '17:00', 'to' => '22:00'], ['days' => 'sat-sun', 'from' => '10:00', 'to' => '18:00']]],
        ];
    }

    /** @return array<string, mixed> */
    private static function plate(string $monday): array
    {
        return [
            'format'     => 'pensilis-plan', 'version' => 1, 'title' => 'Brass key on slate',
            'ambient'    => ['kind' => 'constant', 'celsius' => 20],
            'vessel'     => ['shape' => 'box', 'length_mm' => 120, 'width_mm' => 70, 'height_mm' => 36, ...self::MOLD, 'viewed' => 'both'],
            'resins'     => [Starters::RESINS['deep']],
            'inclusions' => [
                ['id'          => 'slate', 'shape' => 'box', 'size_mm' => [60, 40, 6], 'at_mm' => [-20, 0], 'target_bottom_mm' => 6, 'tolerance_mm' => 1,
                    'material' => [...Starters::material('stone'), 'name' => 'slate', 'skeleton_g_cm3' => 2.75], 'sealed_coats' => 1],
                ['id'          => 'key', 'shape' => 'box', 'size_mm' => [58, 16, 4], 'at_mm' => [8, 6], 'target_bottom_mm' => 20, 'tolerance_mm' => 2,
                    'material' => Starters::material('brass')],
                ['id'          => 'garnet', 'shape' => 'ellipsoid', 'size_mm' => [9, 8, 8], 'at_mm' => [40, -20], 'target_bottom_mm' => 20, 'tolerance_mm' => 3,
                    'material' => ['name' => 'garnet', 'skeleton_g_cm3' => 3.9, 'moisture_pct' => 0]],
            ],
            'studio' => ['start' => "{$monday}T08:00", 'scale_step_g' => 0.1, 'max_peak_celsius' => 60,
                'hours'          => [['days' => 'mon-sun', 'from' => '09:00', 'to' => '12:00'], ['days' => 'mon-sun', 'from' => '17:00', 'to' => '21:00']]],
        ];
    }
}
