<?php

declare(strict_types=1);

namespace App\Interchange\Answers;

use DateTimeImmutable;

/** One thing that hands do, for a calendar. */
final readonly class CalendarEvent
{
    /**
     * @param string                 $key   that stays the same when its times change
     * @param DateTimeImmutable|null $start local; null where the plan has no clock
     */
    public function __construct(
        public string $key,
        public ?DateTimeImmutable $start,
        public ?DateTimeImmutable $end,
        public string $says,
        public string $kind,
    ) {}
}
