<?php

declare(strict_types=1);

namespace App\Http\Controllers\Parts;

use App\Http\Controllers\Controller;
use App\Http\Requests\EditObjects;
use App\Http\Requests\RepeatObject;
use App\Interchange\PlanFile\Starters;
use App\Interchange\Shelf\StudioKinds;
use App\Models\Piece;
use App\View\Page\PieceForm;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Illuminate\View\View;
use Pensilis\PlanFile\Document;

/** Objects of a piece: one more, one less. */
final class ObjectController extends Controller
{
    private const MOST = 500;

    /** Kinds that are offered first because they were used last. */
    private const REMEMBERED = 5;

    public function store(Request $request, Piece $piece): RedirectResponse
    {
        $known = StudioKinds::of($this->studio())->kinds;
        $request->validate(['kind' => ['required', Rule::in(array_keys($known))]], Words::asked('object'));
        $kind = $known[$request->string('kind')->toString()];
        $count = 0;
        $piece->change(function (array $document) use ($piece, $kind, &$count): array {
            $count = count(Document::list($document, '/inclusions'));

            return $count < self::MOST ? Starters::withObject($document, $kind, $piece->meshes()) : $document;
        });
        $request->session()->put('kinds', array_slice(array_unique([$kind->key, ...self::used($request)]), 0, self::REMEMBERED));

        return $count < self::MOST
            ? self::to($piece)->with('selects', "object-{$count}")
            : back()->withErrors(['kind' => __('asked.object.most', ['most' => self::MOST])]);
    }

    /** The fields that say what one is, where there are too many for all of theirs to stand on one page. */
    public function show(Piece $piece, string $object): View
    {
        abort_if(Document::value($piece->document, "/inclusions/{$object}") === null, 404);

        return view('pieces.nature', ['form' => new PieceForm($piece, $this->studio()->units), 'i' => (int) $object]);
    }

    /** @return list<string> keys of the kinds used last, the latest first */
    public static function used(Request $request): array
    {
        $used = $request->session()->get('kinds');

        return array_values(array_filter(is_array($used) ? $used : [], is_string(...)));
    }

    /** Lays it in a ring or a row, as often as it is asked for. */
    public function repeat(RepeatObject $request, Piece $piece): RedirectResponse
    {
        $request->applyTo($piece, $this->studio()->units);

        return self::to($piece);
    }

    /** Several of them at once: put in line or round, given what was typed for all, or taken out. */
    public function update(EditObjects $request, Piece $piece): RedirectResponse
    {
        $count = $request->applyTo($piece, $this->studio()->units);

        return self::to($piece)->with([
            'said'    => trans_choice('said.objects-' . ($request->removes() ? 'gone' : 'changed'), $count, ['count' => $count]),
            'selects' => $request->removes() ? 'objects' : 'together',
        ]);
    }

    /** By its name, so that pressed twice, or on an older page, it takes no other away. */
    public function destroy(Request $request, Piece $piece): RedirectResponse
    {
        $id = self::said($request, 'object');
        $gone = false;
        $piece->change(function (array $document) use ($id, &$gone): array {
            $left = Document::others($document, '/inclusions', $id);
            $gone = count($left) < count(Document::list($document, '/inclusions'));

            return $gone ? ['inclusions' => $left] + $document : $document;
        });
        $back = self::to($piece);

        return $gone ? $back : $back->with('said', __('said.gone-already', ['name' => $id]));
    }
}
