<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Fit;

/**
 * What was seen of a pour in the studio: when it first gelled, what a probe in it read, or what a tack test found. Metres, kelvin, seconds
 * from when it was poured.
 */
final readonly class Observed
{
    /**
     * @param float|null                $at       when it gelled or was touched; null for a probe
     * @param list<array{float, float}> $readings moment and temperature; none where a gel or a tack was seen
     */
    private function __construct(
        public float $room,
        public float $depth,
        public ?float $diameter,
        public ?float $at,
        public array $readings,
        public float $height,
        public float $distance,
        public ?Tack $tack = null,
    ) {}

    /** @param float|null $diameter null for a pour so wide that only its depth counts */
    public static function gel(float $at, float $room, float $depth, ?float $diameter): self
    {
        return new self($room, $depth, $diameter, $at, [], 0.0, 0.0);
    }

    public static function tack(Tack $found, float $at, float $room, float $depth, ?float $diameter): self
    {
        return new self($room, $depth, $diameter, $at, [], 0.0, 0.0, $found);
    }

    /**
     * @param list<array{float, float}> $readings moment and temperature, moments growing
     * @param float                     $height   of the probe above the floor
     * @param float                     $distance from the axis
     */
    public static function probe(array $readings, float $height, float $distance, float $room, float $depth, ?float $diameter): self
    {
        return new self($room, $depth, $diameter, null, $readings, $height, $distance);
    }

    /** By how much a probe rose above the room at most; 0 where there was none. */
    public function rise(): float
    {
        return max([0.0, ...array_map(fn(array $one): float => $one[1] - $this->room, $this->readings)]);
    }
}
