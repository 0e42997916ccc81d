<?php

declare(strict_types=1);

namespace App\Models;

/** How far an order is. */
enum OrderStage: string
{
    case Asked = 'asked';
    case Agreed = 'agreed';
    case Made = 'made';
    case Handed = 'handed';
    case Dropped = 'dropped';

    /** @return list<self> those in which nothing is left to be done for its piece */
    public static function finished(): array
    {
        return [self::Made, self::Handed];
    }

    /** @return list<self> those that ask for something yet */
    public static function open(): array
    {
        return [self::Asked, self::Agreed, self::Made];
    }
}
