<?php

declare(strict_types=1);

namespace Pensilis\Plan;

/** What kind of thing holds the resin; each is made ready in its own way. */
enum Making: string
{
    case Mold = 'mold';
    case Rigid = 'rigid';
    case Panel = 'panel';
    case Canvas = 'canvas';
    case Blank = 'blank';
    case Dam = 'dam';
    case Sheet = 'sheet';

    public function words(): string
    {
        return match ($this) {
            self::Mold   => 'silicone mold',
            self::Rigid  => 'rigid mold',
            self::Panel  => 'taped panel',
            self::Canvas => 'primed canvas',
            self::Blank  => 'cut blank',
            self::Dam    => 'hand-laid dam',
            self::Sheet  => 'flat sheet, draped later',
        };
    }

    /** Whether resin is poured onto it and stays, rather than coming out of it. */
    public function isKept(): bool
    {
        return in_array($this, [self::Panel, self::Canvas, self::Blank], true);
    }
}
