<?php

declare(strict_types=1);

namespace App\Interchange\Answers;

use DateTimeImmutable;
use Pensilis\Scheduling\StudioClock;

/** One thing that hands do, for a calendar. */
final readonly class CalendarEvent
{
    private const LAST_YEAR = 9999;

    /** So long before a window closes an alarm tells, h (memory). */
    private const WARNED = 2.0;

    private const TIME = 'Ymd\THis';

    /**
     * @param string $key    that stays the same when its times change
     * @param float  $from   hour of the plan
     * @param string $more   what else is said of it
     * @param float  $closes hour of the plan at which it can be begun for the last time; infinite where it may wait
     * @param string $alarm  what is said before that
     * @param string $at     address of the piece, where it has one
     */
    public function __construct(
        public string $key,
        private StudioClock $clock,
        private float $from,
        private float $to,
        public string $says,
        public string $kind,
        public string $more = '',
        private float $closes = INF,
        public string $alarm = '',
        public string $at = '',
    ) {}

    /** Whether it has a time, and one for which RFC 5545 has digits. */
    public function hasTime(): bool
    {
        return $this->clock->isSet() && (int) $this->at($this->to)->format('Y') <= self::LAST_YEAR;
    }

    /** The time zone of its clock; nothing where it has none. */
    public function zone(): string
    {
        return $this->clock->isZoned() ? $this->at($this->from)->getTimezone()->getName() : '';
    }

    /** @return array{DateTimeImmutable, DateTimeImmutable} when it begins and when it ends, a minute later at least */
    public function span(): array
    {
        return [$this->at($this->from), $this->at(max($this->to, $this->from + 1.0 / 60.0))];
    }

    /** @return array{string, string} DTSTART and DTEND */
    public function lines(): array
    {
        $zone = $this->zone() === '' ? '' : ";TZID={$this->zone()}";
        [$start, $end] = array_map(fn(DateTimeImmutable $at): string => $at->format(self::TIME), $this->span());

        return ["DTSTART{$zone}:{$start}", "DTEND{$zone}:{$end}"];
    }

    /** From its begin until the alarm, as RFC 5545 writes it (section 3.3.6); nothing where none is wanted. */
    public function trigger(): string
    {
        $minutes = is_finite($this->closes) ? (int) round(60.0 * ($this->closes - self::WARNED - $this->from)) : null;

        return $minutes === null ? '' : ($minutes < 0 ? '-' : '') . 'PT' . abs($minutes) . 'M';
    }

    private function at(float $hour): DateTimeImmutable
    {
        return $this->clock->at($hour) ?? new DateTimeImmutable('@0');
    }
}
