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
}
