<?php

declare(strict_types=1);

namespace Pensilis\Scheduling;

/** How two pours hold together; the value is the word of the plan file. */
enum Joint: string
{
    case Chemical = 'chemical';
    case Sanded = 'sanded';
    case Wet = 'wet';
}
