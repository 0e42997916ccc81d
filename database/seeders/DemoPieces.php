<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Interchange\PlanFile\Palette;
use App\Interchange\PlanFile\Starters;
use Pensilis\PlanFile\PlainResins;

/** Pieces as unlike as can be: a deep block, a thin tray, a plate with heavy things, a coloured and lettered one. */
final class DemoPieces
{
    private const MOLD = [
        'wall' => ['material' => 'silicone', 'thickness_mm' => 4], 'base' => ['material' => 'wood', 'thickness_mm' => 18],
    ];

    /**
     * @param string      $monday the day at which most of them start
     * @param string|null $now    when what is being poured was begun
     * @param string|null $before when what is done was begun
     *
     * @return list<array<string, mixed>>
     */
    public static function all(string $monday, ?string $now = null, ?string $before = null): array
    {
        return [
            self::letter($monday), self::watch($monday), self::drops($before ?? $monday), self::coaster($now ?? $monday),
            self::dusk($monday), self::tray($monday), self::plate($monday), self::block($monday),
        ];
    }

    /** @return array<string, mixed> */
    private static function block(string $monday): array
    {
        return [
            'format'     => 'pensilis-plan', 'version' => 1, 'title' => 'Larch cone block',
            'ambient'    => ['kind' => 'constant', 'celsius' => 21],
            'vessel'     => ['shape' => 'cylinder', 'diameter_mm' => 90, 'height_mm' => 60, ...self::MOLD, 'viewed' => 'top'],
            'resins'     => [PlainResins::ALL['deep']],
            'inclusions' => [[
                'id'               => 'cone', 'shape' => 'ellipsoid', 'size_mm' => [28, 28, 34], 'at_mm' => [0, 0],
                'target_bottom_mm' => 14, 'tolerance_mm' => 2, 'cover_mm' => 3,
                'material'         => Starters::material('seed-head'), 'sealed_coats' => 2,
            ]],
            'studio' => ['start' => "{$monday}T08:00", 'scale_step_g' => 0.1, 'max_peak_celsius' => 60,
                'hours'          => [
                    ['days' => 'mon-fri', 'from' => '18:00', 'to' => '22:00'],
                    ['days' => 'sat-sun', 'from' => '10:00', 'to' => '16:00'],
                ]],
        ];
    }

    /**
     * Seen from the floor of its mold: lettering first, mirrored; then the evening in bands; white behind.
     *
     * @return array<string, mixed>
     */
    private static function dusk(string $monday): array
    {
        $ink = fn(string $colour, float $drops): array => [['colour' => $colour, 'drops_per_10_ml' => $drops]];
        $band = fn(string $name, int $from, int $to, array $mix): array => [
            'name' => $name, 'shape' => 'band', 'angle_deg' => 90, 'from_mm' => $from, 'to_mm' => $to, 'mix' => $mix,
        ];

        return [
            'format'  => 'pensilis-plan', 'version' => 1, 'title' => 'Dusk over the moor',
            'ambient' => ['kind' => 'constant', 'celsius' => 21],
            'vessel'  => ['shape' => 'box', 'length_mm' => 160, 'width_mm' => 100, 'height_mm' => 11, ...self::MOLD, 'viewed' => 'bottom'],
            'resins'  => [PlainResins::ALL['coat'] + ['price_per_kg' => 24]],
            'colours' => array_map(fn(array $colour): array => $colour + ['price_per_g' => 0.4], array_values(array_filter(
                Palette::COLOURS,
                fn(array $colour): bool => in_array($colour['id'], ['gentian', 'moor blue', 'bracken', 'peat', 'white'], true),
            ))),
            'inclusions' => [],
            'pours'      => [
                [
                    'resin'   => 'coat', 'depth_mm' => 3, 'start_h' => 0.25,
                    'applied' => [['kind' => 'lettering', 'says' => 'the hill house', 'at_mm' => [0, 26], 'size_mm' => [90, 11]]],
                ],
                ['resin' => 'coat', 'depth_mm' => 5, 'start_h' => 11.5, 'mix' => $ink('gentian', 0.6), 'zones' => [
                    $band('night', 12, 60, $ink('moor blue', 0.6)),
                    $band('last light', -14, 4, $ink('bracken', 0.6)),
                    $band('moor', -60, -14, $ink('peat', 1.2)),
                    [
                        'name' => 'moon', 'shape' => 'ring', 'at_mm' => [48, 20], 'inner_mm' => 0, 'outer_mm' => 9,
                        'mix'  => [['colour' => 'white', 'pct' => 1]],
                    ],
                    [
                        'name'     => 'mist', 'shape' => 'line', 'points_mm' => [[-80, -14], [-30, -11], [20, -15], [80, -12]],
                        'width_mm' => 4, 'mix' => [['colour' => 'white', 'pct' => 0.3]],
                    ],
                ]],
                ['resin' => 'coat', 'depth_mm' => 3, 'start_h' => 24.25, 'mix' => [['colour' => 'white', 'pct' => 3]]],
            ],
            'studio' => ['start' => "{$monday}T08:00", 'scale_step_g' => 0.1, 'consumables_price' => 1.5,
                'hours'          => [['days' => 'mon-sun', 'from' => '08:00', 'to' => '22:00']]],
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
            'resins'     => [PlainResins::ALL['coat']],
            'inclusions' => [
                $gentian('gentian 1', -50, 20), $gentian('gentian 2', 5, -22), $gentian('gentian 3', 52, 14),
                ['id'          => 'feather', 'shape' => 'box', 'size_mm' => [70, 9, 3],
                    'at_mm'    => [-10, 38], 'target_bottom_mm' => 8, 'tolerance_mm' => 1,
                    'material' => [
                        'name'        => 'magpie feather', 'skeleton_g_cm3' => 1.3, 'open_porosity' => 0.5, 'moisture_pct' => 5,
                        'max_celsius' => 80,
                    ], 'sealed_coats' => 1],
            ],
            'studio' => ['start' => "{$monday}T08:00", 'scale_step_g' => 0.1,
                'hours'          => [
                    ['days' => 'mon-fri', 'from' => '17:00', 'to' => '22:00'],
                    ['days' => 'sat-sun', 'from' => '10:00', 'to' => '18:00'],
                ]],
        ];
    }

    /** @return array<string, mixed> */
    private static function plate(string $monday): array
    {
        return [
            'format'     => 'pensilis-plan', 'version' => 1, 'title' => 'Brass key on slate',
            'ambient'    => ['kind' => 'constant', 'celsius' => 20],
            'vessel'     => ['shape' => 'box', 'length_mm' => 120, 'width_mm' => 70, 'height_mm' => 36, ...self::MOLD, 'viewed' => 'both'],
            'resins'     => [PlainResins::ALL['deep']],
            'inclusions' => [
                ['id'          => 'slate', 'shape' => 'box', 'size_mm' => [60, 40, 6],
                    'at_mm'    => [-20, 0], 'target_bottom_mm' => 6, 'tolerance_mm' => 1,
                    'material' => [...Starters::material('stone'), 'name' => 'slate', 'skeleton_g_cm3' => 2.75], 'sealed_coats' => 1],
                ['id'          => 'key', 'shape' => 'box', 'size_mm' => [58, 16, 4],
                    'at_mm'    => [8, 6], 'target_bottom_mm' => 20, 'tolerance_mm' => 2,
                    'material' => Starters::material('brass')],
                ['id'          => 'garnet', 'shape' => 'ellipsoid', 'size_mm' => [9, 8, 8],
                    'at_mm'    => [40, -20], 'target_bottom_mm' => 20, 'tolerance_mm' => 3,
                    'material' => ['name' => 'garnet', 'skeleton_g_cm3' => 3.9, 'moisture_pct' => 0]],
            ],
            'studio' => ['start' => "{$monday}T08:00", 'scale_step_g' => 0.1, 'max_peak_celsius' => 60,
                'hours'          => [
                    ['days' => 'mon-sun', 'from' => '09:00', 'to' => '12:00'],
                    ['days' => 'mon-sun', 'from' => '17:00', 'to' => '21:00'],
                ]],
        ];
    }

    /**
     * A magpie feather under a thin cover.
     *
     * @return array<string, mixed>
     */
    private static function coaster(string $monday): array
    {
        return [
            'vessel'     => ['shape' => 'cylinder', 'diameter_mm' => 100, 'height_mm' => 11, ...self::MOLD, 'viewed' => 'top'],
            'inclusions' => [[
                'id'           => 'magpie feather', 'shape' => 'box', 'size_mm' => [14, 78, 3], 'at_mm' => [4, 0], 'target_bottom_mm' => 4,
                'tolerance_mm' => 1, 'material' => Starters::material('feather'), 'sealed_coats' => 1,
            ]],
        ] + Starters::piece('Magpie feather coaster', 'coat', "{$monday}T08:00");
    }

    /**
     * Six small ones of one mix.
     *
     * @return array<string, mixed>
     */
    private static function drops(string $monday): array
    {
        return [
            'vessel'     => ['shape' => 'cylinder', 'diameter_mm' => 36, 'height_mm' => 16, ...self::MOLD, 'viewed' => 'bottom'],
            'pieces'     => 6,
            'inclusions' => [[
                'id'           => 'garnet', 'shape' => 'ellipsoid', 'size_mm' => [8, 8, 6], 'at_mm' => [0, 0], 'target_bottom_mm' => 6,
                'tolerance_mm' => 1, 'material' => Starters::material('garnet'),
            ]],
        ] + Starters::piece('Garnet drops', 'coat', "{$monday}T08:00");
    }

    /**
     * Wheels at three heights, as they were in the case.
     *
     * @return array<string, mixed>
     */
    private static function watch(string $monday): array
    {
        $wheel = fn(string $id, float $across, float $x, float $y, float $bottom): array => [
            'id'               => $id, 'shape' => 'disc', 'size_mm' => [$across, $across, 1], 'at_mm' => [$x, $y],
            'target_bottom_mm' => $bottom, 'tolerance_mm' => 1, 'material' => Starters::material('brass'),
        ];

        return [
            'vessel'     => ['shape' => 'cylinder', 'diameter_mm' => 60, 'height_mm' => 20, ...self::MOLD, 'viewed' => 'both'],
            'inclusions' => [
                $wheel('great wheel', 24, -8, 2, 5), $wheel('third wheel', 15, 12, 8, 10), $wheel('escape wheel', 10, 6, -14, 15),
            ],
        ] + Starters::piece('Wheels of a watch', 'coat', "{$monday}T08:00");
    }

    /**
     * Folded once, a sprig of heather beside it.
     *
     * @return array<string, mixed>
     */
    private static function letter(string $monday): array
    {
        return [
            'vessel'     => ['shape' => 'box', 'length_mm' => 150, 'width_mm' => 105, 'height_mm' => 13, ...self::MOLD, 'viewed' => 'top'],
            'inclusions' => [
                [
                    'id'           => 'letter', 'shape' => 'box', 'size_mm' => [100, 80, 3], 'at_mm' => [-14, 0], 'target_bottom_mm' => 4,
                    'tolerance_mm' => 1, 'material' => Starters::material('letter'), 'reads' => true, 'sealed_coats' => 2,
                ],
                [
                    'id'           => 'heather', 'shape' => 'box', 'size_mm' => [8, 50, 3], 'at_mm' => [56, 4], 'target_bottom_mm' => 4,
                    'tolerance_mm' => 1, 'material' => ['name' => 'heather'] + Starters::material('lavender'), 'sealed_coats' => 2,
                ],
            ],
        ] + Starters::piece('A letter from the valley', 'coat', "{$monday}T08:00");
    }
}
