<?php

declare(strict_types=1);

namespace App\Interchange\Answers;

use App\Words\Figures;
use App\Words\Words;
use DateTimeImmutable;
use Pensilis\Answer\Agenda;
use Pensilis\Answer\PlanAnswer;
use Pensilis\Quantity\UnitSystem;

/**
 * What a plan, or a day of several, asks of its artist, as an iCalendar (RFC 5545): an event for each thing that hands do.
 *
 * Times of a plan without a zone have none either ("floating", section 3.3.5, form 1). Those of one with a zone carry it (form 3), and all
 * changes of its clock between the first event and the last are told as section 3.6.5 has it. Names of events follow from the plan or the
 * piece alone, so that a calendar that is read again changes its events rather than adding others.
 */
final readonly class Calendar
{
    /** Octets of a line, without its end (section 3.1). */
    private const LINE = 75;

    public function __construct(private Words $words, private DateTimeImmutable $stamp) {}

    public function of(PlanAnswer $answer): string
    {
        [$plan, $clock] = [$answer->plan, $answer->plan->studio->clock];
        $says = new CalendarWords($this->words, new Figures(UnitSystem::Metric, $clock), $plan->studio->hours);
        $mixes = $answer->mixes();
        [$events, $closes] = [[], Agenda::of($answer)->closes()];
        foreach ($answer->tasks as $task) {
            if ($task->kind->isWork()) {
                $last = $closes[$task->id] ?? INF;
                $events[] = new CalendarEvent(
                    "{$plan->title} {$clock->iso(0.0)} {$task->id}",
                    $clock,
                    $task->start,
                    $task->end,
                    $says->summary($plan->title, $task),
                    $task->kind->value,
                    $says->description($task, $task->minutes(), $task->pour === null ? null : $mixes[$task->pour] ?? null, $last),
                    $last,
                    $says->alarm($last),
                );
            }
        }

        return $this->write($plan->title, $events);
    }

    /** @param list<CalendarEvent> $events of which those without a time are left out */
    public function write(string $name, array $events): string
    {
        $lines = ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//Pensilis//Plan//EN', 'X-WR-CALNAME:' . self::text($name)];
        $events = array_filter($events, fn(CalendarEvent $one): bool => $one->hasTime());
        array_push($lines, ...self::zones($events), ...array_merge(...array_map($this->event(...), array_values($events))));

        return implode("\r\n", array_map(self::folded(...), [...$lines, 'END:VCALENDAR'])) . "\r\n";
    }

    /**
     * @param array<CalendarEvent> $events
     *
     * @return list<string> the time zones that they are in
     */
    private static function zones(array $events): array
    {
        $spans = [];
        foreach ($events as $event) {
            [$start, $end] = $event->span();
            $spans[$event->zone()] = [
                min($spans[$event->zone()][0] ?? PHP_INT_MAX, $start->getTimestamp()),
                max($spans[$event->zone()][1] ?? PHP_INT_MIN, $end->getTimestamp()),
            ];
        }
        $lines = [];
        foreach (array_diff_key($spans, ['' => 1]) as $zone => [$from, $to]) {
            array_push($lines, ...CalendarZone::lines($zone, $from, $to));
        }

        return $lines;
    }

    /** @return list<string> */
    private function event(CalendarEvent $event): array
    {
        return [
            'BEGIN:VEVENT', 'UID:' . hash('xxh64', $event->key) . '@pensilis.invalid', 'DTSTAMP:' . $this->stamp->format('Ymd\THis\Z'),
            ...$event->lines(), 'SUMMARY:' . self::text($event->says), 'CATEGORIES:' . mb_strtoupper($event->kind),
            ...($event->more === '' ? [] : ['DESCRIPTION:' . self::text($event->more)]),
            ...($event->at === '' ? [] : ["URL:{$event->at}"]),
            ...self::alarm($event),
            'END:VEVENT',
        ];
    }

    /** @return list<string> one before its window closes (section 3.6.6) */
    private static function alarm(CalendarEvent $event): array
    {
        return $event->trigger() === '' ? [] : [
            'BEGIN:VALARM', 'ACTION:DISPLAY', "TRIGGER:{$event->trigger()}", 'DESCRIPTION:' . self::text($event->alarm), 'END:VALARM',
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
