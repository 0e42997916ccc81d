<?php

declare(strict_types=1);

namespace App\Http\Controllers\Parts;

use App\Http\Controllers\Controller;
use App\Http\Requests\TraceDam;
use App\Models\Piece;
use Illuminate\Http\RedirectResponse;

/** A dam traced on the photograph of a piece. */
final class DamController extends Controller
{
    public function store(TraceDam $request, Piece $piece): RedirectResponse
    {
        $request->applyTo($piece, $piece->photograph ?? abort(404), $this->studio()->units);

        return self::to($piece)->with('said', __('said.dam-traced'))->with('selects', 'vessel');
    }
}
