<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Room;

use Pensilis\Quantity\Temperature;

/** A room that follows the day: a cosine between its coldest and its warmest hour, twelve hours apart. */
final readonly class DailyAmbient implements Ambient
{
    /** s */
    private const DAY = 86400.0;

    /** @param float $coldest seconds after the start of the plan at which it is coldest */
    private function __construct(private float $mean, private float $swing, private float $coldest) {}

    /**
     * @param float $coldestHour of the clock
     * @param float $startHour   of the clock at which the plan starts
     */
    public static function between(Temperature $least, Temperature $greatest, float $coldestHour, float $startHour): self
    {
        return new self(
            0.5 * ($least->k() + $greatest->k()),
            0.5 * ($greatest->k() - $least->k()),
            3600.0 * ($coldestHour - $startHour),
        );
    }

    public function at(float $seconds): float
    {
        return $this->mean - $this->swing * cos(2.0 * M_PI * ($seconds - $this->coldest) / self::DAY);
    }

    public function greatest(float $from, float $to): float
    {
        $warmest = $this->coldest + self::DAY * (ceil(($from - $this->coldest) / self::DAY - 0.5) + 0.5);

        return $warmest <= $to ? $this->mean + abs($this->swing) : max($this->at($from), $this->at($to));
    }
}
