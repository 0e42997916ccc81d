<?php

declare(strict_types=1);

namespace Pensilis\Plan;

/** Where lines of different width begin. */
enum Align: string
{
    case Left = 'left';
    case Middle = 'middle';
    case Right = 'right';

    /** −1 to the left, 1 to the right. */
    public function side(): float
    {
        return match ($this) {
            self::Left   => -1.0,
            self::Middle => 0.0,
            self::Right  => 1.0,
        };
    }
}
