<?php

declare(strict_types=1);

namespace Pensilis\Plan;

/** Something to make ready before the first pour, and why. */
final readonly class PrepStep
{
    public function __construct(public string $what, public string $why) {}
}
