<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\Words\Words;
use Closure;
use Pensilis\Quantity\Figure;
use Pensilis\Quantity\UnitSystem;

/**
 * Steps of a quantity that a drawing tells apart: each by a shade and by a digit, so that it is read without colour too. Shades are those
 * of the inferno map (S. van der Walt, N. Smith, 2015; CC0), even to the eye from dark to light.
 */
final readonly class Bands
{
    private const INFERNO = [
        [0, 0, 4], [27, 12, 65], [74, 12, 107], [120, 28, 109], [165, 44, 96], [207, 68, 70], [237, 105, 37], [251, 155, 6], [247, 209, 61],
        [252, 255, 164],
    ];

    /** As many as one digit tells apart, and the eye. */
    private const MOST = 9;

    private const STEPS = [0.5, 1.0, 2.0, 5.0, 10.0, 20.0, 50.0];

    /** Of the brightest shade, above which writing on it is dark. */
    private const LIGHT = 110.0;

    /**
     * @param Closure(float): float $shown from what is computed to what is read
     * @param float                 $first edge, as read
     * @param int                   $digit of the first band
     */
    private function __construct(
        private Closure $shown,
        private float $first,
        private float $step,
        private int $count,
        private string $unit,
        private int $digit = 1,
    ) {}

    /**
     * @param float $least    °C
     * @param float $greatest °C
     */
    public static function heat(float $least, float $greatest, UnitSystem $system): self
    {
        $us = $system === UnitSystem::Us;
        $shown = fn(float $celsius): float => $us ? 1.8 * $celsius + 32.0 : $celsius;
        $first = fn(float $step): float => $step * floor($shown($least) / $step);
        $count = fn(float $step): int => (int) max(1.0, ceil(($shown($greatest) - $first($step)) / $step));
        $fitting = array_filter(self::STEPS, fn(float $step): bool => $count($step) <= self::MOST);
        $step = min([...$fitting, self::STEPS[count(self::STEPS) - 1]]);

        return new self($shown, $first($step), $step, min(self::MOST, $count($step)), $us ? '°F' : '°C');
    }

    /** Of a conversion from 0 to 1; the digit tells the tens of per cent. */
    public static function cure(): self
    {
        return new self(fn(float $share): float => 100.0 * $share, 0.0, 10.0, 10, '%', 0);
    }

    public function of(float $value): int
    {
        return (int) max(0.0, min($this->count - 1.0, floor((($this->shown)($value) - $this->first) / $this->step)));
    }

    public function isBeyond(float $value): bool
    {
        return ($this->shown)($value) > $this->first + $this->step * $this->count + 1e-9;
    }

    /** How far up from the first edge to the last. */
    public function share(float $value): float
    {
        return max(0.0, min(1.0, (($this->shown)($value) - $this->first) / $this->step / $this->count));
    }

    /** @return list<array{digit: int, from: string, to: string, shade: string, ink: string}> from the least up; ink: class of writing */
    public function all(): array
    {
        return array_map(function (int $n): array {
            $edge = fn(int $k): string => Figure::short($this->first + $k * $this->step, 1);
            [$shade, $isLight] = $this->shade($n);

            return [
                'digit' => $this->digit + $n, 'from' => $edge($n), 'to' => $edge($n + 1), 'shade' => $shade,
                'ink'   => $isLight ? 'on-light' : 'on-dark',
            ];
        }, range(0, $this->count - 1));
    }

    public function unit(): string
    {
        return $this->unit;
    }

    public function says(): string
    {
        return Words::say('cure.legend', ['unit' => $this->unit]);
    }

    /** @return array{string, bool} and whether it is light */
    private function shade(int $n): array
    {
        $at = $this->count === 1 ? 0.0 : $n / ($this->count - 1) * (count(self::INFERNO) - 1);
        [$low, $share] = [(int) min(count(self::INFERNO) - 2.0, floor($at)), $at - min(count(self::INFERNO) - 2.0, floor($at))];
        $mixed = array_map(
            fn(int $a, int $b): int => (int) round($a + $share * ($b - $a)),
            self::INFERNO[$low],
            self::INFERNO[$low + 1],
        );

        return [sprintf('#%02x%02x%02x', ...$mixed), 0.3 * $mixed[0] + 0.6 * $mixed[1] + 0.1 * $mixed[2] > self::LIGHT];
    }
}
