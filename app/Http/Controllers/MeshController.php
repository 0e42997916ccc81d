<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\UploadMesh;
use App\Models\Piece;
use Illuminate\Http\RedirectResponse;

/** A mesh as the vessel of a piece, or as one of its objects. */
final class MeshController extends Controller
{
    public function store(UploadMesh $request, Piece $piece): RedirectResponse
    {
        $request->applyTo($piece, $this->studio()->units);

        return redirect()->to(route('pieces.show', $piece, false) . $request->anchor())->with('said', $request->said());
    }
}
