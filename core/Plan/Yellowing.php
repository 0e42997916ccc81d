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

    /** The coats that are looked through first lie at the face that is seen, whichever are poured first. */
    public function isIn(int $pour, int $pours, Viewed $viewed): bool
    {
        return match ($this) {
            self::None  => false,
            self::All   => true,
            self::First => match ($viewed) {
                Viewed::Top    => $pour === $pours - 1,
                Viewed::Bottom => $pour === 0,
                Viewed::Both   => $pour === 0 || $pour === $pours - 1,
                Viewed::Sides  => true,
            },
        };
    }
}
