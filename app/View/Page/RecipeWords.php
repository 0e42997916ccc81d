<?php

declare(strict_types=1);

namespace App\View\Page;

use App\Words\Words;
use Pensilis\Colour\Recipe;

/** What a mix is coloured with: "clear", or the names of its colours. */
final class RecipeWords
{
    public static function of(Recipe $recipe): string
    {
        return $recipe->isClear()
            ? Words::say('piece.colours.clear')
            : implode(' + ', array_map(fn(array $part): string => mb_strtolower($part[0]->name), $recipe->parts));
    }
}
