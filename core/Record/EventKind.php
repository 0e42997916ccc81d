<?php

declare(strict_types=1);

namespace Pensilis\Record;

/** What can happen to a piece, and what is said of it; figures carry their units in their names. The value is the word of the plan file. */
enum EventKind: string
{
    case Prepared = 'prepared';
    case Weighed = 'weighed';
    case Mixed = 'mixed';
    case Coloured = 'coloured';
    case Poured = 'poured';
    case Kept = 'kept';
    case TippedOff = 'tipped-off';
    case Placed = 'placed';
    case Passed = 'passed';
    case Covered = 'covered';
    case Tack = 'tack';
    case Gelled = 'gelled';
    case Level = 'level';
    case Room = 'room';
    case Probe = 'probe';
    case Sanded = 'sanded';
    case Decorated = 'decorated';
    case Demolded = 'demolded';
    case Finished = 'finished';
    case Judged = 'judged';
    case Mishap = 'mishap';
    case Pictured = 'pictured';
    case Skipped = 'skipped';
    case Away = 'away';
    case Note = 'note';
    case TakenBack = 'taken-back';

    /** What any event may say of itself. */
    public const COMMON = ['id', 'kind', 'at', 'at_h', 'noted_at', 'by', 'device', 'note', 'picture'];

    /** @return list<self> what is noted by hand, in the order of the work; the rest comes from mixes, sheets and devices */
    public static function byHand(): array
    {
        return [
            self::Poured, self::Gelled, self::Tack, self::Passed, self::Covered, self::Level, self::Room, self::Kept, self::TippedOff,
            self::Sanded, self::Decorated, self::Demolded, self::Mishap, self::Note,
        ];
    }

    /** @return list<self> what bears on when the rest can be done */
    public static function timing(): array
    {
        return [self::Mixed, self::Poured, self::Gelled, self::Tack, self::Room, self::Away, self::Demolded];
    }

    /** @return list<string> keys without which it says nothing */
    public function needs(): array
    {
        return match ($this) {
            self::Prepared => ['step'],
            self::Weighed  => ['pour', 'part', 'g'],
            self::Mixed, self::Poured, self::Passed, self::Covered, self::Gelled, self::Sanded, self::Decorated, self::Judged => ['pour'],
            self::Coloured => ['pour', 'colour'],
            self::Kept, self::TippedOff => ['pour', 'g'],
            self::Placed    => ['object'],
            self::Tack      => ['pour', 'result'],
            self::Level     => ['pour', 'mm'],
            self::Room      => ['celsius'],
            self::Probe     => ['pour', 'series'],
            self::Mishap    => ['which'],
            self::Pictured  => ['picture'],
            self::Note      => ['note'],
            self::TakenBack => ['event'],
            default         => [],
        };
    }

    /** @return list<string> keys that it may have besides */
    public function may(): array
    {
        return match ($this) {
            self::Weighed, self::Passed, self::Decorated => ['cup', 'how'],
            self::Mixed    => ['cup', 'g', 'resin'],
            self::Poured   => ['cup', 'g'],
            self::Judged   => ['cup', 'bubbles', 'clarity'],
            self::Coloured => ['cup', 'drops', 'g'],
            self::Kept, self::TippedOff => ['cup', 'for'],
            self::Placed => ['pour', 'how'],
            self::Room   => ['rh_pct'],
            self::Probe  => ['z_mm', 'r_mm'],
            self::Mishap, self::Pictured => ['pour', 'cup', 'object'],
            self::Skipped, self::Finished => ['pour', 'step'],
            self::Away      => ['from', 'to', 'from_h', 'to_h'],
            self::Note      => ['pour', 'cup', 'object'],
            self::TakenBack => ['why'],
            default         => [],
        };
    }

    /** Whether A has met B with it. */
    public function begins(): bool
    {
        return $this === self::Mixed || $this === self::Poured;
    }

    /** Whether it can come only to what was poured. */
    public function needsPoured(): bool
    {
        return match ($this) {
            self::Passed, self::Covered, self::Gelled, self::Tack, self::Level, self::Sanded, self::Decorated => true,
            default => false,
        };
    }
}
