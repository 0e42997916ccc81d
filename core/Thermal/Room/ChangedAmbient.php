<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Room;

/** A room as it was known, until a moment from which on it keeps one temperature. */
final readonly class ChangedAmbient implements Ambient
{
    /**
     * @param float $from   s
     * @param float $kelvin from then on
     */
    public function __construct(private Ambient $before, private float $from, private float $kelvin) {}

    public function at(float $seconds): float
    {
        return $seconds < $this->from ? $this->before->at($seconds) : $this->kelvin;
    }

    public function greatest(float $from, float $to): float
    {
        return max(
            $from < $this->from ? $this->before->greatest($from, min($to, $this->from)) : $this->kelvin,
            $to >= $this->from ? $this->kelvin : -INF,
        );
    }
}
