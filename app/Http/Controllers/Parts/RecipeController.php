<?php

declare(strict_types=1);

namespace App\Http\Controllers\Parts;

use App\Http\Controllers\Controller;
use App\Interchange\PlanFile\CoatRecipe;
use App\Models\Piece;
use App\Models\Recipe;
use App\Models\SupplyKind;
use App\Words\Limits;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Pensilis\PlanFile\PlanRefused;

/** Recipes of coats: kept for the next piece, carried from coat to coat. */
final class RecipeController extends Controller
{
    private const MOST = 500;

    public function store(Request $request, Piece $piece, int $pour): RedirectResponse
    {
        $request->validate(['name' => ['required', 'string', 'max:' . Limits::NAME]], Words::asked('recipe'));
        $recipe = CoatRecipe::of($piece->document, $pour);
        abort_if($recipe === null, 404);
        if ($this->studio()->recipes()->count() >= self::MOST) {
            return redirect()->route('supplies', SupplyKind::Colour)->withErrors([
                'name' => __('asked.recipe.most', ['most' => self::MOST]),
            ]);
        }
        $this->studio()->recipes()->create(['name' => $request->string('name')->trim()->toString(), 'document' => $recipe]);

        return self::to($piece)->with('said', __('said.recipe-kept'));
    }

    /** Gives a pour the colours and regions of another pour, or of a recipe that was kept. */
    public function update(Request $request, Piece $piece, int $pour): RedirectResponse
    {
        abort_if(CoatRecipe::of($piece->document, $pour) === null, 404);
        $from = self::said($request, 'recipe');
        $recipe = preg_match('/^pour-(\d{1,2})$/', $from, $match) === 1
            ? CoatRecipe::of($piece->document, (int) $match[1])
            : (ctype_digit($from) ? $this->studio()->recipes()->find((int) $from)?->document : null);
        $back = self::to($piece);
        if ($recipe === null) {
            return $back->withErrors(['recipe' => __('asked.recipe.gone')]);
        }
        try {
            $piece->change(fn(array $document): array => CoatRecipe::put($document, $pour, $recipe), self::said($request, 'of'));
        } catch (PlanRefused $refusal) {
            return $back->withErrors([
                'recipe' => __('asked.recipe.misfit', ['why' => (new Words($this->studio()->units))->finding($refusal->problems[0])]),
            ]);
        }

        return $back->with('said', __('said.recipe-taken', ['pour' => $pour + 1]));
    }

    public function destroy(Recipe $recipe): RedirectResponse
    {
        $recipe->delete();

        return redirect()->route('supplies', SupplyKind::Colour)->with('said', __('said.recipe-gone', ['name' => $recipe->name]));
    }
}
