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

    public function isIn(int $pour): bool
    {
        return $this === self::All || ($this === self::First && $pour === 0);
    }
}
