<?php

declare(strict_types=1);

namespace App\Models;

use App\Interchange\PlanFile\Zoned;
use Illuminate\Support\Carbon;
use Illuminate\Support\Facades\DB;
use Pensilis\PlanFile\RecordReader;
use Pensilis\Record\EventKind;
use Pensilis\Scheduling\StudioClock;

/** The record of a piece as its plan file carries it: the same events, their times by the clock of the plan. */
final class RecordFile
{
    /** Local times of an event in a file; moments where it is kept. */
    private const MOMENTS = ['from', 'to'];

    /**
     * Takes over what a plan file says that happened.
     *
     * @param array<string, mixed> $document that was found to make sense, its times by its own clock
     */
    public static function read(Piece $piece, array $document): void
    {
        $document = Zoned::in($document, $piece->studio->zone);
        $events = is_array($document['record'] ?? null) && is_array($document['record']['events'] ?? null)
            ? array_values(array_filter($document['record']['events'], is_array(...))) : [];
        if ($events === []) {
            return;
        }
        [$plan, $ids] = [$piece->plan(), array_flip($piece->numbers())];
        DB::transaction(function () use ($piece, $events, $plan, $ids, $document): void {
            foreach (RecordReader::events($document, $plan) as $n => $happened) {
                $says = array_diff_key($events[$n], ['id' => 1, 'kind' => 1, 'at' => 1, 'noted_at' => 1]);
                foreach ($happened->span as $span) {
                    foreach (self::MOMENTS as $end => $key) {
                        $moment = $plan->studio->clock->at($span[$end])?->format(DATE_ATOM);
                        $says = [$key => $moment] + array_diff_key($says, ["{$key}_h" => 1]);
                    }
                }
                // An absence has no moment of its own: it is told when it is noted.
                $at = $happened->kind === EventKind::Away ? null : $plan->studio->clock->at($happened->at);
                $says = $at === null ? $says : array_diff_key($says, ['at_h' => 1]);
                $says = ($happened->pour === null ? [] : ['pour' => $ids[$happened->pour]]) + $says;
                Event::note($piece, $happened->kind, self::named($says), $at === null ? null : Carbon::instance($at), $happened->id);
            }
        });
    }

    /** @return list<array<string, mixed>> */
    public static function write(Piece $piece): array
    {
        $rows = $piece->events()->oldest('seq')->get()->all();
        $clock = $rows === [] ? StudioClock::unset() : $piece->plan()->studio->clock;
        $first = min([INF, ...array_map(fn(Event $one): int => $one->at->getTimestamp(), $rows)]);

        return array_map(fn(Event $one): array => self::event($one, $clock, $first), array_values($rows));
    }

    /**
     * @param float $first when the first of them happened, s: without a start hours are counted from then
     *
     * @return array<string, mixed>
     */
    private static function event(Event $event, StudioClock $clock, float $first): array
    {
        $said = ['id' => $event->id, 'kind' => $event->kind->value];
        if ($event->kind !== EventKind::Away) {
            $said += $clock->isSet() ? ['at' => $clock->iso($clock->hourAt($event->at))]
                : ['at_h' => $event->body['at_h'] ?? round(($event->at->getTimestamp() - $first) / 3600.0, 3)];
        }
        $said += $clock->isSet() ? ['noted_at' => $clock->iso($clock->hourAt($event->noted_at))] : [];
        $own = ['pour' => $event->pour, 'cup' => $event->cup === '' ? null : $event->cup, 'event' => $event->event];
        $body = $event->body;
        foreach (self::MOMENTS as $key) {
            $moment = $body[$key] ?? null;
            $body = is_string($moment) ? [$key => $clock->iso($clock->hourAt(Carbon::parse($moment)))] + $body : $body;
        }

        return $said + array_filter($own, fn(?string $one): bool => $one !== null) + self::named($body);
    }

    /**
     * @param array<array-key, mixed> $body
     *
     * @return array<string, mixed>
     */
    private static function named(array $body): array
    {
        $named = [];
        foreach ($body as $key => $value) {
            $named[(string) $key] = $value;
        }

        return $named;
    }
}
