<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pieces;

use App\Http\Controllers\Controller;
use App\Interchange\Answers\Answers;
use App\Models\Piece;
use App\View\Drawing\Gaze;
use App\View\Page\PieceView;
use Illuminate\Http\Request;
use Illuminate\Http\Response;

/** The second request after a change: heat, windows and clock. */
final class HeatController extends Controller
{
    public function show(Request $request, Piece $piece, Answers $answers): Response
    {
        $asked = self::said($request, 'of');
        if ($asked !== '' && $asked !== $piece->fingerprint()) {
            return response()->noContent();
        }
        $answer = $answers->find($piece, $this->member());
        // The piece may have changed while others were computed first.
        if ($piece->fresh()?->fingerprint() !== $piece->fingerprint()) {
            return response()->noContent();
        }

        $view = new PieceView($piece, $this->studio()->units, $answer, Gaze::of($request));

        return response()->view('pieces.answer', [
            'view'    => $view,
            'alone'   => true,
            'drawn'   => $asked !== '' && $view->isDrawnAsBefore(),
            'waiting' => $answer === null,
        ]);
    }
}
