<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Interchange\PlanFile\Document;
use App\Interchange\PlanFile\Palette;
use App\Models\Piece;
use App\Words\Words;
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
        $request->validate(['colour' => ['required', 'string', Rule::in(array_keys($known))]], Words::asked('colour'));
        $colours = $piece->document['colours'] ?? [];
        if (is_array($colours) && count($colours) >= self::MOST) {
            return $this->back($piece)->withErrors(['colour' => __('asked.colour.most', ['most' => self::MOST])]);
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
            return $this->back($piece)->withErrors([
                'colour' => __(
                    'asked.colour.used',
                    ['uses' => implode(', ', array_map(fn(int $k): string => __('piece.pour', ['number' => $k + 1]), $uses))],
                ),
            ]);
        }
        $piece->change(Document::without($piece->document, "/colours/{$colour}"));

        return $this->back($piece);
    }

    private function back(Piece $piece): RedirectResponse
    {
        return redirect()->to(route('pieces.show', $piece, false) . '#colours');
    }
}
