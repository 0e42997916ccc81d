<?php

declare(strict_types=1);

namespace Pensilis\Plan;

/**
 * The schools of taking bubbles from a coat (common practice). Warm air does for most; on a board or canvas a flame is the quicker, and no
 * wall is scarred by it.
 */
enum Bubbling: string
{
    case WarmAir = 'warm-air';
    case Flame = 'flame';
    case Pin = 'pin';
    case None = 'none';

    /** What is usual on a ground, where the plan says nothing. */
    public static function usualOn(Making $making): self
    {
        return $making->burns() ? self::WarmAir : self::Flame;
    }

    /** @return non-empty-list<self> all, what is usual first */
    public static function offeredOn(Making $making): array
    {
        $usual = self::usualOn($making);

        return [$usual, ...array_values(array_filter(self::cases(), fn(self $one): bool => $one !== $usual))];
    }
}
