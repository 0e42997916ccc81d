<?php

declare(strict_types=1);

namespace Pensilis\PlanFile;

use Pensilis\Exception\ImpossibleValue;
use Pensilis\Exception\MissingKey;
use Pensilis\Plan\Plan;
use Pensilis\Quantity\Temperature;
use Pensilis\Scheduling\Happened;
use Pensilis\Thermal\Ambient;
use Pensilis\Thermal\ChangedAmbient;
use Pensilis\Thermal\Tack;

/** Reads what happened to a plan: which pours were begun when, what was seen of them, how the room became, when nobody is there. */
final readonly class Events
{
    /** In one file; each absence makes times harder to find. */
    private const MOST = 500;

    private const KINDS = ['poured', 'gelled', 'tack', 'room', 'skipped', 'away'];

    /**
     * @param list<array{int, float, Tack|null}> $seen pour, hour of the plan, and what a tack test found; null where it gelled just then
     */
    private function __construct(public Happened $happened, public Ambient $room, public array $seen) {}

    /**
     * @param array<array-key, mixed> $document
     *
     * @throws PlanRefused with all problems at once
     */
    public static function read(array $document, Plan $plan): self
    {
        $problems = new Problems();
        $root = Node::root($document);
        [$begun, $seen, $away, $room] = [[], [], [], $plan->ambient];
        $now = (float) $problems->attempt('/now_h', fn(): float => self::hour($root, 'now_h'));
        foreach ($plan->pours as $k => $pour) {
            if ($pour->startHour <= $now) {
                $begun[$k] = $pour->startHour;
            }
        }
        foreach ($problems->attempt('/events', fn(): array => $problems->few($root, 'events', self::MOST)) ?? [] as $node) {
            $problems->attempt($node->pointer, function () use ($node, $plan, &$begun, &$seen, &$away, &$room): true {
                $kind = $node->choice('kind', self::KINDS);
                match ($kind) {
                    'poured' => $begun[self::pour($node, $plan)] = self::hour($node, 'at_h'),
                    'gelled' => $seen[] = [self::pour($node, $plan), self::hour($node, 'at_h'), null],
                    'tack'   => $seen[] = [self::pour($node, $plan), self::hour($node, 'at_h'), self::tack($node)],
                    'room'   => $room = new ChangedAmbient($room, 3600.0 * self::hour($node, 'at_h'), self::kelvin($node)),
                    'away'   => $away[] = [self::hour($node, 'from_h'), self::hour($node, 'to_h')],
                    default  => $begun = array_diff_key($begun, [self::pour($node, $plan) => true]),
                };

                return true;
            });
        }
        $problems->throwIfAny();
        ksort($begun);

        return new self(new Happened($begun, $now, $away), $room, $seen);
    }

    /** @throws ImpossibleValue|MissingKey */
    private static function hour(Node $node, string $key): float
    {
        $hour = $node->number($key);
        ImpossibleValue::unlessWithin('event_h', $hour, 0.0, 20000.0);

        return $hour;
    }

    /** @throws ImpossibleValue|MissingKey */
    private static function kelvin(Node $node): float
    {
        $celsius = $node->number('celsius');
        ImpossibleValue::unlessWithin('room_celsius', $celsius, -30.0, 60.0);

        return Temperature::celsius($celsius)->k();
    }

    /**
     * Number of a pour of the plan, from 0.
     *
     * @throws ImpossibleValue|MissingKey
     */
    private static function pour(Node $node, Plan $plan): int
    {
        $pour = $node->number('pour');
        ImpossibleValue::unlessWithin('event-pour', $pour, 0.0, count($plan->pours) - 1.0);

        return (int) round($pour);
    }

    /** @throws MissingKey */
    private static function tack(Node $node): Tack
    {
        return Tack::from($node->choice('result', array_column(Tack::cases(), 'value')));
    }
}
