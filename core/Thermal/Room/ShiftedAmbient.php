<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Room;

/** Another room, warmer throughout by so many kelvin. */
final readonly class ShiftedAmbient implements Ambient
{
    public function __construct(private Ambient $room, private float $warmer) {}

    public function at(float $seconds): float
    {
        return $this->room->at($seconds) + $this->warmer;
    }

    public function greatest(float $from, float $to): float
    {
        return $this->room->greatest($from, $to) + $this->warmer;
    }
}
