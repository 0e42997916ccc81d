<?php

declare(strict_types=1);

namespace Pensilis\PlanFile;

use Pensilis\Exception\ImpossibleValue;
use Pensilis\Exception\MissingKey;
use Pensilis\Exception\UnreadableMoment;
use Pensilis\Finding\Code;
use Pensilis\Plan\GivenPour;
use Pensilis\Plan\Plan;
use Pensilis\Quantity\Number;
use Pensilis\Record\Event;
use Pensilis\Record\EventKind;
use Pensilis\Record\Progress;
use Pensilis\Record\Record;
use Pensilis\Thermal\Fit\Tack;

/**
 * Reads what happened to a piece: the record that its plan file carries, or a list of events beside it. Each kind of event says its own;
 * keys that it has not are refused, as is what cannot have happened in that order.
 */
final readonly class RecordReader
{
    /** In one file. */
    private const MOST = 10_000;

    /** Each absence makes times harder to find. */
    private const MOST_AWAY = 500;

    /** Hours before the plan begins and after it at which anything can happen. */
    private const HOURS = [-2000.0, 20_000.0];

    /** @var array<string, int> numbers of pours by their ids */
    private array $numbers;

    private function __construct(private Plan $plan, private Problems $problems)
    {
        $this->numbers = array_flip(GivenPour::ids($plan->pours));
    }

    /**
     * What a list of events says, by the hour that it calls now.
     *
     * @param array<array-key, mixed> $document
     *
     * @throws PlanRefused with all problems at once
     */
    public static function ofLog(array $document, Plan $plan): Progress
    {
        $reader = new self($plan, new Problems());
        $root = Node::root($document);
        $now = (float) $reader->problems->attempt('/now_h', fn(): float => self::hour($root, 'now_h'));

        return $reader->progress($root, $now);
    }

    /**
     * What the record of a plan file says.
     *
     * @param array<array-key, mixed> $document
     * @param float|null              $now      h of the plan; null for the last of what is noted
     *
     * @throws PlanRefused
     */
    public static function ofPlan(array $document, Plan $plan, ?float $now = null): Progress
    {
        return (new self($plan, new Problems()))->progress(Node::root($document)->maybeChild('record'), $now);
    }

    /**
     * The events of a plan file as they stand there.
     *
     * @param array<array-key, mixed> $document
     *
     * @return array<int, Event> by their places
     *
     * @throws PlanRefused
     */
    public static function events(array $document, Plan $plan): array
    {
        $reader = new self($plan, new Problems());
        $events = $reader->read(Node::root($document)->maybeChild('record'));
        $reader->problems->throwIfAny();

        return $events;
    }

    /** @return array<int, Event> by their places, the same one twice once */
    private function read(Node $root): array
    {
        $nodes = $this->problems->attempt($root->at('events'), fn(): array => $this->problems->few($root, 'events', self::MOST));
        [$events, $known] = [[], []];
        foreach ($nodes ?? [] as $n => $node) {
            $event = $this->problems->attempt($node->pointer, fn(): Event => $this->event($node));
            if ($event !== null && $this->isNew($event, $known)) {
                $events[$n] = $event;
            }
        }

        return $events;
    }

    /** @throws PlanRefused */
    private function progress(Node $root, ?float $now): Progress
    {
        $events = $this->read($root);
        $away = count(array_filter($events, fn(Event $one): bool => $one->span !== []));
        if ($away > self::MOST_AWAY) {
            $this->problems->add(Code::TooManyEntries, $root->at('events'), [
                'most' => Number::count(self::MOST_AWAY), 'count' => Number::count($away),
            ]);
        }
        $this->problems->throwIfAny();
        $record = Record::of(array_values($events));
        $now ??= $record->last();
        $disorders = $record->disorders($this->plan, $now);
        if ($disorders !== []) {
            throw new PlanRefused($disorders);
        }

        return $record->progress($this->plan, $now);
    }

    /**
     * Whether it was not told before; that it takes back only what was.
     *
     * @param array<string, Event> $known by their ids
     */
    private function isNew(Event $event, array &$known): bool
    {
        $before = $event->id === '' ? null : $known["id {$event->id}"] ?? null;
        if ($before !== null && array_diff_key((array) $event, ['pointer' => 1]) !== array_diff_key((array) $before, ['pointer' => 1])) {
            $this->problems->add(Code::SameEvent, "{$event->pointer}/id", names: ['id' => $event->id]);
        }
        $target = $event->says['event'] ?? '';
        if ($event->kind === EventKind::TakenBack && !isset($known["id {$target}"])) {
            $this->problems->add(Code::UnknownEvent, "{$event->pointer}/event", names: ['id' => $target]);
        }
        if ($event->kind === EventKind::TakenBack && self::bringsBack($known["id {$target}"] ?? null, $known)) {
            $this->problems->add(Code::TakenBackAgain, "{$event->pointer}/event");
        }
        $known += $event->id === '' ? [] : ["id {$event->id}" => $event];

        return $before === null;
    }

    /**
     * Whether it takes back what took something back.
     *
     * @param array<string, Event> $known by their ids
     */
    private static function bringsBack(?Event $event, array $known): bool
    {
        $target = $event?->kind === EventKind::TakenBack ? $known['id ' . ($event->says['event'] ?? '')] ?? null : null;

        return $target?->kind === EventKind::TakenBack;
    }

    /** @throws ImpossibleValue|MissingKey */
    private function event(Node $node): Event
    {
        $kind = EventKind::from($node->choice('kind', array_column(EventKind::cases(), 'value')));
        $known = [...EventKind::COMMON, ...$kind->needs(), ...$kind->may()];
        foreach ($node->keys() as $key) {
            if (!in_array($key, $known, true)) {
                $this->problems->add(Code::UnknownKey, $node->at($key));
            }
        }
        foreach ($kind->needs() as $key) {
            if (!$node->has($key)) {
                $this->problems->add(Code::MissingKey, $node->pointer, names: ['key' => $key]);
            }
        }
        $span = $kind === EventKind::Away ? [$this->between($node)] : [];
        if ($kind === EventKind::Tack && $node->has('result')) {
            $node->choice('result', array_column(Tack::cases(), 'value'));
        }
        if ($kind === EventKind::Room && $node->has('celsius')) {
            ImpossibleValue::unlessWithin('room_celsius', $node->number('celsius'), -30.0, 60.0);
        }

        return new Event(
            $node->pointer,
            $node->text('id', ''),
            $kind,
            // Who says that nobody will be there says it before.
            $kind === EventKind::Away && !$node->has('at') && !$node->has('at_h') ? self::HOURS[0] : $this->moment($node, 'at'),
            $node->has('pour') ? $this->pour($node) : null,
            $node->text('cup', ''),
            $node->figures(),
            $node->lines(),
            $span,
            $node->has('noted_at'),
        );
    }

    /** @return array{float, float} h */
    private function between(Node $node): array
    {
        return [$this->moment($node, 'from'), $this->moment($node, 'to')];
    }

    /**
     * The hour of the plan that is said as a local time, or in hours.
     *
     * @throws ImpossibleValue|MissingKey
     */
    private function moment(Node $node, string $key): float
    {
        if (!$node->has($key)) {
            return self::hour($node, "{$key}_h");
        }
        if ($node->has("{$key}_h")) {
            $this->problems->add(Code::TimeTwice, $node->at("{$key}_h"));
        }
        try {
            $hour = $this->plan->studio->clock->hourOf($node->text($key));
        } catch (UnreadableMoment $unreadable) {
            $this->problems->attempt($node->at($key), fn(): never => throw $unreadable);

            return 0.0;
        }
        if ($hour === null) {
            $this->problems->add(Code::MissingStart, '/studio/start');
        }

        return $hour ?? 0.0;
    }

    /** @throws ImpossibleValue|MissingKey */
    private static function hour(Node $node, string $key): float
    {
        $hour = $node->number($key);
        ImpossibleValue::unlessWithin('event_h', $hour, ...self::HOURS);

        return $hour;
    }

    /**
     * Number of a pour of the plan, from 0, by its id or that number; null for one that was noted and is no longer there.
     *
     * @throws ImpossibleValue|MissingKey
     */
    private function pour(Node $node): ?int
    {
        $number = $node->maybe('pour');
        if ($number === null) {
            $id = $node->text('pour');
            if (!isset($this->numbers[$id]) && !$node->has('noted_at')) {
                $this->problems->add(Code::UnknownPour, $node->at('pour'), names: ['id' => $id]);
            }

            return $this->numbers[$id] ?? null;
        }
        if ($number !== floor($number)) {
            $this->problems->add(Code::NotWhole, $node->at('pour'));
        }
        ImpossibleValue::unlessWithin('event-pour', $number, 0.0, count($this->plan->pours) - 1.0);

        return (int) $number;
    }
}
