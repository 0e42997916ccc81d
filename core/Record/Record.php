<?php

declare(strict_types=1);

namespace Pensilis\Record;

use Pensilis\Finding\Finding;
use Pensilis\Plan\GivenPour;
use Pensilis\Plan\Plan;
use Pensilis\Quantity\Temperature;
use Pensilis\Thermal\Fit\Tack;
use Pensilis\Thermal\Room\Ambient;
use Pensilis\Thermal\Room\ChangedAmbient;

/**
 * All that happened to a piece, in the order in which it happened, then in that in which it came. It is only ever added to: what was a
 * mistake is taken back by a later event, and counts no more.
 */
final readonly class Record
{
    /** @param list<Event> $events that count */
    private function __construct(public array $events) {}

    /** @param list<Event> $events as they came */
    public static function of(array $events): self
    {
        $gone = [];
        foreach (array_reverse($events) as $event) {
            if ($event->kind === EventKind::TakenBack && !isset($gone[$event->id])) {
                $gone[$event->says['event'] ?? ''] = true;
            }
        }
        $count = array_values(array_filter(
            $events,
            fn(Event $one): bool => $one->kind !== EventKind::TakenBack && ($one->id === '' || !isset($gone[$one->id])),
        ));
        $order = array_map(fn(Event $one): float => $one->at, $count);
        asort($order);

        return new self(array_map(fn(int $n): Event => $count[$n], array_keys($order)));
    }

    /**
     * What makes no sense in it, each with its place.
     *
     * @return list<Finding>
     */
    public function disorders(Plan $plan, float $now): array
    {
        return (new Order(count($plan->pours), $now))->disorders($this->events);
    }

    /** What makes it impossible that something more happened, at its hour among all that did; null where nothing does. */
    public function disorderOf(Event $next, Plan $plan, float $now): ?Finding
    {
        $found = (new Order(count($plan->pours), $now))->disorders(self::of([...$this->events, $next])->events);

        return array_values(array_filter($found, fn(Finding $one): bool => $one->pointer === $next->pointer))[0] ?? null;
    }

    /** Hour of the plan at which the last of it happened; the first hour of the plan where that was before it, or nothing did. */
    public function last(): float
    {
        return max([0.0, ...array_map(fn(Event $one): float => $one->at, $this->events)]);
    }

    /** What comes of it, by a moment, h of the plan. */
    public function progress(Plan $plan, float $now): Progress
    {
        $ids = GivenPour::ids($plan->pours);
        $pours = array_map(fn(GivenPour $pour, string $id): PourProgress => new PourProgress($id, $pour->startHour), $plan->pours, $ids);
        [$seen, $away, $isOut] = [[], [], false];
        foreach ($this->events as $event) {
            $k = $event->pour;
            if ($k !== null && isset($pours[$k])) {
                $pours[$k] = $pours[$k]->after($event);
                array_push($seen, ...match ($event->kind) {
                    EventKind::Gelled => [new Seen($k, $event->at)],
                    EventKind::Tack   => [new Seen($k, $event->at, Tack::from($event->says['result'] ?? Tack::Wet->value))],
                    default           => [],
                });
            }
            array_push($away, ...$event->span);
            $isOut = $isOut || $event->kind === EventKind::Demolded;
        }

        return new Progress($now, array_values($pours), $this->room($plan->ambient), $seen, $away, $isOut);
    }

    /** The room as it was thought to be, from each measurement on as it was found. */
    private function room(Ambient $planned): Ambient
    {
        $found = [];
        foreach ($this->events as $event) {
            if ($event->kind === EventKind::Room && isset($event->figures['celsius'])) {
                $found[] = [3600.0 * $event->at, Temperature::celsius($event->figures['celsius'])->k()];
            }
        }

        return ChangedAmbient::since($planned, $found);
    }
}
