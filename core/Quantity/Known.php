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

    /**
     * From when to when something can be done: not before, and not after; as it is where it is shorter than it is known.
     *
     * @return array{float|null, float|null}
     */
    public static function between(?float $opens, ?float $closes): array
    {
        $told = [self::up($opens), self::down($closes)];

        return $told[0] !== null && $told[1] !== null && $told[0] >= $told[1] ? [$opens, $closes] : $told;
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
