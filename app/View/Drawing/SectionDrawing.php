<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\Words\Figures;
use App\Words\Words;
use Pensilis\Geometry\Cone;
use Pensilis\Geometry\Ellipsoid;
use Pensilis\Geometry\Section;
use Pensilis\Geometry\Sliced;
use Pensilis\Geometry\Solid;
use Pensilis\Layout\LaidPour;
use Pensilis\Layout\Layout;
use Pensilis\Material\Inclusion;
use Pensilis\Plan\Fitting;
use Pensilis\Plan\Plan;
use Pensilis\Quantity\Length;
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

    /** Left free above what stands out of the vessel. */
    private const EDGE = 6.0;

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

    private float $top;

    private float $floor;

    private float $middle;

    /** @param list<int> $atOdds objects that are marked */
    public function __construct(
        private Plan $plan,
        private ?Layout $layout,
        private Figures $figures,
        public Gaze $gaze,
        private array $atOdds = [],
    ) {
        $vessel = $plan->vessel;
        $wall = 1e3 * $vessel->wall->thickness;
        $height = 1e3 * $vessel->shape->height();
        $across = 2e3 * $this->reach() + 2.0 * $wall;
        $proud = 1e3 * $this->proud();
        $this->scale = min(
            (self::WIDTH - self::LEFT - self::RIGHT) / $across,
            (self::GREATEST_HEIGHT - self::TOP - self::BOARD - self::BOTTOM) / ($height + $wall + $proud),
        );
        $stretch = 1;
        while ($stretch < 8 && $stretch * $height * $this->scale < self::ROOMY) {
            $stretch *= 2;
        }
        $this->stretch = $stretch;
        $this->top = max(self::TOP, self::EDGE + $proud * $this->scale * $stretch);
        $this->floor = $this->top + $height * $this->scale * $stretch;
        $this->height = $this->floor + $wall * $this->scale + self::BOARD + self::BOTTOM;
        $this->middle = self::LEFT + 0.5 * (self::WIDTH - self::LEFT - self::RIGHT);
    }

    /** How far objects are to stand out of the vessel, m: what is only dragged there moves nothing else. */
    private function proud(): float
    {
        $vessel = $this->plan->vessel;

        return max([0.0, ...array_map(
            fn(Inclusion $one): float => $vessel->fill + min(-$one->cover, $one->solid->height()) - $vessel->shape->height(),
            array_filter($this->plan->inclusions, fn(Inclusion $one): bool => $one->cover < 0.0),
        )]);
    }

    /** y of a height above the floor, m */
    public function y(float $metres): float
    {
        $up = 1e3 * $metres * $this->scale * $this->stretch;

        return round($this->gaze->turned ? $this->top + $up : $this->floor - $up, 2);
    }

    /** x of a distance right of the middle, m; what is turned over shows its left at the right */
    public function x(float $metres): float
    {
        return round($this->middle + ($this->gaze->turned ? -1e3 : 1e3) * $metres * $this->scale, 2);
    }

    /** y of the upper end of the inside. */
    public function rim(): float
    {
        return $this->gaze->turned ? $this->top : $this->y($this->plan->vessel->shape->height());
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
        $half = $this->reach() + $this->plan->vessel->wall->thickness + 0.006;
        $left = max(self::LEFT - 14.0, $this->x(-$half));

        return [$left, $this->under(), min(self::WIDTH - 8.0, $this->x($half)) - $left, self::BOARD];
    }

    /**
     * @return list<array{
     *     points: string, top: float, middle: float, left: float, right: float, label: string, number: int, height: float, depth: float,
     * }> height and depth in mm
     */
    public function layers(): array
    {
        $layers = [];
        foreach ($this->layout->pours ?? [] as $k => $pour) {
            [$from, $to] = $this->span($this->plan->vessel->shape->sectionAt($pour->top));
            $ends = [$this->x($from), $this->x($to)];
            $layers[] = [
                'points' => $this->inside($pour->bottom, $pour->top),
                'top'    => $this->y($pour->top),
                'middle' => $this->y(0.5 * ($pour->bottom + $pour->top)),
                'left'   => min($ends),
                'right'  => max($ends),
                'label'  => $this->figures->length($pour->top),
                'number' => $k + 1,
                'height' => round(1e3 * $pour->top, 2),
                'depth'  => round(1e3 * $pour->depth(), 3),
            ];
        }

        return $layers;
    }

    /**
     * The colours of coats as they lie along the section, through the middle.
     *
     * @return list<array{x: float, y: float, width: float, height: float, shade: string}>
     */
    public function colours(): array
    {
        [$c, $s] = $this->gaze->right();
        $drawn = [];
        foreach ($this->layout->pours ?? [] as $pour) {
            foreach ($pour->coat->isColoured() ? $pour->portions->parcels->along(0.0, 0.0, $c, $s) : [] as [$from, $to, $index]) {
                [$left, $right] = [min($this->x($from), $this->x($to)), max($this->x($from), $this->x($to))];
                [$top, $bottom] = [min($this->y($pour->bottom), $this->y($pour->top)), max($this->y($pour->bottom), $this->y($pour->top))];
                $recipe = $pour->coat->recipe($index);
                if (!$recipe->isClear()) {
                    $drawn[] = [
                        'x'     => $left, 'y' => $top, 'width' => round($right - $left, 2), 'height' => round($bottom - $top, 2),
                        'shade' => $recipe->swatch()->toHex(),
                    ];
                }
            }
        }

        return $drawn;
    }

    /** @return list<array{y: float, long: bool, label: string}> */
    public function rule(): array
    {
        $us = $this->figures->system === UnitSystem::Us;
        $height = $this->plan->vessel->shape->height();
        $unit = $us ? 1e-3 * Length::INCH : 0.01;
        while ($unit * 1e3 * $this->scale * $this->stretch < 16.0) {
            $unit *= $us ? 2.0 : 5.0;
        }
        $minor = $us ? 4 : 2;
        $ticks = [];
        for ($n = 0; $n * $unit / $minor <= $height + 1e-9; $n++) {
            $long = $n % $minor === 0;
            $ticks[] = [
                'y'     => $this->y($n * $unit / $minor), 'long' => $long,
                'label' => $long ? (string) round($n / $minor * $unit / ($us ? 1e-3 * Length::INCH : 1e-3)) : '',
            ];
        }

        return $ticks;
    }

    public function ruleUnit(): string
    {
        return $this->figures->system === UnitSystem::Us ? 'in' : 'mm';
    }

    /** Heights in millimetres that an object snaps to while it is dragged: the floor and the set surfaces. */
    public function marks(): string
    {
        return implode(',', [0, ...array_map(fn(LaidPour $pour): float => round(1e3 * $pour->top, 2), $this->layout->pours ?? [])]);
    }

    /** @return list<array{float, float, float, float, string}> left, top, width, height and name of what is kept free for fittings */
    public function fittings(): array
    {
        $level = $this->layout?->level() ?? $this->plan->vessel->fill;

        return array_map(function (Fitting $one) use ($level): array {
            [$from, $to] = $this->plan->setup->keptFree($one, $level);
            $middle = $this->x($this->gaze->across($one->x, $one->y));
            $half = round(1e3 * $one->radius * $this->scale, 2);
            [$top, $bottom] = [$this->y($to), $this->y($from)];

            return [
                $middle - $half, min($top, $bottom), 2.0 * $half, abs($bottom - $top),
                Words::say('piece.fittings.says', ['kind' => Words::say("fields.choices.fitting.{$one->kind}")]),
            ];
        }, $this->plan->purpose->fittings);
    }

    /** @return list<DrawnObject> one for each copy */
    public function objects(): array
    {
        $drawn = [];
        foreach ($this->plan->inclusions as $i => $inclusion) {
            $bottom = $this->layout?->bottomOf($inclusion) ?? $inclusion->targetBottom;
            [$left, $right] = $this->span($inclusion->solid->footprint());
            $outline = $this->silhouette($inclusion->solid);
            foreach ($inclusion->places() as $n => [$x, $y]) {
                $across = $this->gaze->across($x, $y);
                $middle = $this->y($bottom + 0.5 * $inclusion->solid->height());
                $drawn[] = new DrawnObject(
                    $i,
                    $n === 0 ? $inclusion->name() : '',
                    $inclusion->solid instanceof Ellipsoid,
                    0.5 * ($this->x($across + $left) + $this->x($across + $right)),
                    $middle,
                    round(500.0 * ($right - $left) * $this->scale, 2),
                    round(500.0 * $inclusion->solid->height() * $this->scale * $this->stretch, 2),
                    1e3 * $inclusion->targetBottom,
                    1e3 * $inclusion->x,
                    1e3 * $inclusion->y,
                    !in_array($inclusion->id, $this->layout->unsupported ?? [$inclusion->id], true),
                    implode(' ', array_map(fn(array $p): string => $this->x($across + $p[0]) . ',' . $this->y($bottom + $p[1]), $outline)),
                    $inclusion->group ?? '',
                    in_array($i, $this->atOdds, true),
                    $this->figures,
                    ...DrawnObject::looksOf($inclusion, false),
                );
            }
        }

        return $drawn;
    }

    /**
     * Names of objects where they can be read, clear of the surfaces where there is a choice.
     *
     * @param list<DrawnObject> $objects
     * @param list<array{left: float, top: float, right: float, ...<array-key, mixed>}> $layers  as they are drawn
     *
     * @return list<Label> by number in the list of objects
     */
    public function labels(array $objects, array $layers): array
    {
        $surfaces = array_map(fn(array $layer): array => [$layer['left'], $layer['top'], $layer['right'], $layer['top']], $layers);

        return Labels::of(
            array_map(fn(DrawnObject $one): array => $one->named(), $objects),
            PlanDrawing::TYPE,
            [self::LEFT, 0.0, self::WIDTH - self::RIGHT, $this->height],
            $surfaces,
            PlanDrawing::NAMED,
        );
    }

    /** @return list<array{float, float}> corners of the side view, right of the middle and above the underside, m; none of plain ones */
    private function silhouette(Solid $solid): array
    {
        if (!$solid instanceof Cone && !$solid instanceof Sliced) {
            return [];
        }
        [$lefts, $rights] = [[], []];
        foreach ($solid instanceof Cone ? [0.0, 1.0] : range(0.0, 1.0, 1.0 / self::CUTS) as $share) {
            $z = $share * $solid->height();
            [$from, $to] = $this->span($solid->sectionAt($z));
            $lefts[] = [$from, $z];
            $rights[] = [$to, $z];
        }

        return [...$lefts, ...array_reverse($rights)];
    }

    /** y of the underside of the mold; its floor is never stretched. */
    private function under(): float
    {
        return round($this->floor + 1e3 * $this->plan->vessel->wall->thickness * $this->scale, 2);
    }

    /** @return array{float, float} from where to where a level cut is seen, right of its middle, m */
    private function span(Section $section): array
    {
        [$c, $s] = $this->gaze->right();

        return [$this->gaze->across(...$section->support(-$c, -$s)), $this->gaze->across(...$section->support($c, $s))];
    }

    /**
     * How far the widest cut reaches from the middle, m; from anywhere but the front as far as from any side, so that
     * a drawing that is turned keeps its scale.
     */
    private function reach(): float
    {
        $shape = $this->plan->vessel->shape;
        $reach = 0.0;
        foreach ($shape->isUpright() ? [0.0] : range(0.0, 1.0, 1.0 / self::CUTS) as $share) {
            $section = $shape->sectionAt($share * $shape->height());
            [$from, $to] = $this->span($section);
            $reach = max($reach, -$from, $to);
            foreach ($this->gaze->degrees === 0 ? [] : $section->rim() as [$x, $y]) {
                $reach = max($reach, hypot($x, $y));
            }
        }

        return $reach;
    }

    private function outline(float $from, float $to, float $beyond): string
    {
        $shape = $this->plan->vessel->shape;
        $cuts = $shape->isUpright() ? 1 : self::CUTS;
        [$left, $right] = [[], []];
        for ($n = 0; $n <= $cuts; $n++) {
            $z = $from + ($to - $from) * $n / $cuts;
            [$least, $most] = $this->span($shape->sectionAt($z));
            $right[] = $this->x($most + $beyond) . ',' . $this->y($z);
            $left[] = $this->x($least - $beyond) . ',' . $this->y($z);
        }
        if ($beyond > 0.0) {
            [$least, $most] = $this->span($shape->sectionAt(0.0));
            array_unshift($right, $this->x($most + $beyond) . ',' . $this->under());
            array_unshift($left, $this->x($least - $beyond) . ',' . $this->under());
        }

        return implode(' ', [...$right, ...array_reverse($left)]);
    }
}
