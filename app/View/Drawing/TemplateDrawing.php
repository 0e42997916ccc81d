<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\Words\Figures;
use App\Words\Words;
use Pensilis\Geometry\Section;
use Pensilis\Layout\Layout;
use Pensilis\Plan\Fitting;
use Pensilis\Plan\Plan;

/**
 * The placement template at full size: one drawing unit is a millimetre.
 *
 * Seen from the open side as it is poured; mirrored it shows what a piece seen from its floor will show.
 */
final readonly class TemplateDrawing
{
    /** Size of the type, mm. */
    public const TYPE = 3.0;

    /** Half of the marks of the middle, of a fitting and of an object, mm. */
    public const MIDDLE = 6.0;

    public const CROSS = 3.0;

    public const MARK = 1.5;

    private const MARGIN = 8.0;

    /** From line to line of what is written below, mm. */
    public const LINE = 4.5;

    /** Room below the vessel for the ruler. */
    private const RULER = 22.0;

    /** Millimetres of the ruler that checks the printer. */
    public const CHECK = 100;

    public Section $rim;

    public float $width;

    public float $height;

    /**
     * Edges of regions and frames of what is applied, pour by pour: as lines, with what is said of each at its middle.
     *
     * @var list<array{
     *     lines: list<array{float, float, float, float}>, x: float, y: float, says: string, isTurned: bool, halfX: float, halfY: float,
     * }>
     */
    public array $coats;

    /** @var list<array{x: float, y: float, radius: float, name: string, says: string}> where to drill, and how deep */
    public array $fittings;

    public function __construct(private Plan $plan, private ?Layout $layout, private Figures $figures, public bool $mirrored)
    {
        $shape = $plan->vessel->shape;
        $this->rim = $shape->sectionAt($shape->height());
        $this->width = max(2e3 * $this->rim->halfX, self::CHECK) + 2.0 * self::MARGIN;
        $notes = self::LINE * count($plan->purpose->fittings);
        $this->height = 2e3 * $this->rim->halfY + 2.0 * self::MARGIN + self::RULER + $notes;
        [$this->coats, $this->fittings] = [$this->coats(), $this->fittings()];
    }

    /** Top left corner of the drawing; the middle of the vessel is at (0, 0). */
    public function left(): float
    {
        return -0.5 * $this->width;
    }

    public function top(): float
    {
        return -1e3 * $this->rim->halfY - self::MARGIN;
    }

    public function rulerTop(): float
    {
        return 1e3 * $this->rim->halfY + self::MARGIN;
    }

    /** SVG points of a section moved by (x, y) in metres. */
    public function points(Section $section, float $x = 0.0, float $y = 0.0): string
    {
        return $this->ring($section->outer(), $x, $y);
    }

    /** @return list<string> SVG points of the holes of the vessel */
    public function holes(): array
    {
        return array_map(fn(array $hole): string => $this->ring($hole, 0.0, 0.0), $this->rim->holes());
    }

    /** @param list<array{float, float}> $ring */
    private function ring(array $ring, float $x, float $y): string
    {
        return implode(' ', array_map(
            fn(array $p): string => $this->x($x + $p[0]) . ',' . round(-1e3 * ($y + $p[1]), 3),
            $ring,
        ));
    }

    /** How long the ruler is, as it can be measured. */
    public function check(): string
    {
        return $this->figures->length(1e-3 * self::CHECK);
    }

    /** @return list<array{points: string, x: float, y: float}> one for each copy */
    public function objects(): array
    {
        $drawn = [];
        foreach ($this->plan->inclusions as $one) {
            foreach ($one->places() as [$x, $y]) {
                $drawn[] = [
                    'points' => $this->points($one->solid->footprint(), $x, $y), 'x' => $this->x($x), 'y' => round(-1e3 * $y, 3),
                ];
            }
        }

        return $drawn;
    }

    /**
     * @return list<array{
     *     lines: list<array{float, float, float, float}>, x: float, y: float, says: string, isTurned: bool, halfX: float, halfY: float,
     * }>
     */
    private function coats(): array
    {
        $drawn = [];
        $words = new Words($this->figures->system);
        foreach ($this->layout->pours ?? [] as $k => $pour) {
            $middles = $pour->portions->parcels->middles();
            foreach (array_keys($pour->coat->zones) as $n) {
                [$x, $y] = $middles[$n] ?? [0.0, 0.0];
                $drawn[] = [
                    'lines' => array_map(
                        fn(array $edge): array => [
                            $this->x($edge[0]), round(-1e3 * $edge[1], 2), $this->x($edge[2]), round(-1e3 * $edge[3], 2),
                        ],
                        $pour->portions->parcels->edgesOf($n),
                    ),
                    'x'        => $this->x($x), 'y' => round(-1e3 * $y, 2),
                    'says'     => Words::say('template.region', ['pour' => $k + 1, 'region' => $words->inside($pour->coat->nameOf($n))]),
                    'isTurned' => false, ...RegionDrawing::room($pour->coat->zones[$n]->patch, 1e3),
                ];
            }
            foreach ($pour->coat->applied as $one) {
                [$x, $y] = [$this->x($one->x), round(-1e3 * $one->y, 2)];
                [$wide, $high] = [500.0 * $one->width, 500.0 * $one->height];
                // As it is laid in; on a template that is mirrored it reads the other way about.
                $drawn[] = [
                    'lines' => [
                        [$x - $wide, $y - $high, $x + $wide, $y - $high], [$x + $wide, $y - $high, $x + $wide, $y + $high],
                        [$x + $wide, $y + $high, $x - $wide, $y + $high], [$x - $wide, $y + $high, $x - $wide, $y - $high],
                    ],
                    'x'        => $x, 'y' => $y, 'says' => $one->says === '' ? $words->inside($one->fact()) : $one->says,
                    'isTurned' => $one->isMirrored($this->plan->setup->viewed) !== $this->mirrored, 'halfX' => $wide, 'halfY' => $high,
                ];
            }
        }

        return $drawn;
    }

    /**
     * What is written beside objects, regions and fittings, clear of each other and of lines where there is a choice.
     *
     * @return list<Label>
     */
    public function labels(): array
    {
        [$things, $lines] = [[], self::cross(0.0, 0.0, self::MIDDLE)];
        foreach ($this->plan->inclusions as $i => $one) {
            $foot = $one->solid->footprint();
            foreach ($one->places() as $n => [$x, $y]) {
                $things[] = ['x' => $this->x($x), 'y' => -1e3 * $y, 'halfX' => 1e3 * $foot->halfX, 'halfY' => 1e3 * $foot->halfY,
                    'name'       => $n === 0 ? $this->objectSays($i) : ''];
                array_push($lines, ...self::cross($this->x($x), -1e3 * $y, self::MARK));
            }
        }
        foreach ($this->fittings as $one) {
            $things[] = ['x' => $one['x'], 'y' => $one['y'], 'halfX' => $one['radius'], 'halfY' => $one['radius'], 'name' => $one['name']];
            array_push($lines, ...self::cross($one['x'], $one['y'], self::CROSS));
        }
        foreach ($this->coats as $one) {
            $things[] = ['name' => $one['isTurned'] ? '' : $one['says']] + $one;
            array_push($lines, ...$one['lines']);
        }
        $rim = array_map(fn(array $p): array => [$this->x($p[0]), -1e3 * $p[1]], $this->rim->rim());
        foreach ($rim as $n => $point) {
            $lines[] = [...$point, ...($rim[$n + 1] ?? $rim[0])];
        }

        return Labels::of($things, self::TYPE, [
            $this->left(), $this->top(), $this->left() + $this->width, $this->rulerTop(),
        ], $lines);
    }

    /** @return list<array{float, float, float, float}> the lines of a mark */
    private static function cross(float $x, float $y, float $half): array
    {
        return [[$x - $half, $y, $x + $half, $y], [$x, $y - $half, $x, $y + $half]];
    }

    private function objectSays(int $i): string
    {
        $one = $this->plan->inclusions[$i];

        return Words::say(
            'template.object',
            ['object' => $one->id, 'bottom' => $this->figures->length($this->layout?->bottomOf($one) ?? $one->targetBottom)],
        );
    }

    /** @return list<array{x: float, y: float, radius: float, name: string, says: string}> */
    private function fittings(): array
    {
        return array_map(function (Fitting $one, int $n): array {
            $name = Words::say('template.fitting', ['kind' => Words::say("fields.choices.fitting.{$one->kind}"), 'number' => $n + 1]);

            return [
                'x'    => $this->x($one->x), 'y' => round(-1e3 * $one->y, 2), 'radius' => 1e3 * $one->radius, 'name' => $name,
                'says' => Words::say("template.hole.{$one->fixing->value}", [
                    'fitting' => $name, 'depth' => $this->figures->length($one->depth),
                    'side'    => Words::say('fields.choices.side.' . ($one->fromTop ? 'top' : 'bottom')),
                    'left'    => $this->figures->length($this->rim->halfX + ($this->mirrored ? -1.0 : 1.0) * $one->x),
                    'front'   => $this->figures->length($this->rim->halfY + $one->y),
                ]),
            ];
        }, $this->plan->purpose->fittings, array_keys($this->plan->purpose->fittings));
    }

    private function x(float $metres): float
    {
        return round(($this->mirrored ? -1e3 : 1e3) * $metres, 3);
    }
}
