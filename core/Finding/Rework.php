<?php

declare(strict_types=1);

namespace Pensilis\Finding;

/** What is done where no single value mends a finding. */
enum Rework
{
    /** One of them becomes two, and all are timed anew. */
    case Split;
    case Times;
    /** A resin that the studio has, by its key, is one more of the piece. */
    case Resin;
}
