<?php

declare(strict_types=1);

namespace Pensilis\Plan;

/** How a fitting is held: in holes of half depth, bolted right through, or without any hole; a stand is only stood on (common practice). */
enum Fixing: string
{
    case Screw = 'screw';
    case Through = 'through';
    case Glue = 'glue';
    case Stick = 'stick';
    case Rest = 'rest';
}
