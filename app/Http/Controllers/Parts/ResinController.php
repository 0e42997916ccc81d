<?php

declare(strict_types=1);

namespace App\Http\Controllers\Parts;

use App\Http\Controllers\Controller;
use App\Models\Piece;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Pensilis\PlanFile\Document;

/** Resins of a piece: one more, a plain kind or one of the shelf, which pours may then be of; one less, if no pour is. */
final class ResinController extends Controller
{
    /** As many as a plan file takes. */
    private const MOST = 10;

    public function store(Request $request, Piece $piece): RedirectResponse
    {
        $known = $this->studio()->resins();
        $request->validate(['resin' => ['required', 'string', Rule::in(array_keys($known))]], Words::asked('resin'));
        $resin = $known[self::said($request, 'resin')];
        $full = false;
        $piece->change(function (array $document) use ($resin, &$full): array {
            $full = count(Document::list($document, '/resins')) >= self::MOST;

            return $full ? $document : Document::withOneMore($document, 'resins', $resin, 'resin');
        });

        return $full ? self::to($piece)->withErrors(['resin' => __('asked.resin.most', ['most' => self::MOST])])
            : self::to($piece)->with(['said' => __('said.resin-added'), 'selects' => 'pours']);
    }

    /** By its id, so that pressed twice, or on an older page, it takes no other away. */
    public function destroy(Request $request, Piece $piece): RedirectResponse
    {
        $id = self::said($request, 'resin');
        $isUsed = false;
        $piece->change(function (array $document) use ($id, &$isUsed): array {
            $left = Document::others($document, '/resins', $id);
            $isUsed = $left === [] || in_array($id, array_column(Document::list($document, '/pours'), 'resin'), true);

            return $isUsed ? $document : ['resins' => $left] + $document;
        });

        return $isUsed ? self::to($piece)->withErrors(['resin' => __('asked.resin.used')]) : self::to($piece)->with('selects', 'pours');
    }
}
