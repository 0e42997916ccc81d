<?php

declare(strict_types=1);

namespace App\Http\Controllers\Parts;

use App\Http\Controllers\Controller;
use App\Http\Requests\UploadMesh;
use App\Models\Piece;
use App\View\Page\Stages;
use Illuminate\Http\RedirectResponse;

/** A mesh as the vessel of a piece, or as one of its objects. */
final class MeshController extends Controller
{
    public function store(UploadMesh $request, Piece $piece): RedirectResponse
    {
        $request->applyTo($piece, $this->studio()->units);

        return self::to($piece)->with([
            'said' => $request->said(), 'selects' => Stages::panelOf($request->string('for')->toString()),
        ]);
    }
}
