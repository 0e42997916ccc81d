<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pieces;

use App\Http\Controllers\Controller;
use App\Models\Piece;
use Illuminate\Http\RedirectResponse;

/** Undo of a delete. */
final class TrashedPieceController extends Controller
{
    public function update(Piece $trashed): RedirectResponse
    {
        $trashed->restore();

        return redirect()->route('pieces.index')->with('said', __('said.back', ['name' => $trashed->title]));
    }
}
