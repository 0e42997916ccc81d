<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Interchange\Shelf\SupplyFields;
use App\Models\Piece;
use App\Models\Studio;
use App\Models\SupplyKind;
use App\Models\Vessel;

/** What the demo studio has on its shelf, and what it found out by itself. */
final class DemoShelf
{
    private const WALL = [
        'wall' => ['material' => 'silicone', 'thickness_mm' => 4], 'base' => ['material' => 'wood', 'thickness_mm' => 18],
    ];

    public static function fill(Studio $studio): void
    {
        foreach ($studio->pieces()->get() as $piece) {
            /** @var Piece $piece */
            $name = match ($piece->title) {
                'Larch cone block' => 'Round block mold',
                'Gentian tray'     => 'Tray mold, long',
                default            => null,
            };
            if ($name !== null) {
                $vessel = $studio->vessels()->create(['name' => $name, 'document' => Vessel::of($piece->document)]);
                $piece->forceFill(['vessel_id' => $vessel->id])->saveQuietly();
            }
        }
        self::supplies($studio);
        self::orders($studio);
        // Filled with water on the scale, as the old bowl has no shape that anybody could write down.
        $studio->vessels()->create(['name' => 'Old pressed-glass bowl', 'document' => ['shape' => 'calibrated',
            'marks'                                                                            => [
                [10, 38], [20, 104], [30, 196], [40, 312], [48, 420],
            ], 'height_mm' => 48, ...self::WALL, 'made' => 'rigid']]);
        $studio->findings()->create(['kind' => 'gentian', 'name' => 'gentian, whole', 'found_on' => now()->subDays(40)->format('Y-m-d'),
            'figures'                       => [
                'fades' => true, 'heat' => 48.0,
            ], 'sealing' => 'thin clear acrylic, two coats', 'colour' => 'violet within a week where sealed with resin, blue under acrylic',
            'note' => 'Three heads side by side: bare, resin, acrylic. Acrylic kept the blue; the bare one browned where it ran hot.']);
    }

    private static function orders(Studio $studio): void
    {
        $day = fn(int $ahead): string => now()->addDays($ahead)->format('Y-m-d');
        $studio->orders()->create([
            'wanted'   => 'Larch cone block', 'whom' => 'the hut above the valley', 'due' => $day(24), 'price' => 120.0,
            'stage'    => 'agreed',
            'piece_id' => $studio->pieces()->where('title', 'Larch cone block')->value('id'), 'note' => 'to stand on a window sill',
        ]);
        $studio->orders()->create([
            'wanted'   => 'Nine garnet drops', 'whom' => 'the chapel at the ford', 'due' => $day(-9), 'price' => 90.0, 'stage' => 'handed',
            'piece_id' => $studio->pieces()->where('title', 'Garnet drops')->value('id'),
        ]);
        $studio->orders()->create([
            'wanted' => 'Six coasters with moor grass', 'whom' => 'the mill by the bridge', 'due' => $day(40), 'stage' => 'asked',
        ]);
    }

    private static function supplies(Studio $studio): void
    {
        $bought = fn(int $days): string => now()->subDays($days)->format('Y-m-d');
        $packs = ['deep' => [
            'pack_price' => 96.0, 'pack_amount' => 4350.0, 'stock' => 1480.0, 'low' => 600.0, 'lot' => 'D-114',
            'bought_on'  => $bought(70), 'keeps_months' => 12,
        ],
            'coat' => [
                'pack_price' => 48.0, 'pack_amount' => 2000.0, 'stock' => 420.0, 'low' => 500.0, 'lot' => 'B-087',
                'bought_on'  => $bought(300), 'keeps_months' => 9,
            ]];
        foreach (SupplyFields::beginnings(SupplyKind::Resin) as $key => [$name, $document]) {
            $studio->supplies()->create(['kind' => SupplyKind::Resin, 'name' => $name, 'document' => $document] + $packs[$key]);
        }
        foreach (SupplyFields::beginnings(SupplyKind::Colour) as $key => [$name, $document]) {
            if (in_array($key, ['gentian', 'moor blue', 'bracken', 'peat', 'white'], true)) {
                $studio->supplies()->create([
                    'kind'        => SupplyKind::Colour, 'name' => $name, 'document' => $document, 'pack_price' => 6.0,
                    'pack_amount' => 15.0, 'stock' => 9.0, 'low' => 3.0, 'bought_on' => $bought(120),
                ]);
            }
        }
        foreach ([SupplyKind::Sealer, SupplyKind::Device] as $kind) {
            foreach (SupplyFields::beginnings($kind) as [$name, $document]) {
                $studio->supplies()->create(['kind' => $kind, 'name' => $name, 'document' => $document]);
            }
        }
        $studio->supplies()->create([
            'kind'        => SupplyKind::Consumable, 'name' => 'Cups and sticks', 'document' => [], 'pack_price' => 12.0,
            'pack_amount' => 50.0, 'stock' => 31.0, 'low' => 10.0,
        ]);
    }
}
