<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Grid;

use function array_keys;
use function array_map;
use function max;
use function min;

use Pensilis\Material\Stuff;
use Pensilis\Numerics\Linear;
use Pensilis\Value\Copied;

/**
 * One layer of cells: of each, what lies inside the vessel and what around it, and the faces to its neighbours and to the air.
 *
 * Upright walls stand between two rings. Others cut through cells: then each holds its true volumes, and the slanted face its true area.
 * Metres, m², m³.
 */
final readonly class Row
{
    use Copied;

    /** Slices by which a row is cut. */
    private const SLICES = 16;

    /** Of a slice: as near to the end of a row as its radius is asked for. */
    private const INSIDE = 1e-4;

    /**
     * @param list<float> $inside m³ of each cell inside the vessel
     * @param list<float> $around m³ of wall, floor or board
     * @param list<float> $foot   m² at its bottom
     * @param list<float> $head   m² at its top
     * @param list<float> $slope  m² towards the air above or below, of a face that is nearer level than upright
     * @param list<Side>  $sides  its upright faces, by direction
     */
    private function __construct(
        public float $height,
        public Stuff $inner,
        public Stuff $outer,
        public ?int $pour,
        public array $inside,
        public array $around,
        public array $foot,
        public array $head,
        public array $slope,
        public array $sides,
        private bool $isCut,
        private ?Taken $taken = null,
    ) {}

    /** What fills the cells of a mesh that are resin, and the wall in the others. */
    public static function upright(Mesh $mesh, float $height, Stuff $inner, ?Stuff $outer = null, ?int $pour = null): self
    {
        [$inside, $around, $areas, $sides] = [[], [], [], []];
        for ($i = 0; $i < $mesh->cells(); $i++) {
            $areas[] = $area = $mesh->area($i);
            $isResin = $mesh->ring($i) < $mesh->resinRings();
            $inside[] = $isResin ? $area * $height : 0.0;
            $around[] = $isResin ? 0.0 : $area * $height;
        }
        foreach (array_keys($mesh->strides()) as $d) {
            $sides[] = Side::upright($mesh, $d, $height);
        }
        $slope = array_fill(0, $mesh->cells(), 0.0);

        return new self($height, $inner, $outer ?? $inner, $pour, $inside, $around, $areas, $areas, $slope, $sides, false);
    }

    /** What is between two heights, cut by a hull where there is one. */
    public static function between(
        Mesh $mesh,
        ?Hull $hull,
        float $from,
        float $to,
        Stuff $inner,
        Stuff $outer,
        ?int $pour = null,
    ): self {
        return $hull !== null && $mesh instanceof RadialMesh
            ? self::cut($mesh, $hull, $from, $to, $inner, $outer, $pour)
            : self::upright($mesh, $to - $from, $inner, $outer, $pour);
    }

    /** What a hull holds, and its wall, between two heights. */
    public static function cut(
        RadialMesh $mesh,
        Hull $hull,
        float $from,
        float $to,
        Stuff $inner,
        Stuff $outer,
        ?int $pour = null,
    ): self {
        $inside = $around = $gates = $skin = $slope = array_fill(0, $mesh->rings(), 0.0);
        $slice = ($to - $from) / self::SLICES;
        $end = $mesh->face($mesh->rings());
        // Just inside of both ends, where a step may begin.
        [$bottom, $top] = [$from + self::INSIDE * $slice, $to - self::INSIDE * $slice];
        $rims = array_map(
            fn(int $k): float => min($end, $hull->outer(min(max($from + $k * $slice, $bottom), $top))),
            range(0, self::SLICES),
        );
        for ($k = 0; $k < self::SLICES; $k++) {
            $z = $from + ($k + 0.5) * $slice;
            [$within, $out, $below, $above] = [$hull->inner($z), min($end, $hull->outer($z)), $rims[$k], $rims[$k + 1]];
            [$least, $most] = [min($below, $above), max($below, $above)];
            $slant = hypot($most - $least, $slice);
            // By the direction in which it looks, so that each sweep carries what leaves along it.
            $level = (($most - $least) / $slant) ** 2;
            for ($i = 0; $i < $mesh->rings(); $i++) {
                [$near, $far] = [$mesh->face($i), $mesh->face($i + 1)];
                $full = self::held($mesh, $i, $out);
                $held = self::held($mesh, $i, $within);
                $inside[$i] += $held * $slice;
                $around[$i] += max(0.0, $full - $held) * $slice;
                $gates[$i] += $out > $far ? $mesh->side($i, 0) * $slice : 0.0;
                $isHere = $near < $out && ($out <= $far || $i + 1 === $mesh->rings());
                [$a, $b] = [max($least, $near), min($most, $far)];
                $face = match (true) {
                    $most - $least < 1e-9 => $isHere ? $mesh->around($out) * $slice : 0.0,
                    $b > $a               => ($mesh->within($b) - $mesh->within($a)) / ($most - $least) * $slant,
                    default               => 0.0,
                };
                $skin[$i] += (1.0 - $level) * $face;
                $slope[$i] += $level * $face;
            }
        }

        return new self(
            $to - $from,
            $inner,
            $outer,
            $pour,
            array_values($inside),
            array_values($around),
            self::level($mesh, $rims[0]),
            self::level($mesh, $rims[self::SLICES]),
            array_values($slope),
            [new Side(array_values($gates), array_values($skin))],
            true,
        );
    }

    /** The same with what objects take of it. */
    public function around(?Taken $taken): self
    {
        return $this->but(taken: $taken);
    }

    /** The same and the row above it as one. */
    public function with(self $upper): self
    {
        return $this->but(
            height: $this->height + $upper->height,
            inner: $this->inner->beside($upper->inner, $upper->height / ($this->height + $upper->height)),
            inside: Linear::plus($this->inside, $upper->inside),
            around: Linear::plus($this->around, $upper->around),
            head: $upper->head,
            slope: Linear::plus($this->slope, $upper->slope),
            sides: array_map(fn(Side $side, Side $above): Side => $side->with($above), $this->sides, $upper->sides),
            taken: $this->taken?->with($upper->taken) ?? $upper->taken,
        );
    }

    /** m³ of resin in a cell */
    public function resin(int $cell): float
    {
        return $this->inside[$cell] - ($this->taken->volumes[$cell] ?? 0.0);
    }

    /** J/K of a cell */
    public function capacity(int $cell): float
    {
        return $this->inside[$cell] * $this->fills($cell)->volumetric() + $this->around[$cell] * $this->outer->volumetric();
    }

    /** W/(m·K) of a cell, of what it holds by volume */
    public function conductivity(int $cell): float
    {
        $whole = $this->holds($cell);

        return $whole > 0.0
            ? ($this->inside[$cell] * $this->fills($cell)->conductivity + $this->around[$cell] * $this->outer->conductivity) / $whole
            : $this->outer->conductivity;
    }

    /** Half of what a cell is high where it holds anything, m */
    public function halfHeight(int $cell): float
    {
        $face = max($this->foot[$cell], $this->head[$cell]);

        return $this->isCut && $face > 0.0 ? min(0.5 * $this->height, 0.5 * $this->holds($cell) / $face) : 0.5 * $this->height;
    }

    /** Half of what a cell is wide where it holds anything, m */
    public function halfWidth(Mesh $mesh, int $cell, int $direction): float
    {
        $half = 0.5 * $mesh->width($cell, $direction);
        if (!$this->isCut) {
            return $half;
        }
        $open = max(
            $this->sides[0]->gates[$cell] / $mesh->side($cell, 0),
            $cell > 0 ? $this->sides[0]->gates[$cell - 1] / $mesh->side($cell - 1, 0) : 0.0,
        );
        $full = $this->holds($cell) / $mesh->area($cell);

        return $open > $full ? $half * $full / $open : $half;
    }

    /** What a cell holds inside the vessel: resin, and objects in it. */
    private function fills(int $cell): Stuff
    {
        $bodies = $this->taken?->stuffs[$cell];

        return $bodies === null ? $this->inner : $this->inner->around($bodies, $this->taken->volumes[$cell] / $this->inside[$cell]);
    }

    /** m³ of all that is in a cell */
    private function holds(int $cell): float
    {
        return $this->inside[$cell] + $this->around[$cell];
    }

    /** @return list<float> m² of each ring within a radius */
    private static function level(RadialMesh $mesh, float $radius): array
    {
        $areas = [];
        for ($i = 0; $i < $mesh->rings(); $i++) {
            $areas[] = self::held($mesh, $i, $radius);
        }

        return $areas;
    }

    /** m² of a ring that lie within a distance */
    private static function held(RadialMesh $mesh, int $ring, float $distance): float
    {
        return $mesh->within(min($mesh->face($ring + 1), $distance)) - $mesh->within(min($mesh->face($ring), $distance));
    }
}
