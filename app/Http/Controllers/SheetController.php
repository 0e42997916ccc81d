<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Interchange\Answers;
use App\Models\Piece;
use App\View\PieceView;
use Illuminate\View\View;

/** The sheet that is printed and taken to the bench. */
final class SheetController extends Controller
{
    public function show(Piece $piece, Answers $answers): View
    {
        return view('pieces.sheet', [
            'view' => new PieceView($piece, $this->studio()->units, $answers->find($piece, $this->member())),
        ]);
    }
}
