<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Interchange\Document;
use App\Models\Piece;
use Illuminate\Http\RedirectResponse;

/** Lets go of pours that a plan gives, so that they are found again. */
final class PourChoiceController extends Controller
{
    public function destroy(Piece $piece): RedirectResponse
    {
        $piece->change(Document::without($piece->document, '/pours'));

        return redirect()->route('pieces.show', $piece)->with('said', 'The pours are found from the objects again.');
    }
}
