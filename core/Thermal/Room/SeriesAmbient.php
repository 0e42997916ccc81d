<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Room;

use Pensilis\Numerics\PiecewiseLinear;
use Pensilis\Quantity\Temperature;

/** A logged room: straight between its points, held beyond its ends. */
final readonly class SeriesAmbient implements Ambient
{
    private function __construct(private PiecewiseLinear $celsius) {}

    /** @param list<array{float, float}> $points hour from the start, °C; hours strictly increase */
    public static function through(array $points): self
    {
        return new self(PiecewiseLinear::through($points));
    }

    public function at(float $seconds): float
    {
        return Temperature::celsius($this->celsius->at($seconds / 3600.0))->k();
    }

    public function greatest(float $from, float $to): float
    {
        return Temperature::celsius($this->celsius->greatest($from / 3600.0, $to / 3600.0))->k();
    }
}
