<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pieces;

use App\Http\Controllers\Controller;
use App\Models\Event;
use App\Models\Piece;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Pensilis\Record\EventKind;

/** Steps of a pour sheet that are ticked off: one at a press, or, without script, those that were changed on the sheet. */
final class TickController extends Controller
{
    /** More than any sheet has. */
    private const MOST = 2000;

    private const STEP = 'string|max:160';

    public function update(Request $request, Piece $piece): RedirectResponse|Response
    {
        $request->validate([
            'step' => 'nullable|' . self::STEP, 'done' => 'array|max:' . self::MOST, 'done.*' => self::STEP,
            'were' => 'array|max:' . self::MOST, 'were.*' => self::STEP,
        ], Words::asked('tick'));
        [$done, $were] = [self::texts($request, 'done'), self::texts($request, 'were')];
        if ($request->filled('step')) {
            $step = self::said($request, 'step');
            [$done, $were] = [array_intersect($done, [$step]), [$step]];
        }
        DB::transaction(function () use ($piece, $done, $were): void {
            foreach ($piece->ticks()->whereIn('step', array_diff($were, $done))->pluck('event') as $event) {
                Event::note($piece, EventKind::TakenBack, ['event' => $event]);
            }
            $known = array_filter($piece->ticks()->pluck('step')->all(), is_string(...));
            foreach (array_slice(array_diff(array_unique($done), $known), 0, max(0, self::MOST - count($known))) as $step) {
                Event::note($piece, EventKind::Prepared, ['step' => $step]);
            }
        });

        return $request->headers->has('HX-Request') ? response()->noContent() : redirect()->route('pieces.sheet', $piece);
    }

    /** @return list<string> */
    private static function texts(Request $request, string $name): array
    {
        return array_values(array_filter((array) $request->input($name, []), is_string(...)));
    }
}
