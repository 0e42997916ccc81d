<?php

declare(strict_types=1);

namespace Pensilis\Scheduling;

/** How long work before, between and after pours takes (common practice); the minutes of a pour itself are those of its acts. */
final class Session
{
    /** Wash and dry the vessel, lift dust, level it, lay everything out, h. */
    public const PREPARING = 0.25;

    /** Brush one coat on a ground or an object, h. */
    public const BRUSHING = 0.25;

    /** Scuff with 220 grit, wet or masked, and wipe, h. */
    public const SANDING = 1.0 / 3.0;

    public const DEMOLDING = 0.25;

    /** Brushing each further object, h (memory). */
    private const BRUSHING_MORE = 1.0 / 60.0;

    /** No longer at a stretch, h. */
    private const STRETCH = 1.0;

    /** @return non-empty-list<float> h to brush one coat on so many objects, each at a stretch */
    public static function brushing(int $objects): array
    {
        $hours = self::BRUSHING + self::BRUSHING_MORE * max(0, $objects - 1);

        return array_fill(0, max(1, (int) ceil($hours / self::STRETCH)), $hours / max(1.0, ceil($hours / self::STRETCH)));
    }
}
