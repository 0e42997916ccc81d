<?php

declare(strict_types=1);

namespace Pensilis\Material;

/** What must be done to an object before it goes in. */
enum Verdict: string
{
    case DryFirst = 'dry-first';
    case SealFirst = 'seal-first';
    case Ready = 'ready';
}
