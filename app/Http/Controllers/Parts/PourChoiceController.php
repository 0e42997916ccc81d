<?php

declare(strict_types=1);

namespace App\Http\Controllers\Parts;

use App\Http\Controllers\Controller;
use App\Http\Requests\Asked;
use App\Interchange\Answers\Answers;
use App\Interchange\Answers\GivenPours;
use App\Interchange\PlanFile\PourShaping;
use App\Models\Piece;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use Pensilis\PlanFile\Document;

/** Pours that a plan gives: those found are kept as they are, or let go of so that they are found again. */
final class PourChoiceController extends Controller
{
    /** Keeps the pours that were found as given ones, so that each can be coloured and moved by itself. */
    public function store(Piece $piece, Answers $answers): RedirectResponse
    {
        $answer = $answers->find($piece, $this->member());
        if ($answer === null || GivenPours::of($answer) === []) {
            return self::to($piece)->withErrors([
                'pours' => __($answer === null ? 'asked.pours.busy' : 'asked.pours.none'),
            ]);
        }
        $piece->change(
            fn(array $document): array => GivenPours::into($document, $answer),
            $piece->fingerprint(),
        );

        return self::to($piece)->with('said', __('said.pours-kept'));
    }

    /** Divides a given pour, joins it with the one above, exchanges it with a neighbour, or takes it out. */
    public function update(Request $request, Piece $piece, int $pour): RedirectResponse
    {
        $request->validate(['way' => ['required', Rule::in(PourShaping::WAYS)]], Words::asked('pour'));
        $way = Asked::oneOf(PourShaping::WAYS, self::said($request, 'way'));
        $piece->change(
            fn(array $document): array => PourShaping::shaped($document, $pour, $way),
            self::said($request, 'of'),
        );

        $selected = $pour + (['raise' => 1, 'lower' => -1, 'again' => 1, 'weaker' => 1][$way] ?? 0);

        return self::to($piece)->with('said', __("said.pour-{$way}", ['number' => $pour + 1]))
            ->with('selects', $way === 'remove' ? 'pours' : "pour-{$selected}");
    }

    /** Finds times anew for the pours as they are. */
    public function times(Request $request, Piece $piece, Answers $answers): RedirectResponse
    {
        $answer = $answers->timed($piece->plan(), $piece->record()->progress(), $this->member());
        $found = GivenPours::of($answer);
        if ($found === [] || count($found) !== count(Document::list($piece->document, '/pours'))) {
            return self::to($piece)->withErrors(['pours' => __($answer === null ? 'asked.pours.busy' : 'asked.pours.no-times')]);
        }
        $piece->change(fn(array $document): array => PourShaping::timed($document, $found), self::said($request, 'of'));

        return self::to($piece)->with('said', __('said.times-found'));
    }

    public function destroy(Request $request, Piece $piece): RedirectResponse
    {
        $piece->change(fn(array $document): array => Document::without($document, '/pours'), self::said($request, 'of'));

        return self::to($piece)->with('said', __('said.pours-found'));
    }
}
