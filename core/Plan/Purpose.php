<?php

declare(strict_types=1);

namespace Pensilis\Plan;

/** What is settled first: what the piece is for, how its face ends, what is screwed or glued on. */
final readonly class Purpose
{
    /** @param list<Fitting> $fittings */
    public function __construct(public Service $service, public Finish $finish, public array $fittings, public Yellowing $yellowing) {}
}
