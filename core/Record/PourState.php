<?php

declare(strict_types=1);

namespace Pensilis\Record;

/** What is known of a pour from the record alone; how far it has cured is for the simulation to say. */
enum PourState: string
{
    case Planned = 'planned';
    case Mixing = 'mixing';
    case Poured = 'poured';
    case Gelled = 'gelled';
}
