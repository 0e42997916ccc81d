<?php

declare(strict_types=1);

namespace Pensilis\Material;

/** Ways to dry what is cast in, and how long each usually takes: the middle of the range (common practice). */
enum Drying: string
{
    case None = 'none';
    case Press = 'press';
    case Hang = 'hang';
    case Silica = 'silica';
    case Oven = 'oven';
    case Warm = 'warm';
    case Air = 'air';

    /** Slices of 5 mm are dry in 6 hours at 60 °C, then lie a day in the open; ten degrees more take half as long (memory). */
    private const SLICE = 0.005;

    private const SLICE_HOURS = 6.0;

    private const SLICE_CELSIUS = 60.0;

    private const DOUBLING = 10.0;

    /**
     * Hours in an oven and a day after it. Water leaves a slice by diffusion, so in the square of its thickness (Crank, The Mathematics of
     * Diffusion, 1975, chapter 4).
     *
     * @param float $thick m
     */
    public static function ovenHours(float $thick, float $celsius): float
    {
        $slower = ($thick / self::SLICE) ** 2 * 2.0 ** ((self::SLICE_CELSIUS - $celsius) / self::DOUBLING);

        return self::Air->hours() + self::SLICE_HOURS * $slower;
    }

    /** h */
    public function hours(): float
    {
        return match ($this) {
            self::None => 0.0,
            self::Press, self::Hang, self::Warm => 21.0 * 24.0,
            self::Silica => 5.0 * 24.0,
            // A few hours until it snaps, then a day in the open.
            self::Oven => 30.0,
            self::Air  => 24.0,
        };
    }
}
