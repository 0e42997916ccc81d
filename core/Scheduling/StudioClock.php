<?php

declare(strict_types=1);

namespace Pensilis\Scheduling;

use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;
use Pensilis\Exception\UnknownZone;
use Pensilis\Exception\UnreadableMoment;

/**
 * Turns hours of a plan into clock time and back; without a start there are only hours.
 *
 * Hours are true ones: with a zone, a window of 20 h is 20 h long in the night in which the clock is changed too. Without a zone times are
 * those of a clock that nobody changes. A local time that comes twice is the first of the two unless its offset says which.
 */
final readonly class StudioClock
{
    private const EVEN = 'UTC';

    private const LOCAL = 'Y-m-d\TH:i';

    /** Around the start within which changes of the clock are known: before it and after it, s. */
    private const KNOWN = [60 * 86400, 5 * 365 * 86400];

    private function __construct(private ?DateTimeImmutable $start, private bool $isZoned = false) {}

    public static function unset(): self
    {
        return new self(null);
    }

    /**
     * @param string $local ISO 8601 to the minute or second, with its offset only where there is a zone
     * @param string $zone  as the IANA names it; none for local times as they are
     *
     * @throws UnreadableMoment
     * @throws UnknownZone
     */
    public static function startingAt(string $local, string $zone = ''): self
    {
        $there = $zone === '' ? new DateTimeZone(self::EVEN) : self::zone($zone);

        return new self(self::moment($local, $there, $zone !== ''), $zone !== '');
    }

    /** @throws UnknownZone */
    public static function zone(string $name): DateTimeZone
    {
        return self::isZone($name) ? new DateTimeZone($name) : throw UnknownZone::of($name);
    }

    public static function isZone(string $name): bool
    {
        return in_array($name, DateTimeZone::listIdentifiers(DateTimeZone::ALL_WITH_BC), true);
    }

    /** @throws UnreadableMoment */
    private static function moment(string $said, DateTimeZone $zone, bool $isZoned): DateTimeImmutable
    {
        $offset = $isZoned && preg_match('/T.*([+-]\d\d:\d\d)$/D', $said, $match) === 1 ? $match[1] : '';
        $local = substr($said, 0, strlen($said) - strlen($offset));
        foreach (preg_match('/^[\d:T-]+$/D', $local) === 1 ? [self::LOCAL, self::LOCAL . ':s'] : [] as $format) {
            $even = DateTimeImmutable::createFromFormat("!{$format}", $local, new DateTimeZone(self::EVEN));
            if ($even !== false && $even->format($format) === $local) {
                return $offset === '' ? self::first($even, $zone) : (new DateTimeImmutable($said))->setTimezone($zone);
            }
        }
        throw UnreadableMoment::of($said);
    }

    /** The moment at which the clock of a zone shows a time, given as an even one (RFC 5545, section 3.3.5, where it is none or two). */
    private static function first(DateTimeImmutable $shown, DateTimeZone $zone): DateTimeImmutable
    {
        $at = fn(int $offset): DateTimeImmutable => $shown->setTimezone($zone)->setTimestamp($shown->getTimestamp() - $offset);
        $before = $at($zone->getOffset($shown->modify('-1 day')));
        $after = $at($zone->getOffset($before));
        $isShown = fn(DateTimeImmutable $one): bool => $one->format(self::LOCAL) === $shown->format(self::LOCAL);

        return !$isShown($before) && $isShown($after) ? $after : $before;
    }

    /**
     * The hour of the plan at a local moment; null where the plan has no clock.
     *
     * @throws UnreadableMoment
     */
    public function hourOf(string $local): ?float
    {
        return $this->start === null ? null : self::since($this->start, self::moment($local, $this->start->getTimezone(), $this->isZoned));
    }

    /** The hour of the plan at a moment, to the minute; 0 where the plan has no clock. */
    public function hourAt(DateTimeInterface $moment): float
    {
        return $this->start === null ? 0.0 : self::since($this->start, $moment);
    }

    private static function since(DateTimeImmutable $start, DateTimeInterface $moment): float
    {
        return (60 * intdiv($moment->getTimestamp(), 60) - $start->getTimestamp()) / 3600.0;
    }

    public function isSet(): bool
    {
        return $this->start !== null;
    }

    /** Whether its times are moments anywhere, not only where they are read. */
    public function isZoned(): bool
    {
        return $this->isZoned;
    }

    /** Local time of an hour of the plan, to the minute. */
    public function at(float $hour): ?DateTimeImmutable
    {
        return $this->start?->setTimestamp($this->start->getTimestamp() + 60 * (int) round(60.0 * $hour));
    }

    /** With its offset where there is a zone. */
    public function iso(float $hour): ?string
    {
        return $this->at($hour)?->format($this->isZoned ? self::LOCAL . 'P' : self::LOCAL);
    }

    /**
     * Its start as the clock of a zone shows it, with its offset where that shows it twice; nothing without a start.
     *
     * @throws UnknownZone
     */
    public function local(string $zone): string
    {
        $there = $this->start?->setTimezone(self::zone($zone));
        if ($there === null) {
            return '';
        }
        $said = $there->format($there->format('s') === '00' ? self::LOCAL : self::LOCAL . ':s');

        $read = self::moment($said, $there->getTimezone(), true);

        return $read->getTimestamp() === $there->getTimestamp() ? $said : $said . $there->format('P');
    }

    /** Hour of the day at which the plan starts; 0 without a start. */
    public function hourOfDay(): float
    {
        return $this->start === null ? 0.0 : (int) $this->start->format('G') + (int) $this->start->format('i') / 60.0;
    }

    /** The weeks of its clock; even ones from hour 0 on without a start. */
    public function week(): WeekClock
    {
        return $this->start === null
            ? new WeekClock(0.0)
            : new WeekClock(1440.0 * ((int) $this->start->format('N') - 1) + 60.0 * $this->hourOfDay(), $this->shifts($this->start));
    }

    /** @return list<array{float, float}> from which hour of the plan on the clock is so many minutes ahead of how it is at the start */
    private function shifts(DateTimeImmutable $start): array
    {
        $at = $start->getTimestamp();
        $shifts = [];
        foreach ($this->isZoned ? $start->getTimezone()->getTransitions($at - self::KNOWN[0], $at + self::KNOWN[1]) : [] as $one) {
            $shifts[] = [($one['ts'] - $at) / 3600.0, ($one['offset'] - $start->getOffset()) / 60.0];
        }

        return count($shifts) < 2 ? [] : [[-INF, $shifts[0][1]], ...array_slice($shifts, 1)];
    }
}
