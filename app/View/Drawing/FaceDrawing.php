<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\Words\Figures;
use App\Words\Words;
use Pensilis\Geometry\Section;
use Pensilis\Layout\Appearance;
use Pensilis\Layout\LaidPour;
use Pensilis\Layout\Layout;
use Pensilis\Plan\Plan;

/** What will be seen, looking straight at a face: colours of coats, objects through them, what is applied between them. */
final readonly class FaceDrawing
{
    private const TURNS = 32;

    private Appearance $appearance;

    public Section $rim;

    public function __construct(private Plan $plan, private Layout $layout, private PlanDrawing $frame, public bool $fromFloor)
    {
        $this->appearance = Appearance::of($plan, $layout, $fromFloor);
        $this->rim = $plan->vessel->shape->sectionAt($fromFloor ? 0.0 : $layout->level());
    }

    /** @return array<string, string> SVG path data by colour */
    public function paths(): array
    {
        $half = $this->rim->support(0.0, 1.0)[1];

        return Mosaic::paths(function (float $y): array {
            $row = [];
            foreach ($this->appearance->row($y) as [$from, $to, $shade]) {
                $row[] = [$from, $to, $shade->toHex()];
            }

            return $row;
        }, $half, 1e3 * $this->frame->scale, $this->fromFloor, $this->turns());
    }

    /** SVG points of the face, or of an object in it. */
    public function points(Section $section, float $x = 0.0, float $y = 0.0): string
    {
        return implode(
            ' ',
            array_map(fn(array $p): string => $this->across($x + $p[0]) . ',' . -$this->frame->units($y + $p[1]), $section->outer()),
        );
    }

    /** @return list<array{points: string, name: string, shows: float}> with the share of its contrast that is left */
    public function objects(): array
    {
        $drawn = [];
        foreach ($this->plan->inclusions as $object) {
            foreach ($object->places() as [$x, $y]) {
                $drawn[] = [
                    'points' => $this->points($object->solid->footprint(), $x, $y), 'name' => $object->name(),
                    'shows'  => $this->appearance->showsOf($object),
                ];
            }
        }

        return $drawn;
    }

    /** @return list<array{x: float, y: float, size: float, says: string, shows: float, backward: bool}> lettering as it will read */
    public function lettering(): array
    {
        $drawn = [];
        foreach ($this->layout->pours as $k => $pour) {
            foreach ($pour->coat->applied as $one) {
                if ($one->says !== '') {
                    $drawn[] = [
                        'x'     => $this->across($one->x), 'y' => -$this->frame->units($one->y),
                        'size'  => max(6.0, $this->frame->units($one->height)), 'says' => $one->says,
                        'shows' => $this->appearance->before($one->x, $one->y, $pour->top)->showThrough(),
                        // Laid to read from the floor, it reads backward from the open side, and the other way about.
                        'backward' => $one->application->reads() && $one->isMirrored($this->plan->setup->viewed) !== $this->fromFloor,
                    ];
                }
            }
        }

        return $drawn;
    }

    /** @return list<string> how deep the objects look, those alike told together */
    public function depths(Figures $figures): array
    {
        $alike = [];
        foreach ($this->plan->inclusions as $object) {
            $deep = $this->appearance->apparentDepth($object);
            $said = [
                'deep'  => $figures->length($deep * $this->plan->resin()->refraction),
                'looks' => $figures->length($deep),
                'left'  => $figures->percent($this->appearance->showsOf($object)),
            ];
            $alike[implode(' ', $said)][] = $said + ['object' => $object->name()];
        }

        return array_values(array_map(function (array $some): string {
            $more = count($some) - 1;
            $names = $more === 0 ? [] : ['object' => Words::say('piece.drawings.more', ['object' => $some[0]['object'], 'more' => $more])];

            return Words::say('piece.drawings.depth', $names + $some[0]);
        }, $alike));
    }

    private function across(float $metres): float
    {
        return ($this->fromFloor ? -1.0 : 1.0) * $this->frame->units($metres);
    }

    /** @return list<float> heights at which objects and the regions in front begin and end; no more than are seen */
    private function turns(): array
    {
        $turns = [];
        foreach ($this->plan->inclusions as $object) {
            [$top, $bottom] = [$object->solid->footprint()->support(0.0, 1.0)[1], $object->solid->footprint()->support(0.0, -1.0)[1]];
            foreach ($object->places() as [, $y]) {
                array_push($turns, $y + $top, $y + $bottom);
            }
        }

        $pours = $this->fromFloor ? $this->layout->pours : array_reverse($this->layout->pours);

        return array_slice(
            array_merge($turns, ...array_map(fn(LaidPour $pour): array => $pour->portions->parcels->turns(), $pours)),
            0,
            self::TURNS,
        );
    }
}
