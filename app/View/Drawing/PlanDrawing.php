<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\Models\Photograph;
use App\Words\Figures;
use Pensilis\Geometry\Section;
use Pensilis\Plan\Fitting;
use Pensilis\Plan\Plan;

/** The view from above, to scale: what is right in the section is right here, behind is up. */
final readonly class PlanDrawing
{
    public const WIDTH = 372.0;

    /** Size of the type in drawings, in their units. */
    public const TYPE = 12.0;

    /** Names that are put where they can be read; where there are more, none of the others is read at a glance anyway. */
    public const NAMED = 80;

    private const MARGIN = 16.0;

    public float $scale;

    public float $height;

    public Section $rim;

    /** @param list<int> $atOdds objects that are marked */
    public function __construct(
        private Plan $plan,
        private Figures $figures,
        public Gaze $gaze,
        private ?Photograph $photograph = null,
        private array $atOdds = [],
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
        return $this->ring($section->outer(), $beyond);
    }

    /** @return list<string> SVG points of the holes of a section */
    public function holes(Section $section): array
    {
        return array_map(fn(array $hole): string => $this->ring($hole, 0.0), $section->holes());
    }

    /** @param list<array{float, float}> $ring */
    private function ring(array $ring, float $beyond): string
    {
        $points = [];
        foreach ($ring as [$x, $y]) {
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

    /** @return list<DrawnFitting> */
    public function fittings(): array
    {
        $all = $this->plan->purpose->fittings;

        return array_map(
            fn(Fitting $one, int $n): DrawnFitting => new DrawnFitting(
                $n,
                $one,
                $this->right($one->x),
                -$this->units($one->y),
                $this->units($one->radius),
                $this->plan->purpose->partnerOf($n),
                $this->figures,
            ),
            $all,
            array_keys($all),
        );
    }

    /** @return list<DrawnObject> about the middle of the drawing, one for each copy */
    public function objects(): array
    {
        $drawn = [];
        foreach ($this->plan->inclusions as $i => $inclusion) {
            $foot = $inclusion->solid->footprint();
            foreach ($inclusion->places() as $n => [$x, $y]) {
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

    /**
     * Names of objects, then of regions, where they can be read.
     *
     * @param list<DrawnObject> $objects
     *
     * @return list<Label> by number in the list of objects; those of regions come after
     */
    public function labels(array $objects, ?RegionDrawing $regions): array
    {
        return Labels::of(
            [...array_map(fn(DrawnObject $one): array => $one->named(), $objects), ...($regions?->named() ?? [])],
            self::TYPE,
            [-0.5 * self::WIDTH, -0.5 * $this->height, 0.5 * self::WIDTH, 0.5 * $this->height],
            $regions->edges ?? [],
            self::NAMED,
        );
    }

    private function moved(Section $foot, float $x, float $y): string
    {
        return implode(' ', array_map(fn(array $p): string => $this->right($x + $p[0]) . ',' . -$this->units($y + $p[1]), $foot->rim()));
    }

    /** Drawing units right of the middle; what is turned over shows its left at the right. */
    public function right(float $metres): float
    {
        return ($this->gaze->turned ? -1.0 : 1.0) * $this->units($metres);
    }
}
