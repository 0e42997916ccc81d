<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pours;

use App\Http\Controllers\Controller;
use App\Http\Requests\NewMixing;
use App\Interchange\Answers\Answers;
use App\Interchange\Answers\GivenPours;
use App\Models\KeptMeshes;
use App\Models\Mixing;
use App\Models\Piece;
use App\Models\Vessel;
use App\View\Page\PieceView;
use App\View\Page\PourView;
use App\View\Page\SharedMix;
use App\Words\Limits;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Pensilis\Record\EventKind;

/** One pour: what to measure, whether the cup is right, what was mixed, where the rest may go. */
final class PourController extends Controller
{
    public function show(Request $request, Piece $piece, int $pour, Answers $answers, KeptMeshes $meshes): View
    {
        $view = $this->pour($piece, $pour, $answers);
        $grams = ['nullable', 'numeric', Limits::DECIMAL, 'min:0.01', 'max:100000'];
        $request->validate(['a' => $grams, 'b' => $grams], Words::asked('cup'));
        $mixings = $piece->mixings()->where('pour_id', $view->pour->id)->latest('id')->limit(10)->get();
        $last = $mixings->first();
        $vessels = $last instanceof Mixing
            && $last->over_g > 0.0
            ? $this->studio()->vessels()->where('spare', true)->limit(50)->get()->keyBy('id')->all()
            : [];
        $meshes->load(array_merge(
            ...array_map(fn(Vessel $vessel): array => KeptMeshes::namedIn(['vessel' => $vessel->document]), array_values($vessels)),
        ));

        $other = $request->filled('with') ? $this->studio()->pieces()->find(self::said($request, 'with')) : null;
        $shared = $other instanceof Piece
            && $other->id !== $piece->id
            ? SharedMix::of(
                $view,
                new PieceView($other, $this->studio()->units, $answers->kept($other)),
                array_filter((array) $request->query('also', []), is_numeric(...)),
            )
            : null;

        return view('pours.show', [
            'view'    => $view,
            'studio'  => $this->studio(),
            'leftCup' => $view->windows() !== null && $view->cupGrams() > 0.0
                ? $answers->leftCup($piece, $view->pour->resin, 1e-3 * $view->cupGrams(), 3600.0 * $view->startHour())
                : null,
            'shared'   => $shared,
            'others'   => $this->studio()->pieces()->whereKeyNot($piece->id)->latest('updated_at')->limit(50)->get(['id', 'title']),
            'mixings'  => $mixings,
            'median'   => $this->studio()->cupLoss(),
            'judged'   => $request->filled('a') && $request->filled('b') ? $view->judge($request->float('a'), $request->float('b')) : null,
            'leftover' => $last instanceof Mixing
                ? $view->leftover($last->over_g, array_map(fn(Vessel $vessel) => $vessel->shape($meshes), $vessels), $vessels)
                : [],
        ]);
    }

    public function store(NewMixing $request, Piece $piece, int $pour, Answers $answers): RedirectResponse
    {
        $view = $this->pour($piece, $pour, $answers);
        $grams = $request->grams(1e-3 * $view->pour->resin->density, $view->pour->batch->mixed());
        // What is set in it is set once, however often it is mixed for.
        $sets = $piece->mixings()->where('pour_id', $view->pour->id)->exists() ? [] : $view->sets();
        $poured = $piece->plan()->poured($view->piece->layout?->asGiven() ?? []);
        $disorder = $piece->record()->disorder(EventKind::Mixed, $view->pour->id, plan: $poured);
        if ($disorder !== null) {
            throw ValidationException::withMessages(['mixed' => (new Words($this->studio()->units))->finding($disorder)]);
        }
        GivenPours::settle($piece, $answers->kept($piece));
        Mixing::keep($piece, $view->pour, $grams, $view->uses($grams['mixed_g']) + $sets);
        $answers->afresh($piece, $this->member());

        return redirect()->route('pours.show', [$piece, $pour])->with('said', __('said.mixed'));
    }

    private function pour(Piece $piece, int $index, Answers $answers): PourView
    {
        $view = new PieceView($piece, $this->studio()->units, $answers->kept($piece));
        $pour = $view->layout->pours[$index] ?? abort(404);

        return new PourView($view, $pour, $index, $answers->calibrated($pour->resin));
    }
}
