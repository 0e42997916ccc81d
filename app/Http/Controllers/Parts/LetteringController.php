<?php

declare(strict_types=1);

namespace App\Http\Controllers\Parts;

use App\Http\Controllers\Controller;
use App\Http\Requests\LayLettering;
use App\Models\Piece;
use Illuminate\Http\RedirectResponse;

/** Lines of lettering on a pour. */
final class LetteringController extends Controller
{
    public function update(LayLettering $request, Piece $piece, int $pour): RedirectResponse
    {
        $request->applyTo($piece, $pour, $this->studio()->units);

        return self::to($piece)->with('selects', "pour-{$pour}");
    }
}
