<?php

declare(strict_types=1);

namespace App\Http\Controllers\Parts;

use App\Http\Controllers\Controller;
use App\Http\Requests\UploadOutline;
use App\Models\Piece;
use Illuminate\Http\RedirectResponse;

/** An outline drawn elsewhere, as the vessel of a piece. */
final class OutlineController extends Controller
{
    public function store(UploadOutline $request, Piece $piece): RedirectResponse
    {
        $request->applyTo($piece, $this->studio()->units);

        return self::to($piece)->with('said', __('said.outline-taken'));
    }
}
