<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\Words\Figures;
use Pensilis\Geometry\VesselShape;
use Pensilis\Material\Inclusion;
use Pensilis\Plan\GivenPour;
use Pensilis\Plan\Plan;
use Pensilis\Quantity\UnitSystem;
use Pensilis\Scheduling\StudioClock;

/** A piece, or an empty vessel, as a small drawing for a list: from the side, a flat one from above, its objects at their places. */
final readonly class Silhouette
{
    public const WIDTH = 96.0;

    public const HEIGHT = 72.0;

    /** Left free on every side. */
    private const MARGIN = 3.0;

    private const CUTS = 8;

    /** Objects that are drawn at most. */
    private const MOST = 40;

    /** A piece lower than this share of its width is seen from above (memory). */
    private const FLAT = 0.4;

    private bool $fromAbove;

    private float $scale;

    /**
     * @param list<Inclusion> $inclusions
     * @param string          $shade      of its coloured coats, "#rrggbb"; empty for clear ones
     */
    public function __construct(private VesselShape $shape, private array $inclusions, public string $shade = '')
    {
        $cuts = array_map(fn(int $n) => $shape->sectionAt($shape->height() * $n / self::CUTS), range(0, self::CUTS));
        $across = max(array_map(fn($cut): float => $cut->halfX, $cuts));
        $behind = max(array_map(fn($cut): float => $cut->halfY, $cuts));
        $this->fromAbove = ($inclusions !== [] || $shade !== '') && $shape->height() < self::FLAT * 2.0 * $across;
        $this->scale = min(
            (self::WIDTH - 2.0 * self::MARGIN) / (2.0 * $across),
            (self::HEIGHT - 2.0 * self::MARGIN) / ($this->fromAbove ? 2.0 * $behind : $shape->height()),
        );
    }

    public static function ofPlan(Plan $plan): self
    {
        $coloured = array_filter($plan->pours, fn(GivenPour $pour): bool => $pour->coat->isColoured());
        $first = reset($coloured);
        $recipe = $first === false ? null : ($first->coat->ground->isClear() ? $first->coat->recipe(0) : $first->coat->ground);

        return new self($plan->vessel->shape, $plan->inclusions, $recipe?->swatch()->toHex() ?? '');
    }

    /** SVG points. */
    public function vessel(): string
    {
        $shape = $this->shape;
        if ($this->fromAbove) {
            $rim = $shape->sectionAt($shape->height());

            return implode(' ', array_map(fn(array $p): string => $this->x($p[0]) . ',' . $this->y($p[1]), $rim->rim()));
        }
        [$left, $right] = [[], []];
        for ($n = 0; $n <= self::CUTS; $n++) {
            $z = $shape->height() * $n / self::CUTS;
            $half = $shape->sectionAt($z)->halfX;
            $right[] = $this->x($half) . ',' . $this->y($z);
            $left[] = $this->x(-$half) . ',' . $this->y($z);
        }

        return implode(' ', [...$right, ...array_reverse($left)]);
    }

    /** @return list<DrawnObject> */
    public function objects(): array
    {
        $figures = new Figures(UnitSystem::Metric, StudioClock::unset());
        $drawn = [];
        foreach (array_slice($this->inclusions, 0, self::MOST) as $i => $one) {
            $foot = $one->solid->footprint();
            $half = $this->fromAbove ? $foot->halfY : 0.5 * $one->solid->height();
            foreach (array_slice($one->places, 0, self::MOST) as [$x, $y]) {
                $drawn[] = new DrawnObject(
                    $i,
                    '',
                    $foot->round,
                    $this->x($x),
                    $this->y($this->fromAbove ? $y : $one->targetBottom + $half),
                    round($foot->halfX * $this->scale, 1),
                    round($half * $this->scale, 1),
                    0.0,
                    0.0,
                    0.0,
                    true,
                    '',
                    '',
                    false,
                    $figures,
                    ...DrawnObject::looksOf($one, $this->fromAbove),
                );
            }
        }

        return $drawn;
    }

    private function x(float $metres): float
    {
        return round(0.5 * self::WIDTH + $metres * $this->scale, 1);
    }

    private function y(float $metres): float
    {
        return round(($this->fromAbove ? 0.5 * self::HEIGHT : self::HEIGHT - self::MARGIN) - $metres * $this->scale, 1);
    }
}
