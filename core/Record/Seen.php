<?php

declare(strict_types=1);

namespace Pensilis\Record;

use Pensilis\Thermal\Fit\Tack;

/** What was seen of a pour at an hour of the plan: what a tack test found, or, without one, that it gelled just then. */
final readonly class Seen
{
    public function __construct(public int $pour, public float $at, public ?Tack $found = null) {}
}
