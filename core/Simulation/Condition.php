<?php

declare(strict_types=1);

namespace Pensilis\Simulation;

/** What may be otherwise than planned when a pour is made, and nothing to compare with. */
enum Condition: string
{
    case Planned = 'planned';
    case Colder = 'colder';
    case Warmer = 'warmer';
    case Deeper = 'deeper';
    case Stood = 'stood';
    case Covered = 'covered';
    case Open = 'open';
}
