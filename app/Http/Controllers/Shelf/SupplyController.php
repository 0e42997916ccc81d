<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shelf;

use App\Http\Controllers\Controller;
use App\Http\Requests\EditSupply;
use App\Interchange\Shelf\SupplyFields;
use App\Models\Supply;
use App\Models\SupplyKind;
use App\View\Page\SupplyView;
use App\Words\Words;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use Illuminate\View\View;

/** The shelf beside the vessels: resins, colours, sealers, devices, consumables. */
final class SupplyController extends Controller
{
    public function index(Request $request, SupplyKind $kind): View
    {
        [$words, $only] = [trim(self::said($request, 'q')), self::said($request, 'only')];
        $supplies = $this->studio()->supplies()->where('kind', $kind)
            ->when($words !== '', self::holding("name || ' ' || lot", $words))
            ->when($only === 'low', fn(Builder $some) => $some->whereRaw('stock <= ifnull(low, 0)'))
            ->when($only === 'past', fn(Builder $some) => $some->whereRaw(
                'date(bought_on, \'+\' || keeps_months || \' months\') < ?',
                [$this->studio()->now()->format('Y-m-d')],
            ))
            ->orderBy('name')->orderBy('id')->paginate(25)->withQueryString();

        return view('shelf.supplies', [
            'kind'       => $kind,
            'now'        => $this->studio()->now(),
            'q'          => $words,
            'only'       => $only,
            'supplies'   => $supplies,
            'beginnings' => SupplyFields::beginnings($kind),
            'recipes'    => $kind === SupplyKind::Colour ? $this->studio()->recipes()->orderBy('name')->limit(100)->get() : collect(),
        ]);
    }

    /** Puts one more on the shelf, and opens it to be filled in. */
    public function store(Request $request, SupplyKind $kind): RedirectResponse
    {
        $beginnings = SupplyFields::beginnings($kind);
        $request->validate(['like' => ['required', 'string', Rule::in(array_keys($beginnings))]], Words::asked('supply'));
        if ($this->studio()->supplies()->count() >= Supply::MOST) {
            return redirect()->route('supplies', $kind)->withErrors(['like' => __('asked.supply.most', ['most' => Supply::MOST])]);
        }
        [$name, $document] = $beginnings[$request->string('like')->toString()];
        $supply = $this->studio()->supplies()->create(['kind' => $kind, 'name' => $name, 'document' => $document]);

        return redirect()->route('supplies.edit', $supply);
    }

    public function edit(Supply $supply): View
    {
        return view('shelf.supply', [
            'view' => new SupplyView($supply, $this->studio()->units, $this->studio()->cameOut($supply->name)),
        ]);
    }

    public function update(EditSupply $request, Supply $supply): RedirectResponse
    {
        $fields = SupplyFields::of($supply->document, $supply->kind);
        DB::transaction(fn(): bool => $supply->refresh()->update($request->attributesFor($supply, $this->studio()->units)));
        $other = array_column(SupplyFields::of($supply->document, $supply->kind), 'pointer') !== array_column($fields, 'pointer');

        return redirect()->route($other ? 'supplies.edit' : 'supplies', $other ? $supply : $supply->kind)
            ->with('said', __('said.supply-kept', ['name' => $supply->name]));
    }

    public function destroy(Supply $supply): RedirectResponse
    {
        $supply->delete();

        return redirect()->route('supplies', $supply->kind)->with('gone', ['id' => $supply->id, 'name' => $supply->name]);
    }

    public function restore(Supply $goneSupply): RedirectResponse
    {
        $goneSupply->restore();

        return redirect()->route('supplies', $goneSupply->kind)->with('said', __('said.back', ['name' => $goneSupply->name]));
    }
}
