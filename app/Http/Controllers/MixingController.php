<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Mixing;
use Illuminate\Http\RedirectResponse;
use Illuminate\Support\Facades\DB;

/** A mix that was written down by mistake. */
final class MixingController extends Controller
{
    public function destroy(int $mixing): RedirectResponse
    {
        $taken = DB::transaction(function () use ($mixing): ?Mixing {
            $found = $this->studio()->mixings()->find($mixing);
            if ($found instanceof Mixing) {
                $found->takeBack();

                return $found;
            }

            return null;
        });

        return $taken === null
            ? back(fallback: route('pieces.index', absolute: false))->with('said', __('said.unmixed-already'))
            : redirect()->route('pours.show', [$taken->piece_id, $taken->pour])->with('said', __('said.unmixed'));
    }
}
