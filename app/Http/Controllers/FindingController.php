<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\NewFinding;
use App\Interchange\StudioKinds;
use App\Models\Finding;
use Illuminate\Http\RedirectResponse;
use Illuminate\Validation\ValidationException;
use Pensilis\Exception\PensilisException;
use Pensilis\Exception\UnreadableQuantity;

/** Tests of one's own, written down and taken back. */
final class FindingController extends Controller
{
    public function store(NewFinding $request): RedirectResponse
    {
        try {
            $known = StudioKinds::of($this->studio());
            $finding = $this->studio()->findings()->make($request->finding($known));
            abort_unless(self::said($request, 'kind') === '' || isset($known->kinds[$finding->kind]), 404);
            // What cannot be is refused before it is kept: pores and skeleton must fit together.
            $known->with($finding);
        } catch (UnreadableQuantity $refusal) {
            throw ValidationException::withMessages(['heat' => $refusal->getMessage()]);
        } catch (PensilisException $refusal) {
            throw ValidationException::withMessages(['open' => $refusal->getMessage()]);
        }
        $finding->save();

        return redirect()->route('materials')->with('said', "Kept: {$finding->name} now goes by your own test.");
    }

    public function destroy(Finding $finding): RedirectResponse
    {
        $finding->delete();

        return redirect()->route('materials')->with('said', "Your test of {$finding->name} of {$finding->found_on->format('j M Y')} counts no more.");
    }
}
