<?php

declare(strict_types=1);

namespace Pensilis\Record;

use Pensilis\Finding\Code;
use Pensilis\Finding\Finding;
use Pensilis\Quantity\Number;

/**
 * Whether what happened can have happened in that order: nothing that is still to come, nothing to a pour that was not poured, no upper one
 * before the lower, none begun twice, none away that ends before it begins. What was noted when it happened made sense by the plan as it
 * was; pours may have been divided, exchanged or taken out since.
 */
final readonly class Order
{
    /** An hour that is later by less is now. */
    private const SAME = 1e-6;

    /**
     * @param int   $pours how many there are
     * @param float $now   h of the plan
     */
    public function __construct(private int $pours, private float $now) {}

    /**
     * @param list<Event> $events in their order
     *
     * @return list<Finding>
     */
    public function disorders(array $events): array
    {
        [$found, $begun, $poured] = [[], [], []];
        foreach ($events as $event) {
            $wrong = $this->timing($event) ?? ($event->isNoted ? null : $this->place($event, $begun, $poured));
            $found = $wrong === null ? $found : [...$found, $wrong];
            if ($event->pour !== null && $event->kind->begins()) {
                $begun[$event->pour] = true;
            }
            if ($event->pour !== null && $event->kind === EventKind::Poured) {
                $poured[$event->pour][$event->cup] = true;
            }
        }

        return $found;
    }

    private function timing(Event $event): ?Finding
    {
        foreach ($event->span as [$from, $to]) {
            if ($to <= $from) {
                return Finding::of(Code::EventEndsFirst, $event->pointer);
            }
        }

        return $event->at <= $this->now + self::SAME ? null : Finding::of(Code::EventToCome, $event->pointer);
    }

    /**
     * @param array<int, true>                $begun  of which pours a mix is noted before it
     * @param array<int, array<string, true>> $poured which pours are noted before it, with their cups
     */
    private function place(Event $event, array $begun, array $poured): ?Finding
    {
        $number = fn(int $k): array => ['pour' => Number::count($k + 1)];
        $k = $event->pour ?? ($event->kind === EventKind::Demolded ? $this->pours - 1 : null);
        if ($k === null) {
            return null;
        }
        if ($event->kind->begins()) {
            $missing = array_values(array_diff(range(0, max(0, $k - 1)), array_keys($begun)))[0] ?? null;
            $again = $event->kind === EventKind::Poured ? $poured[$k] ?? [] : [];

            return match (true) {
                $k > 0 && $missing !== null => Finding::of(Code::EventLowerFirst, $event->pointer, [
                    'pour' => Number::count($k + 1), 'below' => Number::count($missing + 1),
                ]),
                $again !== [] && ($event->cup === '' || isset($again[$event->cup]) || isset($again['']))
                        => Finding::of(Code::EventAgain, $event->pointer, $number($k)),
                default => null,
            };
        }
        if ($event->kind === EventKind::Demolded) {
            $left = array_diff(range(0, $k), array_keys($poured));

            return $left === [] ? null : Finding::of(Code::EventNotPoured, $event->pointer, $number(min($left)));
        }

        return $event->kind->needsPoured() && !isset($poured[$k]) && !isset($begun[$k])
            ? Finding::of(Code::EventNotPoured, $event->pointer, $number($k)) : null;
    }
}
