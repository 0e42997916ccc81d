<?php

declare(strict_types=1);

namespace Pensilis\Plan;

/** The face that is seen when the piece is done. */
enum Viewed: string
{
    case Top = 'top';
    case Bottom = 'bottom';
    case Both = 'both';
    case Sides = 'sides';

    public function words(): string
    {
        return match ($this) {
            self::Top    => 'the open side',
            self::Bottom => 'the floor',
            self::Both   => 'both faces',
            self::Sides  => 'the sides',
        };
    }

    /** How lettering and faces are laid in. */
    public function laying(): string
    {
        return match ($this) {
            self::Top    => 'face up',
            self::Bottom => 'face down, lettering mirrored',
            self::Both   => 'face up; it reads from one side only',
            self::Sides  => 'upright, its face to the viewer',
        };
    }
}
