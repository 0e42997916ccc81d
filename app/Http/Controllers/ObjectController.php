<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Interchange\PlanFile\Document;
use App\Interchange\PlanFile\Starters;
use App\Interchange\Shelf\StudioKinds;
use App\Models\Piece;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;

/** Objects of a piece: one more, one less. */
final class ObjectController extends Controller
{
    private const MOST = 500;

    public function store(Request $request, Piece $piece): RedirectResponse
    {
        $known = StudioKinds::of($this->studio())->kinds;
        $request->validate(['kind' => ['required', Rule::in(array_keys($known))]], Words::asked('object'));
        $objects = $piece->document['inclusions'] ?? [];
        $count = is_array($objects) ? count($objects) : 0;
        if ($count >= self::MOST) {
            return back()->withErrors(['kind' => __('asked.object.most', ['most' => self::MOST])]);
        }
        $object = Starters::object($piece->document, $known[$request->string('kind')->toString()]);
        $piece->change(Document::with($piece->document, "/inclusions/{$count}", $object));

        return redirect()->to(route('pieces.show', $piece, false) . "#object-{$count}");
    }

    public function destroy(Piece $piece, int $object): RedirectResponse
    {
        $objects = $piece->document['inclusions'] ?? [];
        abort_unless(is_array($objects) && isset($objects[$object]), 404);
        unset($objects[$object]);
        $piece->change(['inclusions' => array_values($objects)] + $piece->document);

        return redirect()->route('pieces.show', $piece);
    }
}
