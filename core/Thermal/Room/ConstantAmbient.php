<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Room;

use Pensilis\Quantity\Temperature;

/** A room that stays as warm as it is. */
final readonly class ConstantAmbient implements Ambient
{
    private function __construct(private float $kelvin) {}

    public static function of(Temperature $temperature): self
    {
        return new self($temperature->k());
    }

    public function at(float $seconds): float
    {
        return $this->kelvin;
    }

    public function greatest(float $from, float $to): float
    {
        return $this->kelvin;
    }
}
