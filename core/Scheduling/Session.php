<?php

declare(strict_types=1);

namespace Pensilis\Scheduling;

/** How long the work at the bench takes (common practice; the start is the first contact of A and B). */
final class Session
{
    /** Wash and dry the vessel, lift dust, level it, lay everything out, h. */
    public const PREPARING = 0.25;

    /** Brush one coat on a ground or an object, h. */
    public const BRUSHING = 0.25;

    /** Scuff with 220 grit, wet or masked, and wipe, h. */
    public const SANDING = 1.0 / 3.0;

    public const DEMOLDING = 0.25;

    /** Minutes. */
    public const MIXING = 9.0;

    public const POURING = 12.0;

    /** Of those the thin bed, where there is one. */
    public const BED = 3.0;

    /** Two passes over the bubbles, and what lies between them. */
    public const BUBBLES = 15.0;

    /** One object. */
    public const PLACING = 3.0;

    /** Working time below which a mix does not stand before it is poured, s (common practice). */
    private const FAST = 1800.0;

    /** Minutes of standing so that bubbles rise: 5–10 (common practice). */
    private const STANDING_MINUTES = 10;

    /** A fast mix is poured at once: the default school lets all others stand. */
    public static function standingMinutes(float $working): int
    {
        return $working < self::FAST ? 0 : self::STANDING_MINUTES;
    }
}
