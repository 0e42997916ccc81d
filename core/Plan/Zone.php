<?php

declare(strict_types=1);

namespace Pensilis\Plan;

use Pensilis\Colour\Recipe;
use Pensilis\Geometry\Region\Patch;

/** A region of a coat as it is drawn: where, of what mix, and the share of the coat's volume that it is given, if any. */
final readonly class Zone
{
    public function __construct(public string $name, public Patch $patch, public Recipe $recipe, public ?float $share) {}
}
