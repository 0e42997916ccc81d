<?php

declare(strict_types=1);

namespace App\Interchange\Answers;

use DateTimeImmutable;
use DateTimeZone;

/** A time zone as an iCalendar tells it (RFC 5545, section 3.6.5): each change of its clock from before the first event to the last. */
final class CalendarZone
{
    /** Before the first event, s: every zone that changes its clock has done so within it. */
    private const BEFORE = 400 * 86400;

    /** @return list<string> */
    public static function lines(string $zone, int $from, int $to): array
    {
        $changes = (new DateTimeZone($zone))->getTransitions($from - self::BEFORE, $to);
        $lines = ['BEGIN:VTIMEZONE', "TZID:{$zone}"];
        foreach ($changes === false ? [] : $changes as $n => $change) {
            $before = $changes[max(0, $n - 1)]['offset'];
            $kind = $change['isdst'] ? 'DAYLIGHT' : 'STANDARD';
            // The local time at which it comes is told by the clock as it was before (section 3.6.5, DTSTART).
            $at = (new DateTimeImmutable('@' . ($change['ts'] + $before)))->format('Ymd\THis');
            array_push($lines, "BEGIN:{$kind}", "DTSTART:{$at}", 'TZOFFSETFROM:' . self::offset($before));
            array_push($lines, 'TZOFFSETTO:' . self::offset($change['offset']), "TZNAME:{$change['abbr']}", "END:{$kind}");
        }

        return [...$lines, 'END:VTIMEZONE'];
    }

    /** Hours and minutes; seconds only where there are any (section 3.3.14). */
    private static function offset(int $seconds): string
    {
        [$hours, $rest] = [intdiv(abs($seconds), 3600), abs($seconds) % 3600];
        $said = sprintf('%s%02d%02d', $seconds < 0 ? '-' : '+', $hours, intdiv($rest, 60));

        return $rest % 60 === 0 ? $said : $said . sprintf('%02d', $rest % 60);
    }
}
