<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pieces;

use App\Http\Controllers\Controller;
use App\Interchange\Form\ChangeName;
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
        $before = $piece->document;
        if (!$piece->step($back, self::said($request, 'of'))) {
            return self::to($piece)->with('said', __($back ? 'said.nothing-to-undo' : 'said.nothing-to-redo'));
        }
        $change = ChangeName::of($before, $piece->document);

        return self::to($piece)->with('said', __($back ? 'said.undone' : 'said.redone', ['change' => $change]));
    }
}
