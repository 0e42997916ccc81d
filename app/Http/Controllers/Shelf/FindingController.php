<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shelf;

use App\Http\Controllers\Controller;
use App\Http\Requests\NewFinding;
use App\Interchange\Shelf\StudioKinds;
use App\Models\Finding;
use App\Words\Words;
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
            throw ValidationException::withMessages(['heat' => (new Words($this->studio()->units))->refusal($refusal)]);
        } catch (PensilisException $refusal) {
            throw ValidationException::withMessages(['open' => (new Words($this->studio()->units))->refusal($refusal)]);
        }
        $finding->save();

        return redirect()->route('materials')->with('said', __('said.finding-kept', ['name' => $finding->name]));
    }

    public function destroy(Finding $finding): RedirectResponse
    {
        $finding->delete();

        return redirect()->route('materials')->with(
            'said',
            __('said.finding-gone', ['name' => $finding->name, 'day' => $finding->found_on->format('j M Y')]),
        );
    }
}
