<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\Words\Figures;
use Pensilis\Geometry\Region\Parcels;
use Pensilis\Geometry\Region\Patch;
use Pensilis\Geometry\VesselShape;
use Pensilis\Material\Inclusion;
use Pensilis\Plan\GivenPour;
use Pensilis\Plan\Plan;
use Pensilis\Plan\Viewed;
use Pensilis\Plan\Zone;
use Pensilis\Quantity\UnitSystem;
use Pensilis\Scheduling\StudioClock;

/** A piece, or an empty vessel, as a small drawing for a list: from the side, a flat one from above, its objects at their places. */
final readonly class Silhouette
{
    public const WIDTH = 112.0;

    public const HEIGHT = 80.0;

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
     * @param list<GivenPour> $pours      of which those that are coloured are drawn
     * @param bool            $fromFloor  whether the floor will be looked at
     */
    public function __construct(
        private VesselShape $shape,
        private array $inclusions,
        private array $pours = [],
        private bool $fromFloor = false,
    ) {
        $cuts = array_map(fn(int $n) => $shape->sectionAt($shape->height() * $n / self::CUTS), range(0, self::CUTS));
        $across = max(array_map(fn($cut): float => $cut->halfX, $cuts));
        $behind = max(array_map(fn($cut): float => $cut->halfY, $cuts));
        $isColoured = array_filter($pours, fn(GivenPour $pour): bool => $pour->coat->isColoured()) !== [];
        $this->fromAbove = ($inclusions !== [] || $isColoured) && $shape->height() < self::FLAT * 2.0 * $across;
        $this->scale = min(
            (self::WIDTH - 2.0 * self::MARGIN) / (2.0 * $across),
            (self::HEIGHT - 2.0 * self::MARGIN) / ($this->fromAbove ? 2.0 * $behind : $shape->height()),
        );
    }

    public static function ofPlan(Plan $plan): self
    {
        return new self($plan->vessel->shape, $plan->inclusions, $plan->pours, $plan->setup->viewed === Viewed::Bottom);
    }

    /** @return list<array{string, string}> colour and SVG path data about the middle, of coats as far as they are seen, the nearest last */
    public function coats(): array
    {
        [$drawn, $bottom] = [[], 0.0];
        foreach ($this->pours as $pour) {
            $top = $bottom + $pour->depth;
            if ($pour->coat->isColoured()) {
                array_push($drawn, ...$this->fromAbove ? $this->regions($pour, $top) : [$this->band($pour, $bottom, $top)]);
            }
            $bottom = $top;
        }

        return $this->fromAbove && $this->fromFloor ? array_reverse($drawn) : $drawn;
    }

    /** @return list<array{string, string}> */
    private function regions(GivenPour $pour, float $level): array
    {
        $parcels = new Parcels(
            $this->shape->sectionAt(min($level, $this->shape->height())),
            array_map(fn(Zone $zone): Patch => $zone->patch, $pour->coat->zones),
        );
        $paths = Mosaic::paths(
            fn(float $y): array => array_map(
                fn(array $span): array => [$span[0], $span[1], $pour->coat->recipe($span[2])->swatch()->toHex()],
                $parcels->across($y),
            ),
            $parcels->section->support(0.0, 1.0)[1],
            $this->scale,
            false,
            $parcels->turns(),
        );

        return array_map(fn(string $shade, string $path): array => [$shade, $path], array_keys($paths), array_values($paths));
    }

    /** @return array{string, string} a coat from the side: in the colour of its ground, or of its first region where that is clear */
    private function band(GivenPour $pour, float $bottom, float $top): array
    {
        $recipe = $pour->coat->ground->isClear() ? $pour->coat->recipe(0) : $pour->coat->ground;
        [$left, $right] = [[], []];
        foreach ([$bottom, 0.5 * ($bottom + $top), $top] as $z) {
            $half = $this->shape->sectionAt(min($z, $this->shape->height()))->halfX;
            $y = $this->y($z) - 0.5 * self::HEIGHT;
            $right[] = ($this->x($half) - 0.5 * self::WIDTH) . " {$y}";
            $left[] = ($this->x(-$half) - 0.5 * self::WIDTH) . " {$y}";
        }

        return [$recipe->swatch()->toHex(), 'M' . implode('L', [...$right, ...array_reverse($left)]) . 'Z'];
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
            foreach (array_slice($one->places(), 0, self::MOST) as [$x, $y]) {
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
