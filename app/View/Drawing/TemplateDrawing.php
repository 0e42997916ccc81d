<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\Words\Figures;
use App\Words\Words;
use Pensilis\Geometry\Section;
use Pensilis\Layout\Layout;
use Pensilis\Plan\Plan;

/**
 * The placement template at full size: one drawing unit is a millimetre.
 *
 * Seen from the open side as it is poured; mirrored it shows what a piece seen from its floor will show.
 */
final readonly class TemplateDrawing
{
    private const MARGIN = 8.0;

    /** Room below the vessel for the ruler. */
    private const RULER = 22.0;

    /** Millimetres of the ruler that checks the printer. */
    public const CHECK = 100;

    public Section $rim;

    public float $width;

    public float $height;

    public function __construct(private Plan $plan, private ?Layout $layout, private Figures $figures, public bool $mirrored)
    {
        $shape = $plan->vessel->shape;
        $this->rim = $shape->sectionAt($shape->height());
        $this->width = max(2e3 * $this->rim->halfX, self::CHECK) + 2.0 * self::MARGIN;
        $this->height = 2e3 * $this->rim->halfY + 2.0 * self::MARGIN + self::RULER;
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
        $points = array_map(fn(array $p): string => $this->x($x + $p[0]) . ',' . round(-1e3 * ($y + $p[1]), 3), $section->rim());

        return implode(' ', $points);
    }

    /** How long the ruler is, as it can be measured. */
    public function check(): string
    {
        return $this->figures->length(1e-3 * self::CHECK);
    }

    /** @return list<array{points: string, x: float, y: float, says: string}> one for each copy */
    public function objects(): array
    {
        $drawn = [];
        foreach ($this->plan->inclusions as $one) {
            $says = Words::say(
                'template.object',
                ['object' => $one->id, 'bottom' => $this->figures->length($this->layout?->bottomOf($one) ?? $one->targetBottom)],
            );
            foreach ($one->places as $n => [$x, $y]) {
                $drawn[] = [
                    'points' => $this->points($one->solid->footprint(), $x, $y),
                    'x'      => $this->x($x),
                    'y'      => round(-1e3 * $y, 3),
                    'says'   => $n === 0 ? $says : '',
                ];
            }
        }

        return $drawn;
    }

    /**
     * Edges of regions and frames of what is applied, pour by pour.
     *
     * @return list<array{path: string, x: float, y: float, says: string, turned: bool}>
     */
    public function coats(): array
    {
        $drawn = [];
        $words = new Words($this->figures->system);
        foreach ($this->layout->pours ?? [] as $k => $pour) {
            $middles = $pour->portions->parcels->middles();
            foreach (array_keys($pour->coat->zones) as $n) {
                $path = '';
                foreach ($pour->portions->parcels->edgesOf($n) as [$x, $y, $toX, $toY]) {
                    $path .= "M{$this->x($x)} " . round(-1e3 * $y, 2) . "L{$this->x($toX)} " . round(-1e3 * $toY, 2);
                }
                [$x, $y] = $middles[$n] ?? [0.0, 0.0];
                $drawn[] = [
                    'path'   => $path, 'x' => $this->x($x), 'y' => round(-1e3 * $y, 2),
                    'says'   => Words::say('template.region', ['pour' => $k + 1, 'region' => $words->inside($pour->coat->nameOf($n))]),
                    'turned' => false,
                ];
            }
            foreach ($pour->coat->applied as $one) {
                [$left, $top, $wide, $high] = [
                    $this->x($one->x) - 500.0 * $one->width, -1e3 * ($one->y + 0.5 * $one->height), 1e3 * $one->width,
                    1e3 * $one->height,
                ];
                // As it is laid in; on a template that is mirrored it reads the other way about.
                $drawn[] = [
                    'path'   => "M{$left} {$top}h{$wide}v{$high}h-{$wide}z", 'x' => $this->x($one->x),
                    'y'      => round(-1e3 * $one->y, 2), 'says' => $one->says === '' ? $words->inside($one->fact()) : $one->says,
                    'turned' => $one->isMirrored($this->plan->setup->viewed) !== $this->mirrored,
                ];
            }
        }

        return $drawn;
    }

    private function x(float $metres): float
    {
        return round(($this->mirrored ? -1e3 : 1e3) * $metres, 3);
    }
}
