<?php

declare(strict_types=1);

namespace Pensilis\Scheduling;

/**
 * How long the work of a pour takes, in hours (common practice; the start is the first contact of A and B).
 */
final class Session
{
    /** Wash and dry the vessel, lift dust, level it, lay everything out. */
    public const PREPARING = 0.25;

    /** Scuff with 220 grit, wet or masked, and wipe. */
    public const SANDING = 1.0 / 3.0;

    private const MIXING = 0.15;

    private const POURING = 0.2;

    /** Two passes over the bubbles, minutes apart. */
    private const BUBBLES = 0.25;

    private const PLACING = 0.05;

    public const DEMOLDING = 0.25;

    /** Working time below which a mix does not stand before it is poured, s (common practice). */
    private const FAST = 1800.0;

    /** Minutes of standing so that bubbles rise: 5–10 (common practice). */
    private const STANDING_MINUTES = 10;

    public static function hours(int $objects, float $working): float
    {
        return self::MIXING + self::standingMinutes($working) / 60.0 + self::POURING + self::BUBBLES + $objects * self::PLACING;
    }

    /** A fast mix is poured at once: the default school lets all others stand. */
    public static function standingMinutes(float $working): int
    {
        return $working < self::FAST ? 0 : self::STANDING_MINUTES;
    }
}
