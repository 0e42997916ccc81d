<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pieces;

use App\Http\Controllers\Controller;
use App\Interchange\Answers\Answers;
use App\Models\Piece;
use App\View\Page\PieceView;
use App\View\Page\SheetView;
use Illuminate\View\View;

/** The sheet that is printed and taken to the bench. */
final class SheetController extends Controller
{
    public function show(Piece $piece, Answers $answers): View
    {
        return view('pieces.sheet', [
            'done'  => $piece->ticks()->pluck('step')->all(),
            'sheet' => new SheetView(new PieceView($piece, $this->studio()->units, $answers->find($piece, $this->member()))),
        ]);
    }
}
