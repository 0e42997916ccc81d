<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pours;

use App\Http\Controllers\Controller;
use App\Http\Seen;
use App\Interchange\Answers\Answers;
use App\Models\Mixing;
use App\Models\Piece;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;

/** A mix that was written down: what came of it, or that it was a mistake. */
final class MixingController extends Controller
{
    /** What came of it. */
    public function update(Request $request, int $mixing): RedirectResponse
    {
        $request->validate([
            'bubbles' => ['nullable', Rule::in(Mixing::BUBBLES)], 'clarity' => ['nullable', Rule::in(Mixing::CLARITY)],
        ], Words::asked('came-out'));
        $found = $this->studio()->mixings()->findOrFail($mixing);
        $seen = Seen::by($request);
        DB::transaction(function () use ($request, $found, $seen): void {
            $changed = $seen->agreed(
                ['bubbles' => self::said($request, 'bubbles'), 'clarity' => self::said($request, 'clarity')],
                $found->refresh()->cameOut(),
                fn(string $what, string $now): string => Words::say('asked.came-out.disputed', [
                    'now' => Words::say($now === '' ? 'pour.came-out.unsaid' : "pour.came-out.{$what}-of.{$now}"),
                ]),
            );
            $found->judge(array_replace($found->cameOut(), $changed));
        });

        return self::pour($found)->with('said', __('said.came-out'));
    }

    public function destroy(int $mixing, Answers $answers): RedirectResponse
    {
        $taken = DB::transaction(function () use ($mixing): ?Mixing {
            $found = $this->studio()->mixings()->find($mixing);
            if ($found instanceof Mixing) {
                $found->takeBack();

                return $found;
            }

            return null;
        });

        $piece = $taken === null ? null : $this->studio()->pieces()->find($taken->piece_id);
        if ($piece instanceof Piece) {
            $answers->afresh($piece, $this->member());
        }

        return $taken === null
            ? back(fallback: route('pieces.index', absolute: false))->with('said', __('said.unmixed-already'))
            : self::pour($taken)->with('said', __('said.unmixed'));
    }

    /** To where its pour is now. */
    private static function pour(Mixing $mixing): RedirectResponse
    {
        $pour = $mixing->pour();

        return $pour === null ? redirect()->route('pieces.show', $mixing->piece_id)
            : redirect()->route('pours.show', [$mixing->piece_id, $pour]);
    }
}
