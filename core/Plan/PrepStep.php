<?php

declare(strict_types=1);

namespace Pensilis\Plan;

/** Something to make ready before the first pour, in a few words for the bench too, and why. */
final readonly class PrepStep
{
    public function __construct(public string $what, public string $brief, public string $why) {}
}
