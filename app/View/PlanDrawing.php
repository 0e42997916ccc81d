<?php

declare(strict_types=1);

namespace App\View;

use Pensilis\Geometry\Section;
use Pensilis\Plan\Plan;

/** The view from above, to scale: what is right in the section is right here, behind is up. */
final readonly class PlanDrawing
{
    public const WIDTH = 372.0;

    private const MARGIN = 16.0;

    public float $scale;

    public float $height;

    public Section $rim;

    public function __construct(private Plan $plan)
    {
        $this->rim = $plan->vessel->shape->sectionAt($plan->vessel->shape->height());
        $wall = $plan->vessel->wall->thickness;
        $this->scale = (0.5 * self::WIDTH - self::MARGIN) / (1e3 * (max($this->rim->halfX, $this->rim->halfY) + $wall));
        $this->height = 2.0 * (self::MARGIN + $this->units($this->rim->halfY + $wall));
    }

    /** Drawing units of a length, m. */
    public function units(float $metres): float
    {
        return round(1e3 * $metres * $this->scale, 2);
    }

    public function wall(): float
    {
        return $this->units($this->plan->vessel->wall->thickness);
    }

    /** SVG points of an outline, pushed outward from the middle by so many drawing units. */
    public function points(Section $section, float $beyond): string
    {
        $points = [];
        foreach ($section->rim() as [$x, $y]) {
            $far = max(1e-9, hypot($x, $y));
            $points[] = round($this->units($x) + $beyond * $x / $far, 2) . ',' . -round($this->units($y) + $beyond * $y / $far, 2);
        }

        return implode(' ', $points);
    }

    public function floor(): Section
    {
        return $this->plan->vessel->shape->sectionAt(0.0);
    }

    public function isTapered(): bool
    {
        return !$this->plan->vessel->shape->isUpright();
    }

    /** @return list<DrawnObject> about the middle of the drawing */
    public function objects(): array
    {
        $drawn = [];
        foreach ($this->plan->inclusions as $i => $inclusion) {
            $foot = $inclusion->solid->footprint();
            $drawn[] = new DrawnObject(
                $i,
                $inclusion->id,
                $foot->round,
                $this->units($inclusion->x),
                -$this->units($inclusion->y),
                $this->units($foot->halfX),
                $this->units($foot->halfY),
                1e3 * $inclusion->targetBottom,
                1e3 * $inclusion->x,
                1e3 * $inclusion->y,
            );
        }

        return $drawn;
    }
}
