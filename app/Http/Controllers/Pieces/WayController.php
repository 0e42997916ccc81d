<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pieces;

use App\Http\Controllers\Controller;
use App\Interchange\Answers\Answers;
use App\Interchange\Answers\GivenPours;
use App\Models\Piece;
use App\View\Page\WaysView;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\View\View;
use Pensilis\PlanFile\Document;

/** Other ways to pour a piece, side by side: compared, and one of them taken. */
final class WayController extends Controller
{
    /** The page comes at once, the ways as soon as they are found. */
    public function show(Request $request, Piece $piece, Answers $answers): View
    {
        $offers = $request->boolean('find') ? $answers->offers($piece, $this->member()) : $answers->keptOffers($piece);

        return view('pieces.ways', [
            'piece'   => $piece,
            'waiting' => $request->boolean('find') && $offers === null,
            'ways'    => $offers === null ? null : new WaysView($piece, $offers, $answers->kept($piece), $this->studio()->units),
        ]);
    }

    public function store(Request $request, Piece $piece, Answers $answers): RedirectResponse
    {
        $said = self::said($request, 'way');
        $offers = ctype_digit($said) ? $answers->keptOffers($piece) : null;
        [$way, $elsewhere] = [$offers->all[(int) $said] ?? null, $offers->elsewhere[(int) $said] ?? null];
        if ($way === null) {
            return redirect()->route('pieces.ways', $piece)->withErrors(['way' => __('ways.gone')]);
        }
        $resin = $elsewhere === null ? null : $this->studio()->resins()[$elsewhere] ?? null;
        $piece->change(fn(array $document): array => GivenPours::into(
            $resin === null ? $document : Document::withOneMore($document, 'resins', $resin, 'resin'),
            $way,
        ), self::said($request, 'of'));

        return self::to($piece)->with('said', __('said.way-taken'))->with('selects', 'pours');
    }
}
