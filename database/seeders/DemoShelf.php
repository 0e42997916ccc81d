<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\Piece;
use App\Models\Studio;
use App\Models\Vessel;

/** What the demo studio has on its shelf, and what it found out by itself. */
final class DemoShelf
{
    private const WALL = ['wall' => ['material' => 'silicone', 'thickness_mm' => 4], 'base' => ['material' => 'wood', 'thickness_mm' => 18]];

    public static function fill(Studio $studio): void
    {
        foreach ($studio->pieces()->get() as $piece) {
            /** @var Piece $piece */
            $name = match ($piece->title) {
                'Larch cone block' => 'Round block mold, 90 mm',
                'Gentian tray'     => 'Tray mold, long',
                default            => null,
            };
            if ($name !== null) {
                $vessel = $studio->vessels()->create(['name' => $name, 'document' => Vessel::of($piece->document)]);
                $piece->forceFill(['vessel_id' => $vessel->id])->saveQuietly();
            }
        }
        // Filled with water on the scale, as the old bowl has no shape that anybody could write down.
        $studio->vessels()->create(['name' => 'Old pressed-glass bowl', 'document' => ['shape' => 'calibrated',
            'marks'                                                                            => [[10, 38], [20, 104], [30, 196], [40, 312], [48, 420]], 'height_mm' => 48, ...self::WALL, 'made' => 'rigid']]);
        $studio->findings()->create(['kind' => 'gentian', 'name' => 'gentian, whole', 'found_on' => now()->subDays(40)->format('Y-m-d'),
            'figures'                       => ['fades' => true, 'heat' => 48.0], 'sealing' => 'thin clear acrylic, two coats', 'colour' => 'violet within a week where sealed with resin, blue under acrylic',
            'note'                          => 'Three heads side by side: bare, resin, acrylic. Acrylic kept the blue; the bare one browned where the pour passed 48 °C.']);
    }
}
