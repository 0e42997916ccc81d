<?php

declare(strict_types=1);

namespace Pensilis\Finding;

/** How much a finding weighs. */
enum Weight: string
{
    /** The piece is lost, or cannot be made, unless it is mended. */
    case Spoils = 'spoils';

    /** Something to look at; it spoils nothing by itself. */
    case Look = 'look';

    /** For information. */
    case Told = 'told';
}
