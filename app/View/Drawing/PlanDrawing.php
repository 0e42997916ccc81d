<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\Models\Photograph;
use App\Words\Figures;
use App\Words\Words;
use Pensilis\Geometry\Section;
use Pensilis\Layout\LaidPour;
use Pensilis\Plan\Fitting;
use Pensilis\Plan\Plan;

/** The view from above, to scale: what is right in the section is right here, behind is up. */
final readonly class PlanDrawing
{
    public const WIDTH = 372.0;

    private const MARGIN = 16.0;

    public float $scale;

    public float $height;

    public Section $rim;

    /**
     * @param list<int>     $atOdds objects that are marked
     * @param LaidPour|null $coat   the pour whose regions are shown
     */
    public function __construct(
        private Plan $plan,
        private Figures $figures,
        public Gaze $gaze,
        private ?Photograph $photograph = null,
        private array $atOdds = [],
        private ?LaidPour $coat = null,
    ) {
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
            $across = ($this->gaze->turned ? -1.0 : 1.0) * round($this->units($x) + $beyond * $x / $far, 2);
            $points[] = "{$across}," . -round($this->units($y) + $beyond * $y / $far, 2);
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

    /** @return array{x: float, y: float, width: float, height: float, flip: float}|null where the scaled photograph lies */
    public function underlay(): ?array
    {
        $photograph = $this->photograph;
        if ($photograph?->mm_per_pixel === null) {
            return null;
        }
        $units = $this->scale * $photograph->mm_per_pixel;

        return [
            'x'     => round(-$units * $photograph->middle_x, 2), 'y' => round(-$units * $photograph->middle_y, 2),
            'width' => round($units * $photograph->width, 2), 'height' => round($units * $photograph->height, 2),
            'flip'  => $this->gaze->turned ? -1.0 : 1.0,
        ];
    }

    /** The photograph that is shown, so that a new one is asked for anew. */
    public function photographId(): int
    {
        return $this->photograph->id ?? 0;
    }

    /** @return list<array{float, float, float, string}> middle, radius and kind of what is screwed or glued on */
    public function fittings(): array
    {
        return array_map(
            fn(Fitting $one): array => [
                $this->right($one->x), -$this->units($one->y), $this->units($one->radius),
                Words::say("fields.choices.fitting.{$one->kind}"),
            ],
            $this->plan->purpose->fittings,
        );
    }

    /** @return array<string, string> SVG path data of the regions, by the colour that each has in its cup */
    public function regions(): array
    {
        $parcels = $this->coat?->portions->parcels;
        if ($this->coat === null || $parcels === null || $this->coat->coat->zones === []) {
            return [];
        }
        $shades = [];
        foreach ($this->coat->portions->all as $portion) {
            $shades[$portion->index] = $portion->recipe->swatch()->toHex();
        }

        return Mosaic::paths(
            fn(float $y): array => array_map(
                fn(array $span): array => [$span[0], $span[1], $shades[$span[2]] ?? '#ffffff'],
                $parcels->across($y),
            ),
            $parcels->section->support(0.0, 1.0)[1],
            1e3 * $this->scale,
            $this->gaze->turned,
            $parcels->turns(),
        );
    }

    /** @return list<array{float, float, float, float}> edges of the regions, cut off at the wall */
    public function regionEdges(): array
    {
        $edges = [];
        foreach (array_keys($this->coat->coat->zones ?? []) as $index) {
            foreach ($this->coat?->portions->parcels->edgesOf($index) ?? [] as [$x, $y, $toX, $toY]) {
                $edges[] = [$this->right($x), -$this->units($y), $this->right($toX), -$this->units($toY)];
            }
        }

        return $edges;
    }

    /** @return list<array{float, float, string}> where the names of the regions stand */
    public function regionNames(): array
    {
        $names = [];
        foreach ($this->coat?->portions->parcels->middles() ?? [] as $index => [$x, $y]) {
            $names[] = [
                $this->right($x), -$this->units($y),
                $index < 0 ? '' : (new Words($this->figures->system))->inside($this->coat?->coat->nameOf($index) ?? ''),
            ];
        }

        return $names;
    }

    /** @return list<DrawnObject> about the middle of the drawing, one for each copy */
    public function objects(): array
    {
        $drawn = [];
        foreach ($this->plan->inclusions as $i => $inclusion) {
            $foot = $inclusion->solid->footprint();
            foreach ($inclusion->places as $n => [$x, $y]) {
                $drawn[] = new DrawnObject(
                    $i,
                    $n === 0 ? $inclusion->name() : '',
                    $foot->round,
                    $this->right($x),
                    -$this->units($y),
                    $this->units($foot->halfX),
                    $this->units($foot->halfY),
                    1e3 * $inclusion->targetBottom,
                    1e3 * $inclusion->x,
                    1e3 * $inclusion->y,
                    true,
                    $foot->outline === null ? '' : $this->moved($foot, $x, $y),
                    $inclusion->group ?? '',
                    in_array($i, $this->atOdds, true),
                    $this->figures,
                    ...DrawnObject::looksOf($inclusion, true),
                );
            }
        }

        return $drawn;
    }

    private function moved(Section $foot, float $x, float $y): string
    {
        return implode(' ', array_map(fn(array $p): string => $this->right($x + $p[0]) . ',' . -$this->units($y + $p[1]), $foot->rim()));
    }

    /** Drawing units right of the middle; what is turned over shows its left at the right. */
    private function right(float $metres): float
    {
        return ($this->gaze->turned ? -1.0 : 1.0) * $this->units($metres);
    }
}
