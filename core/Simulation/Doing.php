<?php

declare(strict_types=1);

namespace Pensilis\Simulation;

/** What can be done with a pour in one of its windows. */
enum Doing: string
{
    case Merge = 'merge';
    case KeepLine = 'keep-a-line';
    case MoveByAir = 'moved-by-air';
    case Place = 'place';
    case PressOn = 'press-on';
    case ScatterOn = 'scatter-on';
    case Bend = 'bend';
    case LeaveAlone = 'leave-alone';
    case Recoat = 'recoat';
    case Sand = 'sand';
}
