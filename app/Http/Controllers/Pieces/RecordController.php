<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pieces;

use App\Http\Controllers\Controller;
use App\Http\Requests\NewEvent;
use App\Interchange\Answers\Answers;
use App\Interchange\Answers\GivenPours;
use App\Models\Event;
use App\Models\Mixing;
use App\Models\Piece;
use App\View\Page\PieceView;
use App\View\Page\RecordView;
use App\View\Page\SheetView;
use App\Words\Limits;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\ValidationException;
use Illuminate\View\View;
use Pensilis\Record\EventKind;

/** What happened to a piece: told, noted by hand, taken back. */
final class RecordController extends Controller
{
    public function show(Piece $piece, Answers $answers): View
    {
        return view('pieces.record', [
            'record' => new RecordView(new SheetView(new PieceView($piece, $this->studio()->units, $answers->kept($piece)))),
        ]);
    }

    public function store(NewEvent $request, Piece $piece, Answers $answers): RedirectResponse
    {
        $found = $answers->kept($piece);
        $layout = (new PieceView($piece, $this->studio()->units, $found))->layout;
        [$says, $at] = [$request->says($piece, $layout?->ids() ?? []), $request->moment($piece)];
        $pour = is_string($says['pour'] ?? null) ? $says['pour'] : '';
        $disorder = $piece->record()->disorder($request->kind(), $pour, $at, $piece->plan()->poured($layout?->asGiven() ?? []));
        if ($disorder !== null) {
            throw ValidationException::withMessages(['kind' => (new Words($this->studio()->units))->finding($disorder)]);
        }
        if ($pour !== '') {
            GivenPours::settle($piece, $found);
        }
        Event::note($piece, $request->kind(), $says, $at);
        $answers->afresh($piece, $this->member());

        return to_route('pieces.record', $piece)->with('said', __('said.noted'));
    }

    /** Takes back what was noted: at once by a press, later with a reason. */
    public function destroy(Request $request, Piece $piece, int $event, Answers $answers): RedirectResponse
    {
        $request->validate(['why' => 'nullable|string|max:' . Limits::LINE], Words::asked('event'));
        $found = $piece->events()->where('kind', '!=', EventKind::TakenBack)->where('seq', $event)->firstOrFail();
        if (RecordView::wantsReason($found) && trim(self::said($request, 'why')) === '') {
            throw ValidationException::withMessages(['why' => Words::asked('event')['why']]);
        }
        $counts = Event::query()->counting()->where('seq', $event)->exists();
        $why = trim(self::said($request, 'why'));
        $mix = $counts ? Mixing::query()->where('piece_id', $piece->id)->find($event) : null;
        if ($mix instanceof Mixing) {
            $mix->takeBack($why);
        } elseif ($counts) {
            Event::note($piece, EventKind::TakenBack, ['event' => $found->id] + ($why === '' ? [] : ['why' => $why]));
        }

        $answers->afresh($piece, $this->member());

        return to_route('pieces.record', $piece)->with('said', __($counts ? 'said.taken-back' : 'said.taken-back-already'));
    }
}
