<?php

declare(strict_types=1);

namespace Pensilis\Scheduling;

/** What is done; the value is the word of the plan file. */
enum TaskKind: string
{
    case Dry = 'dry';
    case Seal = 'seal';
    case Prepare = 'prepare';
    case Sand = 'sand';
    case Compartment = 'compartment';
    case Pour = 'pour';
    case Place = 'place';
    case Apply = 'apply';
    case Drape = 'drape';
    case Finish = 'finish';
    case Demold = 'demold';
    case FullCure = 'full-cure';

    /** Whether hands are at it; the rest is waiting. */
    public function isWork(): bool
    {
        return $this !== self::Dry && $this !== self::FullCure;
    }
}
