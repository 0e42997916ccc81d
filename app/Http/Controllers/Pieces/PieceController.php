<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pieces;

use App\Http\Controllers\Controller;
use App\Http\Controllers\Parts\ObjectController;
use App\Http\Requests\EditPiece;
use App\Http\Requests\NewPiece;
use App\Interchange\Answers\Answers;
use App\Interchange\Shelf\StudioKinds;
use App\Models\KeptMeshes;
use App\Models\Piece;
use App\View\Drawing\Gaze;
use App\View\Page\PieceForm;
use App\View\Page\PieceView;
use App\View\Page\Standing;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\View\View;

final class PieceController extends Controller
{
    public function index(Request $request, KeptMeshes $meshes, Answers $answers): View
    {
        [$words, $by] = [trim(self::said($request, 'q')), self::said($request, 'by') === 'title' ? 'title' : 'changed'];
        $pieces = $this->studio()->pieces()->withRecorded()
            ->when($words !== '', self::holding('title', $words))
            ->when($by === 'title', fn(Builder $some) => $some->orderBy('title'), fn(Builder $some) => $some->latest('updated_at'))
            ->withCount(['mixings as mixed' => fn(Builder $some) => $some->select(DB::raw('count(distinct pour_id)'))])
            ->latest('id')->paginate(25)->withQueryString();
        $meshes->load(array_merge(...array_map(fn(Piece $piece): array => KeptMeshes::namedIn($piece->document), $pieces->items())));

        return view('pieces.index', [
            'pieces'    => $pieces,
            'standings' => $pieces->mapWithKeys(fn(Piece $piece): array => [
                $piece->id => Standing::of($piece, $answers->kept($piece), (int) $piece->mixed, $this->studio()->units),
            ]),
            'vessels' => $this->studio()->vessels()->orderBy('name')->limit(200)->get(['id', 'name']),
            'system'  => $this->studio()->units,
            'resins'  => $this->studio()->resins(),
            'resin'   => $this->studio()->defaults['resin'] ?? 'deep',
            'q'       => $words,
            'by'      => $by,
        ]);
    }

    public function store(NewPiece $request): RedirectResponse
    {
        $piece = $this->studio()->pieces()->make(['vessel_id' => $request->vessel()?->id])->hold($request->document());
        $piece->save();

        return self::to($piece);
    }

    public function show(Request $request, Piece $piece, Answers $answers): View
    {
        $answer = $request->boolean('heat') ? $answers->find($piece, $this->member()) : $answers->kept($piece);

        return $this->whole(new PieceView($piece, $this->studio()->units, $answer, Gaze::of($request)));
    }

    /** @param array<array-key, mixed> $refused why some of what was typed is not kept */
    private function whole(PieceView $view, array $refused = []): View
    {
        [$studio, $piece] = [$this->studio(), $view->piece];

        return view('pieces.show', [
            'view'    => $view,
            'refused' => $refused,
            'form'    => new PieceForm($piece, $studio->units, self::opened(request())),
            'palette' => $studio->palette(),
            'resins'  => $studio->resins(),
            'recipes' => $studio->recipes()->orderBy('name')->limit(100)->get(['id', 'name']),
            'shelf'   => $studio->supplies()->orderBy('kind')->orderBy('name')->limit(200)->get(['id', 'kind', 'name']),
            'kinds'   => StudioKinds::of($studio)->offered(ObjectController::used(request())),
        ]);
    }

    /** @return list<int> numbers of objects of which all fields were opened */
    private static function opened(Request $request): array
    {
        $said = $request->input('open');

        return array_map(intval(...), array_values(array_filter(is_array($said) ? $said : [], is_numeric(...))));
    }

    public function update(EditPiece $request, Piece $piece, Answers $answers): RedirectResponse|Response
    {
        $request->applyTo($piece, $this->studio()->units);
        $left = ['X-Left' => json_encode($request->left(), JSON_THROW_ON_ERROR)];

        if (!$request->headers->has('HX-Request')) {
            return self::to($piece);
        }

        $view = new PieceView($piece, $this->studio()->units, $answers->kept($piece), Gaze::of($request));

        // A form that asks for other things now is shown as a whole.
        return $request->reshapes() ? response($this->whole($view, $request->stillRefused()))->withHeaders([
            'HX-Retarget' => '#piece', 'HX-Reselect' => '#piece',
        ] + $left) : response()->view('pieces.answer', [
            'view'    => $view,
            'alone'   => true,
            'saved'   => true,
            'refused' => $request->stillRefused(),
            'others'  => $request->others($piece, $this->studio()->units),
        ], headers: $left);
    }

    public function destroy(Piece $piece): RedirectResponse
    {
        $piece->delete();

        return redirect()->route('pieces.index')->with('deleted', ['id' => $piece->id, 'title' => $piece->title]);
    }
}
