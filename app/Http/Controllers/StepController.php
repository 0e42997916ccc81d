<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Piece;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Undo and redo: one step through the changes of a piece. */
final class StepController extends Controller
{
    public function store(Request $request, Piece $piece): RedirectResponse
    {
        $request->validate(['step' => ['required', 'in:back,forth']], Words::asked('step'));
        $back = self::said($request, 'step') === 'back';
        $moved = $piece->step($back ? -1 : 1, self::said($request, 'of'));

        return redirect()->route('pieces.show', $piece)->with('said', __(match (true) {
            !$moved => $back ? 'said.nothing-to-undo' : 'said.nothing-to-redo',
            default => $back ? 'said.undone' : 'said.redone',
        }));
    }
}
