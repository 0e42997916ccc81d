<?php

declare(strict_types=1);

namespace Pensilis\Quantity;

/** Hours after a pour no finer than they are known: to five minutes at first, then to quarters of an hour. */
final class Known
{
    private const SOON = 3.0;

    private const STEP_SOON = 12.0;

    private const STEP = 4.0;

    /**
     * Not before it: for what opens.
     *
     * @return ($hours is null ? null : float)
     */
    public static function up(?float $hours): ?float
    {
        return $hours === null ? null : ceil(self::step($hours) * $hours - 1e-6) / self::step($hours);
    }

    /**
     * Not after it: for what closes.
     *
     * @return ($hours is null ? null : float)
     */
    public static function down(?float $hours): ?float
    {
        return $hours === null ? null : floor(self::step($hours) * $hours + 1e-6) / self::step($hours);
    }

    public static function near(float $hours): float
    {
        return round(self::step($hours) * $hours) / self::step($hours);
    }

    private static function step(float $hours): float
    {
        return $hours < self::SOON ? self::STEP_SOON : self::STEP;
    }
}
