<?php

declare(strict_types=1);

namespace Pensilis\Plan;

/**
 * The schools of pulling the tape that holds an edge (common practice; the label of the tape goes before both). Next day is the default: no
 * hour is missed by it, and a warm blade frees what has bonded.
 */
enum Tape: string
{
    case NextDay = 'next-day';
    case Soft = 'soft';
}
