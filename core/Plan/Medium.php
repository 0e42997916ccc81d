<?php

declare(strict_types=1);

namespace Pensilis\Plan;

/** What a stencil or a stamp is filled with. */
enum Medium: string
{
    case Paint = 'paint';
    case Spray = 'spray';
    case Paste = 'paste';

    /** Whether a stencil is lifted while it is wet: paste would tear, what is thin would run below it (common practice). */
    public function isLiftedWet(): bool
    {
        return $this === self::Paste;
    }
}
