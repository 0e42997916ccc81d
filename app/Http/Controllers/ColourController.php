<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Interchange\Document;
use App\Interchange\Palette;
use App\Models\Piece;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** Colours of a piece: one more, from the palette or the shelf; one less, if nothing is mixed with it. */
final class ColourController extends Controller
{
    private const MOST = 60;

    public function store(Request $request, Piece $piece): RedirectResponse
    {
        $known = $this->studio()->palette();
        $request->validate(['colour' => ['required', 'string', Rule::in(array_keys($known))]], ['colour.*' => 'Choose one of the colours.']);
        $colours = $piece->document['colours'] ?? [];
        if (is_array($colours) && count($colours) >= self::MOST) {
            return $this->back($piece)->withErrors(['colour' => 'A piece holds at most 60 colours; take out one that is not used.']);
        }
        $piece->change(Palette::with($piece->document, $known[$request->string('colour')->toString()]));

        return $this->back($piece);
    }

    public function destroy(Piece $piece, int $colour): RedirectResponse
    {
        $id = Document::value($piece->document, "/colours/{$colour}/id");
        abort_unless(is_string($id), 404);
        $uses = Palette::usesOf($piece->document, $id);
        if ($uses !== []) {
            return $this->back($piece)->withErrors(['colour' => "This colour is mixed in " . implode(', ', $uses) . '; take it out there first.']);
        }
        $piece->change(Document::without($piece->document, "/colours/{$colour}"));

        return $this->back($piece);
    }

    private function back(Piece $piece): RedirectResponse
    {
        return redirect()->to(route('pieces.show', $piece, false) . '#colours');
    }
}
