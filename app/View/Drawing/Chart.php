<?php

declare(strict_types=1);

namespace App\View\Drawing;

use Pensilis\Quantity\Figure;

/**
 * Lines over an axis of a few even steps, one step for each value across: rooms or masses as they are listed. Drawing units are CSS
 * pixels at full size; y grows downward.
 */
final readonly class Chart
{
    public const WIDTH = 360.0;

    public const HEIGHT = 220.0;

    private const LEFT = 46.0;

    private const RIGHT = 22.0;

    private const TOP = 24.0;

    private const BOTTOM = 34.0;

    private const STEPS = [0.1, 0.2, 0.5, 1.0, 2.0, 5.0, 10.0, 20.0, 50.0, 100.0, 200.0, 500.0];

    /** Lines across, at most. */
    private const MOST = 6;

    private float $step;

    private float $greatest;

    /**
     * @param list<string>                    $across  names along the axis
     * @param array<string, list<float|null>> $lines   a value for each of them, by name
     * @param string                          $unit    of the values
     * @param float                           $reaches a value that must lie on it, besides
     */
    public function __construct(public array $across, private array $lines, public string $unit, float $reaches = 0.0)
    {
        $all = array_filter(array_merge(...array_values($lines)), fn(?float $one): bool => $one !== null);
        $greatest = max([0.1, $reaches, ...$all]);
        $fitting = array_filter(self::STEPS, fn(float $step): bool => $greatest / $step <= self::MOST);
        $this->step = min([...$fitting, self::STEPS[count(self::STEPS) - 1]]);
        $this->greatest = $this->step * ceil($greatest / $this->step);
    }

    public function x(int $n): float
    {
        return round(self::LEFT + (self::WIDTH - self::LEFT - self::RIGHT) * $n / max(1, count($this->across) - 1), 2);
    }

    /** x of a share of the way from the first to the last. */
    public function between(float $share): float
    {
        return round(self::LEFT + (self::WIDTH - self::LEFT - self::RIGHT) * $share, 2);
    }

    public function y(float $value): float
    {
        return round(self::HEIGHT - self::BOTTOM - (self::HEIGHT - self::TOP - self::BOTTOM) * $value / $this->greatest, 2);
    }

    public function left(): float
    {
        return self::LEFT;
    }

    public function right(): float
    {
        return self::WIDTH - self::RIGHT;
    }

    public function foot(): float
    {
        return self::HEIGHT - self::BOTTOM;
    }

    /** @return list<array{y: float, label: string}> */
    public function edges(): array
    {
        return array_map(
            fn(int $n): array => ['y' => $this->y($n * $this->step), 'label' => Figure::short($n * $this->step, 1)],
            range(0, (int) round($this->greatest / $this->step)),
        );
    }

    /** @return list<array{name: string, points: string}> */
    public function lines(): array
    {
        $drawn = [];
        foreach ($this->lines as $name => $values) {
            $known = array_filter($values, fn(?float $one): bool => $one !== null);
            $points = array_map(fn(int $n, float $value): string => $this->x($n) . ',' . $this->y($value), array_keys($known), $known);
            $drawn[] = ['name' => $name, 'points' => implode(' ', $points)];
        }

        return $drawn;
    }
}
