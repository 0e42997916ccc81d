<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pieces;

use App\Http\Controllers\Controller;
use App\Http\Requests\ScalePhotograph;
use App\Http\Requests\UploadPhotograph;
use App\Models\Photograph;
use App\Models\Piece;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\View\View;

/** The photograph of a layout that lies under the plan: sent, scaled by two points, shown, thrown away. */
final class PhotographController extends Controller
{
    public function edit(Piece $piece): View
    {
        return view('pieces.photograph', ['piece' => $piece, 'photograph' => $piece->photograph]);
    }

    public function store(UploadPhotograph $request, Piece $piece): RedirectResponse
    {
        [$jpeg, $width, $height] = $request->encoded();
        Photograph::keep($piece->photograph(), "photographs/{$piece->studio_id}", $jpeg, [
            'width' => $width, 'height' => $height, 'middle_x' => $width / 2, 'middle_y' => $height / 2,
        ]);

        return redirect()->route('pieces.photograph', $piece)->with('said', __('said.photograph-sent'));
    }

    public function update(ScalePhotograph $request, Piece $piece): RedirectResponse
    {
        $request->applyTo($this->photograph($piece), $this->studio()->units);

        return self::to($piece)->with('said', __('said.photograph-laid'));
    }

    public function show(Piece $piece): Response
    {
        return self::jpeg($this->photograph($piece)->bytes());
    }

    public function destroy(Piece $piece): RedirectResponse
    {
        $this->photograph($piece)->delete();

        return self::to($piece)->with('said', __('said.photograph-gone'));
    }

    private function photograph(Piece $piece): Photograph
    {
        return $piece->photograph ?? abort(404);
    }
}
