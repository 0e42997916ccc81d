<?php

declare(strict_types=1);

namespace Pensilis\Thermal;

/**
 * What was seen of a pour in the studio: when it first gelled, or what a probe in it read. Metres, kelvin, seconds from when it was poured.
 */
final readonly class Observed
{
    /** @param list<array{float, float}> $readings moment and temperature; none where a gel was seen */
    private function __construct(
        public float $room,
        public float $depth,
        public ?float $diameter,
        public ?float $gel,
        public array $readings,
        public float $height,
        public float $distance,
    ) {}

    /** @param float|null $diameter null for a pour so wide that only its depth counts */
    public static function gel(float $at, float $room, float $depth, ?float $diameter): self
    {
        return new self($room, $depth, $diameter, $at, [], 0.0, 0.0);
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
