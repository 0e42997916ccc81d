<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Interchange\Answers;
use App\Interchange\Document;
use App\Interchange\PlanFile;
use App\Models\Piece;
use App\View\PieceView;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;

/** Applies the smallest change that mends a notice; the change is found again here, never taken from the form. */
final class MendController extends Controller
{
    public function store(Request $request, Piece $piece, Answers $answers): RedirectResponse
    {
        [$code, $pointer] = [self::said($request, 'code'), self::said($request, 'pointer')];
        foreach ((new PieceView($piece, $this->studio()->units, $answers->kept($piece)))->notices() as $notice) {
            if ($notice->mend !== null && $notice->code === $code && $notice->pointer === $pointer) {
                $changed = Document::with($piece->document, $notice->mend->pointer, $notice->mend->value);
                $piece->change(PlanFile::read(PlanFile::write($changed), $piece->meshes()));

                return redirect()->route('pieces.show', $piece)->with('said', "Done: {$notice->mend->label}.");
            }
        }

        return redirect()->route('pieces.show', $piece)->with('said', 'That is mended already.');
    }
}
