<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pieces;

use App\Http\Controllers\Controller;
use App\Http\Requests\UploadPhotograph;
use App\Interchange\PlanFile\Palette;
use App\Models\Piece;
use App\Models\Reference;
use App\View\Page\ReferenceView;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Illuminate\View\View;
use Pensilis\PlanFile\Document;

/** The picture that a piece is to look like: kept with it, and its shades taken over as colours. */
final class ReferenceController extends Controller
{
    public function edit(Piece $piece): View
    {
        return view('pieces.reference', [
            'piece' => $piece,
            'view'  => $piece->reference === null ? null : new ReferenceView($piece->reference, $this->studio()->palette()),
        ]);
    }

    public function store(UploadPhotograph $request, Piece $piece): RedirectResponse
    {
        [$jpeg, $width, $height] = $request->encoded();
        Reference::keep($piece->reference(), "references/{$piece->studio_id}", $jpeg, [
            'width' => $width, 'height' => $height, 'shades' => $request->shades(),
        ]);

        return redirect()->route('pieces.reference', $piece)->with('said', __('said.reference-sent'));
    }

    /** One of its shades becomes a colour of the piece. */
    public function update(Request $request, Piece $piece): RedirectResponse
    {
        $shades = array_column($this->reference($piece)->shades, 0);
        $request->validate(['shade' => ['required', 'in:' . implode(',', $shades)]], Words::asked('reference'));
        $shade = self::said($request, 'shade');
        $name = Words::say('reference.colour', ['number' => 1 + (int) array_search($shade, $shades, true)]);
        $full = false;
        $piece->change(function (array $document) use ($shade, $name, &$full): array {
            $full = count(Document::list($document, '/colours')) >= Palette::MOST;

            return $full ? $document : Palette::with($document, [
                'id' => Str::lower($name), 'name' => $name, 'kind' => 'pigment', 'shade' => $shade,
            ]);
        });

        return $full
            ? redirect()->route('pieces.reference', $piece)->withErrors(['shade' => __('asked.colour.most', ['most' => Palette::MOST])])
            : redirect()->route('pieces.reference', $piece)->with('said', __('said.shade-taken', ['name' => $name]));
    }

    public function show(Piece $piece): Response
    {
        return self::jpeg($this->reference($piece)->bytes());
    }

    public function destroy(Piece $piece): RedirectResponse
    {
        $this->reference($piece)->delete();

        return self::to($piece)->with('said', __('said.reference-gone'));
    }

    private function reference(Piece $piece): Reference
    {
        return $piece->reference ?? abort(404);
    }
}
