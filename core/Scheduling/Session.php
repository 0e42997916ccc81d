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

    /** Of those the stirring, where no label says how long. */
    private const STIRRING = 5.0;

    public const POURING = 12.0;

    /** Of those the thin bed, where there is one. */
    public const BED = 3.0;

    /** Two passes over the bubbles, and what lies between them. */
    public const BUBBLES = 15.0;

    /** One object, and each further one of the same (memory). */
    public const PLACING = 3.0;

    private const PLACING_MORE = 0.5;

    /** Each further cup of a kilogram, and each further vessel that is filled or gone over (memory). */
    private const FURTHER_CUP = 6.0;

    private const FURTHER_VESSEL = 1.0;

    /** Minutes for a gram beyond a first cup of a kilogram: 0.6 s (memory). */
    private const POURING_MORE = 0.01;

    private const CUP_GRAMS = 1000.0;

    /** Brushing each further object, h (memory). */
    private const BRUSHING_MORE = 1.0 / 60.0;

    /** No longer at a stretch, h. */
    private const STRETCH = 1.0;

    /** Working time below which a mix does not stand before it is poured, s (common practice). */
    private const FAST = 1800.0;

    /** Minutes of standing so that bubbles rise: 5–10 (common practice). */
    private const STANDING_MINUTES = 10;

    /** Minutes to weigh and stir so much, g, a cup of a kilogram after the other. */
    public static function mixing(float $grams, int $hands, float $stirring = self::STIRRING): float
    {
        return self::MIXING - self::STIRRING + $stirring + self::FURTHER_CUP * max(0.0, ceil($grams / self::CUP_GRAMS) - 1.0) / $hands;
    }

    /** Minutes to pour so much, g, into so many vessels. */
    public static function pouring(float $grams, int $vessels): float
    {
        return self::POURING + self::POURING_MORE * max(0.0, $grams - self::CUP_GRAMS) + self::FURTHER_VESSEL * ($vessels - 1);
    }

    /** Minutes to go over the bubbles twice. */
    public static function bubbles(int $vessels): float
    {
        return self::BUBBLES + self::FURTHER_VESSEL * ($vessels - 1);
    }

    /** Minutes to set so many kinds of objects, and so many in all. */
    public static function placing(int $kinds, int $all, int $hands): float
    {
        return (self::PLACING * $kinds + self::PLACING_MORE * ($all - $kinds)) / min($hands, max(1, $all));
    }

    /** @return non-empty-list<float> h to brush one coat on so many objects, each at a stretch */
    public static function brushing(int $objects): array
    {
        $hours = self::BRUSHING + self::BRUSHING_MORE * max(0, $objects - 1);

        return array_fill(0, max(1, (int) ceil($hours / self::STRETCH)), $hours / max(1.0, ceil($hours / self::STRETCH)));
    }

    /** A fast mix is poured at once: the default school lets all others stand. */
    public static function standingMinutes(float $working): int
    {
        return $working < self::FAST ? 0 : self::STANDING_MINUTES;
    }
}
