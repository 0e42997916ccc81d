<?php

declare(strict_types=1);

namespace Tests;

use Pensilis\Material\Kinds;
use Pensilis\Numerics\Lehmer;
use Pensilis\PlanFile\PlainResins;

/**
 * Plans by chance, the same for the same seed: four shapes of vessel, three walls, two resins, none to three objects, one to three pours.
 */
final class RandomPlans
{
    /** @return array<string, mixed> */
    public static function of(int $seed): array
    {
        $chance = Lehmer::from(1_000 + 7_919 * $seed);
        $between = function (float $from, float $to) use ($chance): float {
            $chance->next();

            return round($from + ($to - $from) * $chance->current(), 1);
        };
        $one = fn(array $some): mixed => $some[(int) min(count($some) - 1, floor($between(0.0, (float) count($some))))];
        $resin = $one(['deep', 'coat']);
        $height = $resin === 'deep' ? $between(20.0, 60.0) : $between(4.0, 15.0);
        $vessel = $one([
            ['shape' => 'cylinder', 'diameter_mm' => $between(40.0, 120.0), 'height_mm' => $height],
            ['shape' => 'box', 'length_mm' => $between(50.0, 200.0), 'width_mm' => $between(40.0, 150.0), 'height_mm' => $height],
            ['shape' => 'hemisphere', 'diameter_mm' => 2.0 * $height],
            ['shape' => 'cone-frustum', 'bottom_diameter_mm' => 40.0, 'top_diameter_mm' => $between(50.0, 120.0), 'height_mm' => $height],
        ]);

        return [
            'format'  => 'pensilis-plan', 'version' => 1, 'title' => "Chance {$seed}",
            'ambient' => $one([
                ['kind' => 'constant', 'celsius' => $between(18.0, 28.0)],
                ['kind' => 'daily', 'min_celsius' => 17, 'max_celsius' => 24, 'coldest_hour' => 6],
            ]),
            'vessel'     => $vessel + ['wall' => ['material' => $one(['silicone', 'glass', 'wood']), 'thickness_mm' => $between(2.0, 8.0)]],
            'resins'     => [PlainResins::ALL[$resin]],
            'inclusions' => self::objects($between, $one, $height),
            'pours'      => self::pours($between, $resin, $height),
            'studio'     => ['start' => '2026-03-02T08:00', 'scale_step_g' => $one([0.1, 0.5, 0.01])],
        ];
    }

    /** @return list<array<string, mixed>> */
    private static function objects(callable $between, callable $one, float $height): array
    {
        $objects = [];
        for ($n = (int) $between(0.0, 3.4); $n > 0; $n--) {
            $size = $between(4.0, 16.0);
            $objects[] = [
                'id' => "object {$n}", 'shape' => $one(['ellipsoid', 'disc', 'box', 'cone', 'rod']), 'size_mm' => [
                    $size, $size, max(1.0, round(0.4 * $size, 1)),
                ],
                'at_mm' => [
                    $between(-12.0, 12.0), $between(-12.0, 12.0),
                ], 'target_bottom_mm' => $between(0.0, 0.6 * $height), 'tolerance_mm' => 3,
                'material' => $one(array_values(Kinds::all()))->toMaterial(), 'sealed_coats' => $one([0, 1, 2]),
            ];
        }

        return $objects;
    }

    /** @return list<array<string, mixed>> */
    private static function pours(callable $between, string $resin, float $height): array
    {
        [$pours, $start] = [[], 0.0];
        for ($n = $count = (int) $between(1.0, 3.9); $n > 0; $n--) {
            $pours[] = ['resin' => $resin, 'depth_mm' => round($height / $count - 0.01, 2), 'start_h' => $start];
            $start = round($start + $between(2.0, 40.0), 1);
        }

        return $pours;
    }
}
