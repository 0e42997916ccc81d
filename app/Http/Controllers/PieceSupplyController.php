<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Interchange\PlanFile;
use App\Models\Piece;
use App\Models\Supply;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Pensilis\Exception\PlanRefused;

/** Takes something from the shelf for a piece: a resin, a colour, a sealer, what is measured with, consumables. */
final class PieceSupplyController extends Controller
{
    public function store(Request $request, Piece $piece): RedirectResponse
    {
        $supply = $this->studio()->supplies()->find($request->integer('supply'));
        if (!$supply instanceof Supply) {
            return redirect()->route('pieces.show', $piece)->withErrors(['supply' => 'That is not on the shelf any more; choose another.']);
        }
        try {
            $piece->change(PlanFile::read(PlanFile::write($supply->putInto($piece->document)), $piece->meshes()));
        } catch (PlanRefused $refusal) {
            return redirect()->route('pieces.show', $piece)->withErrors(['supply' => "“{$supply->name}” does not fit this piece: {$refusal->problems[0]->message}"]);
        }

        return redirect()->route('pieces.show', $piece)->with('said', "Taken from the shelf: {$supply->name}.");
    }
}
