<?php

declare(strict_types=1);

namespace App\Http\Controllers\Pieces;

use App\Http\Controllers\Controller;
use App\Interchange\Answers\Answers;
use App\Interchange\Answers\Calendar;
use App\Models\Piece;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;

/** What a piece asks of its artist, for a calendar. */
final class CalendarController extends Controller
{
    public function show(Piece $piece, Answers $answers): Response|RedirectResponse
    {
        $answer = $answers->kept($piece) ?? $answers->find($piece, $this->member());
        if ($answer === null || !$answer->isFeasible() || !$answer->plan->studio->clock->isSet()) {
            return self::to($piece)->withErrors(['calendar' => __($answer === null ? 'asked.pours.busy' : 'asked.calendar.none')]);
        }
        $calendar = (new Calendar(new Words($this->studio()->units), now('UTC')->toImmutable()))->of($answer);

        return self::away($calendar, 'text/calendar; charset=utf-8', 'piece.ics');
    }
}
