<?php

declare(strict_types=1);

namespace App\Http\Controllers\Parts;

use App\Http\Controllers\Controller;
use App\Http\Requests\NewRegion;
use App\Interchange\Form\CoatPart;
use App\Interchange\Form\RegionShaping;
use App\Models\Piece;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Pensilis\PlanFile\Document;

/** Regions of given pours: more of them, coloured, one less. A region is its number, so each press says which state it saw. */
final class RegionController extends Controller
{
    public function store(NewRegion $request, Piece $piece): RedirectResponse
    {
        return $this->shown($piece, $request->applyTo($piece));
    }

    /** One colour for a region, or for the ground of a pour. */
    public function update(Request $request, Piece $piece): RedirectResponse
    {
        $palette = $this->studio()->palette();
        /** @var array<array-key, array<string, mixed>> $own */
        $own = array_column(Document::list($piece->document, '/colours'), null, 'id');
        $request->validate([
            'part'   => ['required', 'regex:' . CoatPart::NAMES],
            'colour' => ['nullable', 'string', Rule::in([...array_keys($own), ...array_keys($palette)])],
        ], Words::asked('colour'));
        $key = self::said($request, 'colour');
        [$part, $before] = [self::part($request), $piece->document];
        $piece->change(
            fn(array $document): array => RegionShaping::coloured($document, $part, $own[$key] ?? $palette[$key] ?? null),
            self::said($request, 'of'),
        );

        return $this->shown($piece, $part->next($before, $piece->document));
    }

    public function destroy(Request $request, Piece $piece): RedirectResponse
    {
        $request->validate(['part' => ['required', 'regex:' . CoatPart::NAMES]], Words::asked('colour'));
        $part = self::part($request);
        $piece->change(
            fn(array $document): array => $part->zone === null ? $document : Document::without($document, $part->pointer()),
            self::said($request, 'of'),
        );

        return $this->shown($piece, $part->ground());
    }

    private static function part(Request $request): CoatPart
    {
        return CoatPart::named(self::said($request, 'part')) ?? new CoatPart(0);
    }

    private function shown(Piece $piece, CoatPart $part): RedirectResponse
    {
        request()->merge(['coat' => $part->pour]);

        return self::to($piece)->with('selects', $part->isIn($piece->document) ? $part->name() : $part->ground()->name());
    }
}
