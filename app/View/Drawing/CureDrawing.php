<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\Words\Figures;
use App\Words\Words;
use Pensilis\Quantity\Figure;
use Pensilis\Simulation\CureFilm;

/**
 * The cure of a pour over its hours: as a field of height and time along its axis, and as curves at a few heights, both on one axis of
 * hours. Drawing units are CSS pixels at full size; y grows downward.
 */
final readonly class CureDrawing
{
    public const WIDTH = 760.0;

    public const FIELD = 236.0;

    public const CURVES = 266.0;

    /** Lines above the curves, on which moments are named, and how high each is. */
    public const NAMES = 3;

    public const LINE = 15.0;

    private const LEFT = 64.0;

    private const RIGHT = 14.0;

    private const TOP = 10.0;

    private const BOTTOM = 34.0;

    /** Heights of the field. */
    private const ROWS = 36;

    /** Every so many columns and rows a digit. */
    private const DIGITS = [6, 6];

    /** Hours between two marks, the first that leaves room. */
    private const HOURS = [0.25, 0.5, 1.0, 2.0, 3.0, 6.0, 12.0, 24.0, 48.0, 96.0, 240.0];

    private const MARKS = 10;

    /** Parts of the hours, at the ends of which letters of curves stand. */
    private const LETTERS = 9;

    public function __construct(private CureFilm $film, private Bands $bands, private bool $ofHeat, private Figures $figures) {}

    public function x(float $hour): float
    {
        return round(self::LEFT + (self::WIDTH - self::LEFT - self::RIGHT) * $hour / $this->film->hours, 2);
    }

    /** y of a height above the floor in the field. */
    public function y(float $height): float
    {
        return round(self::FIELD - self::BOTTOM - (self::FIELD - self::TOP - self::BOTTOM) * $height / $this->top(), 2);
    }

    /** Foot of the line on which a moment is named, one after the other. */
    public function line(int $n): float
    {
        return self::LINE * (1 + $n % self::NAMES);
    }

    public function left(): float
    {
        return self::LEFT;
    }

    public function right(): float
    {
        return self::WIDTH - self::RIGHT;
    }

    public function foot(float $height): float
    {
        return $height - self::BOTTOM;
    }

    /** @return list<array{x: float, y: float, width: float, height: float, band: int}> what is alike beside each other is one */
    public function field(): array
    {
        $drawn = [];
        $tall = $this->top() / self::ROWS;
        for ($j = 0; $j < self::ROWS; $j++) {
            [$from, $band] = [0, null];
            for ($n = 0; $n <= CureFilm::FRAMES; $n++) {
                $here = $n === CureFilm::FRAMES ? null : $this->bandAt($n, ($j + 0.5) * $tall);
                if ($n > 0 && $here !== $band) {
                    $drawn[] = $band === null ? null : $this->cell($from, $n, $j * $tall, ($j + 1) * $tall, $band);
                    $from = $n;
                }
                $band = $here;
            }
        }

        return array_values(array_filter($drawn));
    }

    /** @return list<array{x: float, y: float, band: int}> where a digit tells the band */
    public function digits(): array
    {
        [$every, $tall] = [self::DIGITS[0], $this->top() / self::ROWS];
        $digits = [];
        for ($n = intdiv($every, 2); $n < CureFilm::FRAMES; $n += $every) {
            for ($j = intdiv(self::DIGITS[1], 2); $j < self::ROWS; $j += self::DIGITS[1]) {
                $band = $this->bandAt($n, ($j + 0.5) * $tall);
                if ($band !== null) {
                    $digits[] = ['x' => $this->x($this->film->hour($n)), 'y' => $this->y(($j + 0.5) * $tall) + 4.0, 'band' => $band];
                }
            }
        }

        return $digits;
    }

    /** @return list<array{x: float, label: string}> */
    public function hours(): array
    {
        $roomy = array_filter(self::HOURS, fn(float $step): bool => $this->film->hours / $step <= self::MARKS);
        $step = min([...$roomy, self::HOURS[count(self::HOURS) - 1]]);
        $marks = [];
        for ($n = 0; $n * $step <= $this->film->hours; $n++) {
            $marks[] = ['x' => $this->x($n * $step), 'label' => Figure::short($n * $step, 2) . ' h'];
        }

        return $marks;
    }

    /** @return list<array{x: float, y: float, label: string}> floor and faces of pours, from when they are there */
    public function levels(): array
    {
        $levels = [['x' => self::LEFT, 'y' => $this->y(0.0), 'label' => $this->figures->length(0.0)]];
        foreach ($this->film->lattice->rows as $j => [, $top, $pour]) {
            if (($this->film->lattice->rows[$j + 1][2] ?? null) !== $pour) {
                $there = array_filter(range(0, CureFilm::FRAMES), fn(int $n): bool => $this->film->level($n) >= $top);
                $from = $this->x($this->film->hour(min([CureFilm::FRAMES, ...$there])));
                $levels[] = ['x' => $from, 'y' => $this->y($top), 'label' => $this->figures->length($top)];
            }
        }

        return $levels;
    }

    /**
     * @param list<array{string, callable(int): (float|null)}> $places letter, and what is read there in a frame
     *
     * @return list<array{name: string, points: string, x: float, y: float}> and where its letter stands, each at another hour
     */
    public function curves(array $places): array
    {
        return array_map(function (int $k, array $place): array {
            [$name, $reading] = $place;
            $points = [];
            foreach (range(0, CureFilm::FRAMES) as $n) {
                $value = $reading($n);
                if ($value !== null) {
                    $points[$n] = [$this->x($this->film->hour($n)), $this->rise($value)];
                }
                if ($value !== null && $this->bands->isBeyond($value)) {
                    // A cup may be far hotter than its pour ever is: its curve ends where it leaves the drawing.
                    break;
                }
            }
            $at = $points[intdiv(CureFilm::FRAMES * ($k + 3), self::LETTERS)] ?? $points[intdiv(count($points), 2)] ?? [0.0, 0.0];

            return [
                'name' => $name, 'points' => implode(' ', array_map(fn(array $point): string => "{$point[0]},{$point[1]}", $points)),
                'x'    => $at[0], 'y' => $at[1],
            ];
        }, array_keys($places), $places);
    }

    /** @return list<array{y: float, label: string}> edges of bands, as the curves have them */
    public function edges(): array
    {
        $bands = $this->bands->all();
        $labels = [...array_column($bands, 'from'), $bands[count($bands) - 1]['to']];

        return array_map(
            fn(int $n, string $label): array => ['y' => $this->riseOf($n / count($bands)), 'label' => $label],
            array_keys($labels),
            $labels,
        );
    }

    /** What is drawn of a place, °C or a share. */
    public function valueAt(int $frame, float $height, float $distance = 0.0): ?float
    {
        return $this->ofHeat
            ? $this->film->celsius($frame, $height, $distance)
            : $this->film->conversion($frame, $height, $distance);
    }

    public function says(?float $value): string
    {
        return match (true) {
            $value === null => Words::say('cure.nothing'),
            $this->ofHeat   => $this->figures->heat($value),
            default         => $this->figures->percent($value),
        };
    }

    private function bandAt(int $frame, float $height): ?int
    {
        $value = $this->valueAt($frame, $height);

        return $value === null ? null : $this->bands->of($value);
    }

    /** @return array{x: float, y: float, width: float, height: float, band: int} */
    private function cell(int $from, int $to, float $bottom, float $top, int $band): array
    {
        [$x, $y] = [$this->x($this->film->hour($from)), $this->y($top)];

        return [
            'x'      => $x, 'y' => $y, 'width' => round($this->x($this->film->hour($to)) - $x, 2),
            'height' => round($this->y($bottom) - $y, 2), 'band' => $band,
        ];
    }

    private function rise(float $value): float
    {
        return $this->riseOf($this->bands->share($value));
    }

    private function riseOf(float $share): float
    {
        return round(self::CURVES - self::BOTTOM - (self::CURVES - self::TOP - self::NAMES * self::LINE - self::BOTTOM) * $share, 2);
    }

    private function top(): float
    {
        return $this->film->lattice->rows[count($this->film->lattice->rows) - 1][1];
    }
}
