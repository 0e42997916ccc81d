<?php

declare(strict_types=1);

namespace App\Http\Controllers\Parts;

use App\Http\Controllers\Controller;
use App\Interchange\PlanFile\PourShaping;
use App\Models\Piece;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Pensilis\PlanFile\Document;

/** Pours of a piece that stay where they are while the others are found. */
final class PinController extends Controller
{
    /** As many as a plan file takes. */
    private const MOST = 40;

    public function store(Request $request, Piece $piece): RedirectResponse
    {
        $length = ['required', 'numeric', 'between:0,5000'];
        $request->validate(['from_mm' => $length, 'to_mm' => [...$length, 'gt:from_mm']], Words::asked('pin'));
        $pin = ['from_mm' => $request->float('from_mm'), 'to_mm' => $request->float('to_mm')];
        $full = false;
        $piece->change(function (array $document) use ($pin, &$full): array {
            $pins = array_values(Document::list($document, '/layering/pinned'));
            $full = count($pins) >= self::MOST;

            return $full ? $document : Document::with($document, '/layering/pinned', [...$pins, $pin]);
        }, self::said($request, 'of'));

        return $full ? self::to($piece)->withErrors(['from_mm' => __('asked.pin.most', ['most' => self::MOST])])
            : self::to($piece)->with('said', __('said.pinned'))->with('selects', 'pours');
    }

    /** Those of its own pours that are coloured stay where they are, and the others are found around them. */
    public function update(Request $request, Piece $piece): RedirectResponse
    {
        $piece->change(PourShaping::colouredPinned(...), self::said($request, 'of'));

        return self::to($piece)->with('said', __('said.coloured-pinned'))->with('selects', 'pours');
    }

    /** By its number, on a page that shows what is there. */
    public function destroy(Request $request, Piece $piece): RedirectResponse
    {
        $n = $request->integer('pin');
        $piece->change(
            fn(array $document): array => Document::without($document, "/layering/pinned/{$n}"),
            self::said($request, 'of'),
        );

        return self::to($piece)->with('said', __('said.unpinned'))->with('selects', 'pours');
    }
}
