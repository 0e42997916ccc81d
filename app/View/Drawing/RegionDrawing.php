<?php

declare(strict_types=1);

namespace App\View\Drawing;

use App\Words\Words;
use Pensilis\Geometry\Region\Blot;
use Pensilis\Geometry\Region\Patch;
use Pensilis\Geometry\Region\Ring;
use Pensilis\Layout\LaidPour;
use Pensilis\Quantity\UnitSystem;

/** The regions of one coat in the plan: what each covers in the colour of its cup, its edges, its name, and where it is taken hold of. */
final readonly class RegionDrawing
{
    public RegionGrips $grips;

    /** @var list<array{float, float, float, float}> edges of the regions, cut off at the wall */
    public array $edges;

    /** @param list<array<array-key, mixed>> $zones the regions as the plan file has them */
    public function __construct(
        public int $pour,
        private LaidPour $coat,
        private PlanDrawing $frame,
        array $zones,
        private UnitSystem $system,
    ) {
        $this->grips = new RegionGrips($zones, $frame->rim, $this->placed(...), $frame->scale);
        $this->edges = $this->edges();
    }

    /** @return array<int, array{string, string}> colour and SVG path data, by region; −1 is the ground */
    public function areas(): array
    {
        $parcels = $this->coat->portions->parcels;
        $paths = Mosaic::paths(
            fn(float $y): array => array_map(fn(array $span): array => [$span[0], $span[1], (string) $span[2]], $parcels->across($y)),
            $parcels->section->support(0.0, 1.0)[1],
            1e3 * $this->frame->scale,
            $this->frame->gaze->turned,
            $parcels->turns(),
        );
        $areas = [];
        foreach ($this->coat->portions->all as $portion) {
            $path = $paths[(string) $portion->index] ?? '';
            $areas += $path === '' ? [] : [$portion->index => [$portion->recipe->swatch()->toHex(), $path]];
        }

        return $areas;
    }

    /** @return list<array{x: float, y: float, halfX: float, halfY: float, name: string}> where the names of the regions stand */
    public function named(): array
    {
        $named = [];
        foreach ($this->coat->portions->parcels->middles() as $index => $middle) {
            [$x, $y] = $this->placed(...$middle);
            $room = $index < 0
                ? ['halfX' => 0.0, 'halfY' => 0.0]
                : self::room($this->coat->coat->zones[$index]->patch, 1e3 * $this->frame->scale);
            $named[] = ['x' => $x, 'y' => $y, 'name' => $this->nameOf($index)] + $room;
        }

        return $named;
    }

    /**
     * Half of what a region that lies by itself takes; nothing of one that runs from wall to wall, whose name may stand anywhere in it.
     *
     * @param float $scale units for a metre
     *
     * @return array{halfX: float, halfY: float}
     */
    public static function room(Patch $patch, float $scale): array
    {
        $edge = $patch instanceof Ring || $patch instanceof Blot ? $patch->edges()[0] ?? [] : [];
        $half = function (int $axis) use ($edge, $scale): float {
            $all = array_column($edge, $axis);

            return $all === [] ? 0.0 : 0.5 * $scale * (max($all) - min($all));
        };

        return ['halfX' => $half(0), 'halfY' => $half(1)];
    }

    /** What a region is called; nothing for the ground. */
    public function nameOf(int $index): string
    {
        return $index < 0 ? '' : (new Words($this->system))->inside($this->coat->coat->nameOf($index));
    }

    /** @return list<array{float, float, float, float}> */
    private function edges(): array
    {
        $edges = [];
        foreach (array_keys($this->coat->coat->zones) as $index) {
            foreach ($this->coat->portions->parcels->edgesOf($index) as [$x, $y, $toX, $toY]) {
                $edges[] = [...$this->placed($x, $y), ...$this->placed($toX, $toY)];
            }
        }

        return $edges;
    }

    /** @return array{float, float} drawing units of a place in plan, m */
    private function placed(float $x, float $y): array
    {
        return [$this->frame->right($x), -$this->frame->units($y)];
    }
}
