<?php

declare(strict_types=1);

namespace App\Http\Controllers\Parts;

use App\Http\Controllers\Controller;
use App\Http\Requests\Asked;
use App\Interchange\PlanFile\Fittings;
use App\Models\Piece;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Pensilis\Layout\Draft;
use Pensilis\PlanFile\Document;

/** Handles, hooks and feet of a piece: put where its balance asks for them, or taken off. */
final class FittingController extends Controller
{
    public function store(Request $request, Piece $piece): RedirectResponse
    {
        $request->validate(['way' => ['required', Rule::in(Fittings::WAYS)]], Words::asked('fitting'));
        $way = Asked::oneOf(Fittings::WAYS, self::said($request, 'way'));
        $first = 0;
        $hasRoom = true;
        $piece->change(function (array $document) use ($piece, $way, &$first, &$hasRoom): array {
            $first = count(Document::list($document, '/purpose/fittings'));
            $layout = Draft::of($piece->plan())->layout;
            $with = $layout === null ? $document : Fittings::with($document, $piece->plan(), $layout, $way);
            $hasRoom = $with !== $document;

            return $with;
        }, self::said($request, 'of'));

        return $hasRoom ? self::to($piece)->with('selects', "fitting-{$first}")
            : self::to($piece)->withErrors(['way' => __('asked.fitting.none', ['most' => Fittings::MOST])]);
    }

    /** By its number, on a page that shows what is there. */
    public function destroy(Request $request, Piece $piece): RedirectResponse
    {
        $n = $request->integer('fitting');
        $piece->change(
            fn(array $document): array => Document::without($document, "/purpose/fittings/{$n}"),
            self::said($request, 'of'),
        );

        return self::to($piece)->with('selects', 'use');
    }
}
