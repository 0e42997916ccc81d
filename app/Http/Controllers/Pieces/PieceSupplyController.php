<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pieces;

use App\Http\Controllers\Controller;
use App\Models\Piece;
use App\Models\Supply;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Pensilis\PlanFile\PlanRefused;

/** Takes something from the shelf for a piece: a resin, a colour, a sealer, what is measured with, consumables. */
final class PieceSupplyController extends Controller
{
    public function store(Request $request, Piece $piece): RedirectResponse
    {
        $supply = $this->studio()->supplies()->find($request->integer('supply'));
        if (!$supply instanceof Supply) {
            return self::to($piece)->withErrors(['supply' => __('asked.supply.gone')]);
        }
        try {
            $piece->change($supply->inPlan()->into(...));
        } catch (PlanRefused $refusal) {
            return self::to($piece)->withErrors([
                'supply' => __(
                    'asked.supply.misfit',
                    ['name' => $supply->name, 'why' => (new Words($this->studio()->units))->finding($refusal->problems[0])],
                ),
            ]);
        }

        return self::to($piece)->with('said', __('said.taken', ['name' => $supply->name]));
    }
}
