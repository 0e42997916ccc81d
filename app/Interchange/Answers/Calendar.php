<?php

declare(strict_types=1);

namespace App\Interchange\Answers;

use App\Words\Words;
use DateTimeImmutable;
use Pensilis\Answer\PlanAnswer;

/**
 * What a plan, or a day of several, asks of its artist, as an iCalendar (RFC 5545): an event for each thing that hands do.
 *
 * Times are local ones without a zone ("floating", section 3.3.5, form 1), as those of a plan are: an evening at the bench stays that
 * evening when the clock is changed. Names of events follow from the plan or the piece alone, so that a calendar that is read again
 * changes its events rather than adding others.
 */
final readonly class Calendar
{
    /** Octets of a line, without its end (section 3.1). */
    private const LINE = 75;

    private const LAST_YEAR = 9999;

    public function __construct(private Words $words, private DateTimeImmutable $stamp) {}

    public function of(PlanAnswer $answer): string
    {
        [$plan, $clock] = [$answer->plan, $answer->plan->studio->clock];
        $events = [];
        foreach ($answer->tasks as $n => $task) {
            if ($task->kind->isWork()) {
                $events[] = new CalendarEvent(
                    "{$plan->title} {$clock->iso(0.0)} {$n} {$task->kind->value}",
                    $clock->at($task->start),
                    $clock->at($task->end),
                    "{$plan->title}: {$this->words->fact($task->what)}",
                    $task->kind->value,
                );
            }
        }

        return $this->write($plan->title, $events);
    }

    /** @param list<CalendarEvent> $events */
    public function write(string $name, array $events): string
    {
        $lines = ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Pensilis//Plan//EN', 'X-WR-CALNAME:' . self::text($name)];
        foreach ($events as $event) {
            array_push($lines, ...$this->event($event));
        }

        return implode("\r\n", array_map(self::folded(...), [...$lines, 'END:VCALENDAR'])) . "\r\n";
    }

    /** @return list<string> none where it has no time, or one for which RFC 5545 has no digits */
    private function event(CalendarEvent $event): array
    {
        $least = $event->start?->modify('+1 minute');

        return $event->start === null || $event->end === null || $event->end->format('Y') > self::LAST_YEAR ? [] : [
            'BEGIN:VEVENT', 'UID:' . hash('xxh64', $event->key) . '@pensilis.invalid', 'DTSTAMP:' . $this->stamp->format('Ymd\THis\Z'),
            'DTSTART:' . $event->start->format('Ymd\THis'), 'DTEND:' . max($event->end, $least)->format('Ymd\THis'),
            'SUMMARY:' . self::text($event->says), 'CATEGORIES:' . mb_strtoupper($event->kind), 'END:VEVENT',
        ];
    }

    /** A text as section 3.3.11 has it; what no line may hold is left out. */
    private static function text(string $said): string
    {
        $said = (string) preg_replace('/[\x00-\x09\x0b-\x1f\x7f]/', '', $said);

        return strtr($said, ['\\' => '\\\\', ';' => '\;', ',' => '\,', "\n" => '\n']);
    }

    /** A long line goes on in the next one, after a space; no character is cut. */
    private static function folded(string $line): string
    {
        [$parts, $part] = [[], ''];
        foreach (mb_str_split($line) as $character) {
            if (strlen($part) + strlen($character) > self::LINE - ($parts === [] ? 0 : 1)) {
                $parts[] = $part;
                $part = '';
            }
            $part .= $character;
        }

        return implode("\r\n ", [...$parts, $part]);
    }
}
