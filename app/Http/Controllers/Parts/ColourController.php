<?php

declare(strict_types=1);

namespace App\Http\Controllers\Parts;

use App\Http\Controllers\Controller;
use App\Interchange\PlanFile\Palette;
use App\Models\Piece;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Pensilis\PlanFile\Document;

/** Colours of a piece: one more, from the palette or the shelf; one less, if nothing is mixed with it. */
final class ColourController extends Controller
{
    public function store(Request $request, Piece $piece): RedirectResponse
    {
        $known = $this->studio()->palette();
        $request->validate(['colour' => ['required', 'string', Rule::in(array_keys($known))]], Words::asked('colour'));
        $colour = $known[$request->string('colour')->toString()];
        $full = false;
        $piece->change(function (array $document) use ($colour, &$full): array {
            $full = count(Document::list($document, '/colours')) >= Palette::MOST;

            return $full ? $document : Palette::with($document, $colour);
        });

        return $full
            ? self::to($piece)->withErrors(['colour' => __('asked.colour.most', ['most' => Palette::MOST])])
            : self::to($piece);
    }

    /** By its name, so that pressed twice, or on an older page, it takes no other away. */
    public function destroy(Request $request, Piece $piece): RedirectResponse
    {
        $id = self::said($request, 'colour');
        [$uses, $gone] = [[], false];
        $piece->change(function (array $document) use ($id, &$uses, &$gone): array {
            foreach (['pour' => '/pours', 'pinned' => '/layering/pinned'] as $word => $pours) {
                foreach (Palette::usesOf($document, $id, $pours) as $k) {
                    $uses[] = __("piece.{$word}", ['number' => $k + 1]);
                }
            }
            $left = Document::others($document, '/colours', $id);
            $gone = $uses === [] && count($left) < count(Document::list($document, '/colours'));

            return $gone ? ($left === [] ? array_diff_key($document, ['colours' => 1]) : ['colours' => $left] + $document) : $document;
        });
        if ($uses !== []) {
            return self::to($piece)->withErrors(['colour' => __('asked.colour.used', ['uses' => implode(', ', $uses)])]);
        }

        return $gone ? self::to($piece) : self::to($piece)->with('said', __('said.gone-already', ['name' => $id]));
    }
}
