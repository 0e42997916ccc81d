<?php

declare(strict_types=1);

namespace Pensilis\Scheduling;

use DateTimeImmutable;
use DateTimeInterface;
use DateTimeZone;
use Pensilis\Exception\UnreadableMoment;

/** Turns hours of a plan into local clock time, without zone; without a start there are only hours. */
final readonly class StudioClock
{
    private function __construct(private ?DateTimeImmutable $start) {}

    public static function unset(): self
    {
        return new self(null);
    }

    /** @throws UnreadableMoment */
    public static function startingAt(string $local): self
    {
        foreach (preg_match('/^[\d:T-]+$/D', $local) === 1 ? ['!Y-m-d\TH:i', '!Y-m-d\TH:i:s'] : [] as $format) {
            $moment = DateTimeImmutable::createFromFormat($format, $local, new DateTimeZone('UTC'));
            if ($moment !== false && $moment->format(substr($format, 1)) === $local) {
                return new self($moment);
            }
        }
        throw UnreadableMoment::of($local);
    }

    /**
     * The hour of the plan at a local moment; null where the plan has no clock.
     *
     * @throws UnreadableMoment
     */
    public function hourOf(string $local): ?float
    {
        $there = self::startingAt($local)->start;

        return $this->start === null || $there === null ? null : ($there->getTimestamp() - $this->start->getTimestamp()) / 3600.0;
    }

    /** The hour of the plan at a moment, to the minute; 0 where the plan has no clock. */
    public function hourAt(DateTimeInterface $local): float
    {
        return (float) $this->hourOf($local->format('Y-m-d\TH:i'));
    }

    public function isSet(): bool
    {
        return $this->start !== null;
    }

    /** Local time of an hour of the plan, to the minute. */
    public function at(float $hour): ?DateTimeImmutable
    {
        if ($this->start === null) {
            return null;
        }
        $moment = $this->start->modify(sprintf('%+d minutes', (int) round(60.0 * $hour)));

        return $moment === false ? null : $moment;
    }

    public function iso(float $hour): ?string
    {
        return $this->at($hour)?->format('Y-m-d\TH:i');
    }

    /** Hour of the day at which the plan starts; 0 without a start. */
    public function hourOfDay(): float
    {
        return $this->start === null ? 0.0 : (int) $this->start->format('G') + (int) $this->start->format('i') / 60.0;
    }

    /** Minute of the week, from Monday 00:00, at which the plan starts; 0 without a start. */
    public function minuteOfWeek(): float
    {
        return $this->start === null ? 0.0 : 1440.0 * ((int) $this->start->format('N') - 1) + 60.0 * $this->hourOfDay();
    }
}
