<?php

declare(strict_types=1);

namespace App\Http\Controllers\Parts;

use App\Http\Controllers\Controller;
use App\Http\Requests\CutHole;
use App\Models\Piece;
use Illuminate\Http\RedirectResponse;

/** Holes through the vessel of a piece. */
final class HoleController extends Controller
{
    public function store(CutHole $request, Piece $piece): RedirectResponse
    {
        $request->applyTo($piece, $this->studio()->units);

        return self::to($piece)->with('said', __('said.hole-cut'))->with('selects', 'vessel');
    }
}
