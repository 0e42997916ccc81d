<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EditPiece;
use App\Http\Requests\NewPiece;
use App\Interchange\Answers;
use App\Interchange\KeptMeshes;
use App\Interchange\StudioKinds;
use App\Models\Piece;
use App\View\Gaze;
use App\View\PieceView;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\View\View;

final class PieceController extends Controller
{
    public function index(KeptMeshes $meshes): View
    {
        $pieces = $this->studio()->pieces()->latest('updated_at')->latest('id')->paginate(25);
        $meshes->load(array_merge(...array_map(fn(Piece $piece): array => KeptMeshes::namedIn($piece->document), $pieces->items())));

        return view('pieces.index', [
            'pieces'  => $pieces,
            'vessels' => $this->studio()->vessels()->orderBy('name')->limit(200)->get(['id', 'name']),
            'system'  => $this->studio()->units,
        ]);
    }

    public function store(NewPiece $request): RedirectResponse
    {
        $piece = $this->studio()->pieces()->make(['vessel_id' => $request->vessel()?->id])->hold($request->document());
        $piece->save();

        return redirect()->route('pieces.show', $piece);
    }

    public function show(Request $request, Piece $piece, Answers $answers): View
    {
        $answer = $request->boolean('heat') ? $answers->find($piece, $this->member()) : $answers->kept($piece);

        return view('pieces.show', ['palette' => $this->studio()->palette(), 'recipes' => $this->studio()->recipes()->orderBy('name')->limit(100)->get(['id', 'name']),
            'shelf'                           => $this->studio()->supplies()->orderBy('kind')->orderBy('name')->limit(200)->get(['id', 'kind', 'name']), 'kinds' => StudioKinds::of($this->studio()), 'view' => new PieceView($piece, $this->studio()->units, $answer, Gaze::of($request))]);
    }

    public function update(EditPiece $request, Piece $piece, Answers $answers): RedirectResponse|Response
    {
        $piece->change($request->applyTo($piece->document, $this->studio()->units, $piece->meshes()));

        if (!$request->headers->has('HX-Request')) {
            return redirect()->route('pieces.show', $piece);
        }

        // A form that asks for other things now is shown as a whole.
        return $request->reshapes() ? response()->noContent(200)->header('HX-Refresh', 'true') : response()->view('pieces.answer', ['view' => new PieceView($piece, $this->studio()->units, $answers->kept($piece), Gaze::of($request))]);
    }

    public function destroy(Piece $piece): RedirectResponse
    {
        $piece->delete();

        return redirect()->route('pieces.index')->with('deleted', ['id' => $piece->id, 'title' => $piece->title]);
    }
}
