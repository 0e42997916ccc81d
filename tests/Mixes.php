<?php

declare(strict_types=1);

namespace Tests;

use App\Models\Event;
use App\Models\Mixing;
use App\Models\Piece;
use Illuminate\Support\Carbon;
use Pensilis\Layout\Draft;
use Pensilis\Layout\Layout;

/** A mix of a piece as it was noted. */
final class Mixes
{
    public static function of(Piece $piece, ?Layout $layout = null, int $pour = 0, ?Carbon $at = null): Mixing
    {
        $layout ??= Draft::of($piece->plan())->layout;
        Event::mix($piece, [
            'pour' => $layout->pours[$pour]->id, 'cup' => 'm1', 'resin' => 'Slow', 'mixed_g' => 100.0, 'kept_g' => 4.0, 'over_g' => 0.0,
        ], [], $at);

        return Mixing::query()->where('piece_id', $piece->id)->latest('id')->firstOrFail();
    }
}
