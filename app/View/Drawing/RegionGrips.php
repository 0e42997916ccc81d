<?php

declare(strict_types=1);

namespace App\View\Drawing;

use Closure;
use Pensilis\Geometry\Section;
use Pensilis\PlanFile\Document;

/** Where the regions of one coat can be taken hold of in the plan. What is told of them is in millimetres, as the plan file has it. */
final readonly class RegionGrips
{
    /** An edge outside the vessel is offered just inside it, as a share of the way. */
    private const INSIDE = 0.98;

    /** How much of it, mm. */
    private const SHORT = 5.0;

    /**
     * @param list<array<array-key, mixed>>              $zones  of a plan file
     * @param Closure(float, float): array{float, float} $placed drawing units of a place in metres
     * @param float                                      $scale  drawing units for a millimetre
     */
    public function __construct(private array $zones, private Section $rim, private Closure $placed, private float $scale) {}

    /** @return list<Grip> */
    public function of(int $index): array
    {
        $zone = $this->zones[$index] ?? [];

        return match ($zone['shape'] ?? '') {
            'band' => [$this->straight($index, 'from_mm'), $this->straight($index, 'to_mm')],
            'half' => [$this->straight($index, 'from_mm')],
            'ring' => array_map(
                fn(string $key): Grip => $this->round($index, $key),
                (Document::number($zone, '/inner_mm') ?? 0.0) > 0.0 ? ['outer_mm', 'inner_mm'] : ['outer_mm'],
            ),
            'line'  => $this->spots($zone),
            default => [],
        };
    }

    /** How the whole of a region is moved: the direction across it where only that counts. */
    public function degrees(int $index): float
    {
        return Document::number($this->zones[$index] ?? [], '/angle_deg') ?? 0.0;
    }

    public function shape(int $index): string
    {
        $shape = $this->zones[$index]['shape'] ?? '';

        return is_string($shape) ? $shape : '';
    }

    private function straight(int $index, string $key): Grip
    {
        $turn = deg2rad($this->degrees($index));
        [$c, $s] = [round(cos($turn), 15), round(sin($turn), 15)];
        $value = Document::number($this->zones[$index], "/{$key}") ?? 0.0;
        [$least, $most] = [-$this->reach(-$c, -$s), $this->reach($c, $s)];
        $at = 1e-3 * max(self::INSIDE * $least, min(self::INSIDE * $most, $value));
        $spans = $this->rim->along($at * $c, $at * $s, -$s, $c)->spans;
        [$from, $to] = $spans === []
            ? [-1e-3 * self::SHORT, 1e-3 * self::SHORT]
            : [$spans[0][0], $spans[count($spans) - 1][1]];
        $ends = array_map(fn(float $far): array => ($this->placed)($at * $c - $far * $s, $at * $s + $far * $c), [$from, $to]);
        $marks = [0.0, round($least, 1), round($most, 1)];
        foreach ($this->zones as $other => $zone) {
            $apart = fmod(abs($this->degrees($other) - $this->degrees($index)), 360.0);
            foreach ($other !== $index && in_array($zone['shape'] ?? '', ['band', 'half'], true) ? ['from_mm', 'to_mm'] : [] as $edge) {
                $stands = Document::number($zone, "/{$edge}");
                if ($stands !== null && ($apart === 0.0 || $apart === 180.0)) {
                    $marks[] = $apart === 0.0 ? $stands : -$stands;
                }
            }
        }

        return new Grip($key, 'line', [...$ends[0], ...$ends[1]], $value, [$c, $s], $marks);
    }

    /** How far the vessel reaches in a direction, mm. */
    private function reach(float $c, float $s): float
    {
        [$x, $y] = $this->rim->support($c, $s);

        return 1e3 * ($x * $c + $y * $s);
    }

    private function round(int $index, string $key): Grip
    {
        [$x, $y] = [Document::number($this->zones[$index], '/at_mm/0') ?? 0.0, Document::number($this->zones[$index], '/at_mm/1') ?? 0.0];
        $radius = Document::number($this->zones[$index], "/{$key}") ?? 0.0;
        $marks = [round(1e3 * $this->rim->halfX, 1), round(1e3 * $this->rim->halfY, 1)];
        foreach ($this->zones as $other => $zone) {
            foreach ($other === $index ? [] : ['inner_mm', 'outer_mm'] as $edge) {
                $marks = [...$marks, ...array_filter([Document::number($zone, "/{$edge}")], fn(?float $far): bool => $far !== null)];
            }
        }

        return new Grip(
            $key,
            'round',
            [...($this->placed)(1e-3 * $x, 1e-3 * $y), round($radius * $this->scale, 2), 0.0],
            $radius,
            [$x, $y],
            $marks,
        );
    }

    /**
     * @param array<array-key, mixed> $zone
     *
     * @return list<Grip>
     */
    private function spots(array $zone): array
    {
        $spots = [];
        foreach (array_values(Document::list($zone, '/points_mm')) as $n => $point) {
            $at = is_array($point) ? [Document::number($point, '/0') ?? 0.0, Document::number($point, '/1') ?? 0.0] : [0.0, 0.0];
            $spots[] = new Grip(
                'points_mm',
                'spot',
                [...($this->placed)(1e-3 * $at[0], 1e-3 * $at[1]), 0.0, 0.0],
                (float) $n,
                $at,
            );
        }

        return $spots;
    }
}
