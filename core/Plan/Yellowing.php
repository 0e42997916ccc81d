<?php

declare(strict_types=1);

namespace Pensilis\Plan;

/** Whether a trace of blue or violet is put into clear mix so that later yellowing does not show. */
enum Yellowing: string
{
    case None = 'none';
    case All = 'all';
    case First = 'first';

    /** Drops of blue or violet ink in 10 ml of clear mix (memory): not seen as a colour. */
    public const TRACE = 0.02;

    public function words(): string
    {
        return match ($this) {
            self::None  => 'clear stays clear',
            self::All   => 'a trace of blue in all that is clear',
            self::First => 'a trace of blue in the first coat only',
        };
    }

    /** The default puts nothing in: a trace cannot be taken out again, and takes a little brightness. */
    public function reason(): string
    {
        return match ($this) {
            self::None  => 'what is put in cannot be taken out; keep the piece from the sun instead',
            self::All   => 'it hides the yellow that comes with years, and takes a little brightness',
            self::First => 'against the back it hides the yellow, and what lies above stays bright',
        };
    }

    public function isIn(int $pour): bool
    {
        return $this === self::All || ($this === self::First && $pour === 0);
    }
}
