<?php

declare(strict_types=1);

namespace Pensilis\Plan;

/** How the seen face ends; the default keeps what the mold gives, as each further coat is a risk of its own. */
enum Finish: string
{
    case Mold = 'mold';
    case Flood = 'flood';
    case Sanded = 'sanded';
    case Both = 'both';

    /** Whether anything is still to be done after demolding. */
    public function isWork(): bool
    {
        return $this !== self::Mold;
    }
}
