<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pieces;

use App\Http\Controllers\Controller;
use App\Models\Piece;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Str;

final class PieceCopyController extends Controller
{
    public function store(Piece $piece): RedirectResponse
    {
        $title = __('said.copy-title', ['title' => Str::limit($piece->title, 110, '…')]);
        $copy = $this->studio()->pieces()->make()->hold(['title' => $title] + $piece->document);
        $copy->save();

        return redirect()->route('pieces.show', $copy)->with('said', __('said.copied'));
    }
}
