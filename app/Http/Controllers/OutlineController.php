<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\UploadOutline;
use App\Models\Piece;
use Illuminate\Http\RedirectResponse;

/** An outline drawn elsewhere, as the vessel of a piece. */
final class OutlineController extends Controller
{
    public function store(UploadOutline $request, Piece $piece): RedirectResponse
    {
        $piece->change($request->applyTo($piece));

        return redirect()->route('pieces.show', $piece)->with('said', 'This is the outline of the drawing; check its size against the vessel.');
    }
}
