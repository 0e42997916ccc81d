<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shelf;

use App\Http\Controllers\Controller;
use App\Interchange\Answers\Answers;
use App\Interchange\Shelf\OwnGels;
use App\Models\Supply;
use App\Models\SupplyKind;
use Illuminate\Http\RedirectResponse;

/** Takes what own gel times say of a resin into what pieces are given of it from now on, or goes back to its sheet. */
final class FitController extends Controller
{
    public function store(Supply $supply, Answers $answers): RedirectResponse
    {
        abort_unless($supply->kind === SupplyKind::Resin, 404);
        $fit = $answers->fit(OwnGels::sheet($supply), OwnGels::observed($supply), $this->member());
        $back = redirect()->route('supplies.implied', $supply);
        if ($fit === null) {
            return $back->withErrors(['gelled' => __('asked.gel.none')]);
        }
        $supply->fitted()->take(OwnGels::write($fit->law));

        return $back->with('said', __('said.fit-taken'));
    }

    public function destroy(Supply $supply): RedirectResponse
    {
        abort_unless($supply->kind === SupplyKind::Resin, 404);
        $supply->fitted()->leave();

        return redirect()->route('supplies.implied', $supply)->with('said', __('said.fit-left'));
    }
}
