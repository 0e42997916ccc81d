<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Interchange\Answers;
use App\Interchange\Document;
use App\Models\Piece;
use App\View\PieceView;
use Illuminate\Http\RedirectResponse;

/** Pours that a plan gives: those found are kept as they are, or let go of so that they are found again. */
final class PourChoiceController extends Controller
{
    /** Keeps the pours that were found as given ones, so that each can be coloured and moved by itself. */
    public function store(Piece $piece, Answers $answers): RedirectResponse
    {
        $view = new PieceView($piece, $this->studio()->units, $answers->find($piece, $this->member()));
        $pours = $view->givenPours();
        if ($pours === []) {
            return redirect()->route('pieces.show', $piece)->withErrors(['pours' => 'No pours can be found to keep; the verdict says why.']);
        }
        $piece->change(Document::with($piece->document, '/pours', $pours));

        return redirect()->route('pieces.show', $piece)->with('said', 'The pours stay as they are now.');
    }

    public function destroy(Piece $piece): RedirectResponse
    {
        $piece->change(Document::without($piece->document, '/pours'));

        return redirect()->route('pieces.show', $piece)->with('said', 'The pours are found from the objects again.');
    }
}
