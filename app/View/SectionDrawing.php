<?php

declare(strict_types=1);

namespace App\View;

use Pensilis\Geometry\Cone;
use Pensilis\Geometry\Ellipsoid;
use Pensilis\Geometry\Section;
use Pensilis\Material\Inclusion;
use Pensilis\Plan\Layout;
use Pensilis\Plan\Plan;
use Pensilis\Quantity\UnitSystem;

/**
 * The side view: vessel, layers as lit bands, depth rule, objects on their plumb lines.
 *
 * To scale; of a flat vessel the heights are stretched by two, four or eight, which is told. One drawing unit
 * is a CSS pixel at full size; y grows downward.
 */
final readonly class SectionDrawing
{
    public const WIDTH = 470.0;

    private const GREATEST_HEIGHT = 372.0;

    private const LEFT = 62.0;

    private const RIGHT = 66.0;

    private const TOP = 30.0;

    private const BOTTOM = 14.0;

    private const CUTS = 24;

    /** Drawn height of the inside that is high enough to work in. */
    private const ROOMY = 130.0;

    /** Drawn thickness of the board: only a sign of what the mold stands on. */
    private const BOARD = 18.0;

    /** Drawing units for a millimetre across. */
    public float $scale;

    /** How much heights are stretched. */
    public int $stretch;

    public float $height;

    private float $floor;

    private float $middle;

    public function __construct(private Plan $plan, private ?Layout $layout, private Figures $figures)
    {
        $vessel = $plan->vessel;
        $wall = 1e3 * $vessel->wall->thickness;
        $height = 1e3 * $vessel->shape->height();
        $across = 2e3 * $this->widest()->halfX + 2.0 * $wall;
        $this->scale = min(
            (self::WIDTH - self::LEFT - self::RIGHT) / $across,
            (self::GREATEST_HEIGHT - self::TOP - self::BOARD - self::BOTTOM) / ($height + $wall),
        );
        $stretch = 1;
        while ($stretch < 8 && $stretch * $height * $this->scale < self::ROOMY) {
            $stretch *= 2;
        }
        $this->stretch = $stretch;
        $this->floor = self::TOP + $height * $this->scale * $stretch;
        $this->height = $this->floor + $wall * $this->scale + self::BOARD + self::BOTTOM;
        $this->middle = self::LEFT + 0.5 * (self::WIDTH - self::LEFT - self::RIGHT);
    }

    /** y of a height above the floor, m */
    public function y(float $metres): float
    {
        return round($this->floor - 1e3 * $metres * $this->scale * $this->stretch, 2);
    }

    /** x of a distance right of the middle, m */
    public function x(float $metres): float
    {
        return round($this->middle + 1e3 * $metres * $this->scale, 2);
    }

    public function rim(): float
    {
        return $this->y($this->plan->vessel->shape->height());
    }

    /** SVG points of the outside of the mold. */
    public function outside(): string
    {
        return $this->outline(0.0, $this->plan->vessel->shape->height(), $this->plan->vessel->wall->thickness);
    }

    /** SVG points of the inside between two heights. */
    public function inside(float $from, float $to): string
    {
        return $this->outline($from, $to, 0.0);
    }

    public function whole(): string
    {
        return $this->inside(0.0, $this->plan->vessel->shape->height());
    }

    /** @return array{float, float, float, float}|null x, y, width, height of the board */
    public function board(): ?array
    {
        $base = $this->plan->vessel->base;
        if ($base === null) {
            return null;
        }
        $half = $this->widest()->halfX + $this->plan->vessel->wall->thickness + 0.006;
        $left = max(self::LEFT - 14.0, $this->x(-$half));

        return [$left, $this->under(), min(self::WIDTH - 8.0, $this->x($half)) - $left, self::BOARD];
    }

    /** @return list<array{points: string, top: float, left: float, right: float, label: string, number: int}> */
    public function layers(): array
    {
        $layers = [];
        foreach ($this->layout->pours ?? [] as $k => $pour) {
            $half = $this->plan->vessel->shape->sectionAt($pour->top)->halfX;
            $layers[] = [
                'points' => $this->inside($pour->bottom, $pour->top),
                'top'    => $this->y($pour->top),
                'left'   => $this->x(-$half),
                'right'  => $this->x($half),
                'label'  => $this->figures->length($pour->top),
                'number' => $k + 1,
            ];
        }

        return $layers;
    }

    /** @return list<array{y: float, long: bool, label: string}> */
    public function rule(): array
    {
        $us = $this->figures->system === UnitSystem::Us;
        $height = $this->plan->vessel->shape->height();
        $unit = $us ? 0.0254 : 0.01;
        while ($unit * 1e3 * $this->scale * $this->stretch < 16.0) {
            $unit *= $us ? 2.0 : 5.0;
        }
        $minor = $us ? 4 : 2;
        $ticks = [];
        for ($n = 0; $n * $unit / $minor <= $height + 1e-9; $n++) {
            $long = $n % $minor === 0;
            $ticks[] = ['y' => $this->y($n * $unit / $minor), 'long' => $long, 'label' => $long ? (string) round($n / $minor * $unit / ($us ? 0.0254 : 0.001)) : ''];
        }

        return $ticks;
    }

    public function ruleUnit(): string
    {
        return $this->figures->system === UnitSystem::Us ? 'in' : 'mm';
    }

    /** @return list<DrawnObject> */
    public function objects(): array
    {
        $drawn = [];
        foreach ($this->plan->inclusions as $i => $inclusion) {
            $bottom = $this->layout?->bottomOf($inclusion) ?? $inclusion->targetBottom;
            $half = 0.5 * $inclusion->solid->height();
            $drawn[] = new DrawnObject(
                $i,
                $inclusion->id,
                $inclusion->solid instanceof Ellipsoid,
                $this->x($inclusion->x),
                $this->y($bottom + $half),
                round(1e3 * $inclusion->solid->footprint()->halfX * $this->scale, 2),
                round(1e3 * $half * $this->scale * $this->stretch, 2),
                1e3 * $inclusion->targetBottom,
                1e3 * $inclusion->x,
                1e3 * $inclusion->y,
                !in_array($inclusion->id, $this->layout->unsupported ?? [$inclusion->id], true),
                $inclusion->solid instanceof Cone ? $this->triangle($inclusion, $bottom) : '',
            );
        }

        return $drawn;
    }

    private function triangle(Inclusion $inclusion, float $bottom): string
    {
        $half = $inclusion->solid->footprint()->halfX;
        $foot = $this->y($bottom);

        return implode(' ', ["{$this->x($inclusion->x - $half)},{$foot}", "{$this->x($inclusion->x + $half)},{$foot}",
            "{$this->x($inclusion->x)},{$this->y($bottom + $inclusion->solid->height())}"]);
    }

    /** y of the underside of the mold; its floor is never stretched. */
    private function under(): float
    {
        return round($this->floor + 1e3 * $this->plan->vessel->wall->thickness * $this->scale, 2);
    }

    private function widest(): Section
    {
        $shape = $this->plan->vessel->shape;
        [$bottom, $top] = [$shape->sectionAt(0.0), $shape->sectionAt($shape->height())];

        return $bottom->halfX > $top->halfX ? $bottom : $top;
    }

    private function outline(float $from, float $to, float $beyond): string
    {
        $shape = $this->plan->vessel->shape;
        $cuts = $shape->isUpright() ? 1 : self::CUTS;
        [$left, $right] = [[], []];
        for ($n = 0; $n <= $cuts; $n++) {
            $z = $from + ($to - $from) * $n / $cuts;
            $half = $shape->sectionAt($z)->halfX + $beyond;
            $right[] = $this->x($half) . ',' . $this->y($z);
            $left[] = $this->x(-$half) . ',' . $this->y($z);
        }
        if ($beyond > 0.0) {
            $half = $shape->sectionAt(0.0)->halfX + $beyond;
            array_unshift($right, $this->x($half) . ',' . $this->under());
            array_unshift($left, $this->x(-$half) . ',' . $this->under());
        }

        return implode(' ', [...$right, ...array_reverse($left)]);
    }
}
