<?php

declare(strict_types=1);

namespace Pensilis\Bench;

/** What hands do in an act. */
enum ActKind: string
{
    case TackTest = 'tack-test';
    case Wipe = 'wipe';
    case Jars = 'jars';
    case Place = 'place';
    case Mix = 'mix';
    case Colour = 'colour';
    case Thicken = 'thicken';
    case Bed = 'bed';
    case Fill = 'fill';
    case Leave = 'leave';
    case Pass = 'pass';
    case Strew = 'strew';
    case Drop = 'drop';
    case Clean = 'clean';
    case Cover = 'cover';
}
