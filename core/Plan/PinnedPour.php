<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Layering\Pin;

/** A pour that stays where the artist has put it, with what it is coloured with, while the others are found around it. */
final readonly class PinnedPour
{
    public function __construct(public Pin $pin, public Coat $coat) {}
}
