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

    /** Whether resin is poured onto it and stays, rather than coming out of it. */
    public function isKept(): bool
    {
        return in_array($this, [self::Panel, self::Canvas, self::Blank], true);
    }
}
