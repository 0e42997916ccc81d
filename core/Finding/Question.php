<?php

declare(strict_types=1);

namespace Pensilis\Finding;

/** The questions of the verdict, in the order in which they are asked. */
enum Question: string
{
    case Hangs = 'hangs';
    case Cools = 'cools';
    case Fits = 'fits';
    case Suits = 'suits';
    case Shows = 'shows';
    case Weighs = 'weighs';
}
