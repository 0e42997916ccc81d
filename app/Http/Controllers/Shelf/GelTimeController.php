<?php

declare(strict_types=1);

namespace App\Http\Controllers\Shelf;

use App\Http\Controllers\Controller;
use App\Http\Requests\NoteGelTime;
use App\Interchange\Shelf\OwnGels;
use App\Models\Supply;
use App\Models\SupplyKind;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;

/** Gel times of own pours of a resin on the shelf. */
final class GelTimeController extends Controller
{
    public function store(NoteGelTime $request, Supply $supply): RedirectResponse
    {
        abort_unless($supply->kind === SupplyKind::Resin, 404);
        $seen = $request->seen($this->studio()->units);
        $fits = DB::transaction(function () use ($supply, $seen): bool {
            $gels = $supply->refresh()->gel_times;

            return count($gels) < OwnGels::MOST && $supply->update(['gel_times' => [...$gels, $seen]]);
        });
        $back = redirect()->route('supplies.implied', $supply);

        return $fits ? $back->with('said', __('said.gel-kept'))
            : $back->withErrors(['gelled' => __('asked.gel.most', ['most' => OwnGels::MOST])])->withInput();
    }

    /** By its id, so that pressed twice it takes no other away. */
    public function destroy(Request $request, Supply $supply): RedirectResponse
    {
        $id = self::said($request, 'id');
        DB::transaction(fn(): bool => $supply->refresh()->update([
            'gel_times' => array_values(array_filter($supply->gel_times, fn(array $one): bool => $one['id'] !== $id)),
        ]));

        return redirect()->route('supplies.implied', $supply)->with('said', __('said.gel-gone'));
    }
}
