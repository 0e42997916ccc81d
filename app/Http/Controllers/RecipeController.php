<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Interchange\CoatRecipe;
use App\Interchange\PlanFile;
use App\Models\Piece;
use App\Models\Recipe;
use App\Models\SupplyKind;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Pensilis\Exception\PlanRefused;

/** Recipes of coats: kept for the next piece, carried from coat to coat. */
final class RecipeController extends Controller
{
    private const MOST = 500;

    public function store(Request $request, Piece $piece, int $pour): RedirectResponse
    {
        $request->validate(['name' => ['required', 'string', 'max:120']], ['name.*' => 'Give the recipe a name of at most 120 characters.']);
        $recipe = CoatRecipe::of($piece->document, $pour);
        abort_if($recipe === null, 404);
        if ($this->studio()->recipes()->count() >= self::MOST) {
            return redirect()->route('supplies', SupplyKind::Colour)->withErrors(['name' => 'The shelf holds 500 recipes at most; take one out.']);
        }
        $this->studio()->recipes()->create(['name' => $request->string('name')->trim()->toString(), 'document' => $recipe]);

        return redirect()->to(route('pieces.show', $piece, false) . "#coat-{$pour}")->with('said', 'The recipe is kept.');
    }

    /** Gives a pour the colours and regions of another pour, or of a recipe that was kept. */
    public function update(Request $request, Piece $piece, int $pour): RedirectResponse
    {
        abort_if(CoatRecipe::of($piece->document, $pour) === null, 404);
        $from = self::said($request, 'from');
        $recipe = preg_match('/^pour-(\d{1,2})$/', $from, $match) === 1
            ? CoatRecipe::of($piece->document, (int) $match[1])
            : (ctype_digit($from) ? $this->studio()->recipes()->find((int) $from)?->document : null);
        $back = redirect()->to(route('pieces.show', $piece, false) . "#coat-{$pour}");
        if ($recipe === null) {
            return $back->withErrors(['from' => 'That recipe is not there any more; choose another.']);
        }
        try {
            $piece->change(PlanFile::read(PlanFile::write(CoatRecipe::put($piece->document, $pour, $recipe)), $piece->meshes()));
        } catch (PlanRefused $refusal) {
            return $back->withErrors(['from' => 'That recipe does not fit this piece: ' . $refusal->problems[0]->message]);
        }

        return $back->with('said', 'Pour ' . ($pour + 1) . ' has those colours now.');
    }

    public function destroy(Recipe $recipe): RedirectResponse
    {
        $recipe->delete();

        return redirect()->route('supplies', SupplyKind::Colour)->with('said', "The recipe “{$recipe->name}” is taken out.");
    }
}
