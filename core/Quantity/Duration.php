<?php

declare(strict_types=1);

namespace Pensilis\Quantity;

/** A span of time. */
final readonly class Duration implements Quantity
{
    private const HOURS = ['h' => 1.0, 'hr' => 1.0, 'hrs' => 1.0, 'hour' => 1.0, 'hours' => 1.0, 'min' => 1.0 / 60.0,
        'mins'                 => 1.0 / 60.0, 'minute' => 1.0 / 60.0, 'minutes' => 1.0 / 60.0, 'm' => 1.0 / 60.0, 's' => 1.0 / 3600.0,
        'd'                    => 24.0, 'day' => 24.0, 'days' => 24.0, 'week' => 168.0, 'weeks' => 168.0];

    private function __construct(private float $hours) {}

    public static function hours(float $value): self
    {
        return new self($value);
    }

    /** A bare number is hours. */
    public static function parse(string $text): self
    {
        return new self(QuantityText::sum($text, self::HOURS, 'h', 'time', ['h', 'min', 'days', 'weeks']));
    }

    public function h(): float
    {
        return $this->hours;
    }

    public function figure(): float
    {
        return $this->hours;
    }

    public function ending(): string
    {
        return '_h';
    }

    /** "45 min", "3 h 20 min", "6 days 4 h". */
    public function print(UnitSystem $system = UnitSystem::Metric): string
    {
        $minutes = (int) round(60.0 * $this->hours);
        if ($minutes < 60) {
            return "{$minutes} min";
        }
        if ($minutes < 48 * 60) {
            return intdiv($minutes, 60) . ' h' . ($minutes % 60 > 0 ? ' ' . $minutes % 60 . ' min' : '');
        }
        $hours = (int) round($minutes / 60);

        return intdiv($hours, 24) . ' days' . ($hours % 24 > 0 ? ' ' . $hours % 24 . ' h' : '');
    }
}
