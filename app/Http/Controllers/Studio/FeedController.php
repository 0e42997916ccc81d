<?php

declare(strict_types=1);

namespace App\Http\Controllers\Studio;

use App\Http\Controllers\Controller;
use App\Interchange\Answers\Answers;
use App\Interchange\Answers\Calendar;
use App\Interchange\Answers\CalendarEvent;
use App\Models\User;
use App\View\Page\StudioDay;
use App\View\Page\TodayPiece;
use App\Words\Words;
use Illuminate\Http\RedirectResponse;
use Illuminate\Http\Response;
use Illuminate\Support\Str;
use Pensilis\Answer\Errand;

/**
 * A private address at which a calendar reads what all pieces ask of hands. Who has it reads it without signing in; it is told once, only
 * its hash is kept, and a new one or none ends it.
 */
final class FeedController extends Controller
{
    private const LETTERS = 40;

    /** For which what is not known is computed; what comes out is kept for who asks again. */
    private const SECONDS = 20.0;

    /** s until a calendar may ask again */
    private const RETRY = 60;

    /** As long as not all is known it answers nothing: a calendar drops what is missing from an answer. What makes no plan asks nothing. */
    public function show(string $feed, Answers $answers): Response
    {
        $member = User::query()->with('studio')->where('feed_hash', hash('sha256', $feed))->firstOrFail();
        $pieces = (new StudioDay($member->studio, $answers))->pieces($member, self::SECONDS);
        if (array_filter($pieces, fn(TodayPiece $one): bool => $one->isUnplanned()) !== []) {
            return response('', Response::HTTP_SERVICE_UNAVAILABLE, ['Retry-After' => (string) self::RETRY]);
        }
        $events = array_merge(...array_map(self::events(...), $pieces));
        $calendar = (new Calendar(new Words($member->studio->units), now('UTC')->toImmutable()))->write($member->studio->name, $events);

        return self::away($calendar, 'text/calendar; charset=utf-8', 'studio.ics');
    }

    public function store(): RedirectResponse
    {
        $feed = Str::random(self::LETTERS);
        $this->member()->forceFill(['feed_hash' => hash('sha256', $feed)])->save();

        return to_route('studio')->with('feed', route('feed', $feed));
    }

    public function destroy(): RedirectResponse
    {
        $this->member()->forceFill(['feed_hash' => null])->save();

        return to_route('studio')->with('said', __('said.feed-ended'));
    }

    /** @return list<CalendarEvent> */
    private static function events(TodayPiece $piece): array
    {
        if ($piece->errands === []) {
            return [];
        }
        $says = $piece->calendar();

        return array_map(fn(Errand $errand): CalendarEvent => new CalendarEvent(
            "{$piece->piece->id} {$errand->task->id}",
            $piece->clock(),
            $errand->start,
            $errand->start + $errand->hours,
            $says->summary($piece->piece->title, $errand->task),
            $errand->task->kind->value,
            $says->description($errand->task, 60.0 * $errand->hours, $piece->mix($errand), $errand->closes),
            $errand->closes,
            $says->alarm($errand->closes),
            route('pieces.show', $piece->piece),
        ), $piece->errands);
    }
}
