<?php

declare(strict_types=1);

namespace Pensilis\Bench;

/**
 * An act in its place among those of one pour: sheet, rail, schedule and bench tell the same ones. Its id names what is done and in which
 * pour, so that it stays with them however the pours are numbered.
 */
final readonly class Step
{
    /** @param float $starts minutes after the first contact of its mix; before that it is negative */
    public function __construct(public string $id, public string $pour, public Act $act, public float $starts) {}
}
