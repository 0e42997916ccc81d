<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Room;

/** The air around the piece. */
interface Ambient
{
    /** @param float $seconds from the start of the plan; the answer is in K */
    public function at(float $seconds): float;

    /** The warmest between two moments, K */
    public function greatest(float $from, float $to): float;
}
