<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Piece;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Undo and redo: one step through the changes of a piece. */
final class StepController extends Controller
{
    public function store(Request $request, Piece $piece): RedirectResponse
    {
        $request->validate(['step' => ['required', 'in:back,forth']], ['step.*' => 'Say back or forth.']);
        $back = self::said($request, 'step') === 'back';
        $moved = $piece->step($back ? -1 : 1);

        return redirect()->route('pieces.show', $piece)->with('said', match (true) {
            !$moved => $back ? 'There is nothing left to undo.' : 'There is nothing left to redo.',
            default => $back ? 'Undone.' : 'Done again.',
        });
    }
}
