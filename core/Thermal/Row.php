<?php

declare(strict_types=1);

namespace Pensilis\Thermal;

use Pensilis\Material\Stuff;
use Pensilis\Numerics\Linear;

/**
 * One layer of cells: of each ring, what lies inside the vessel and what around it, and the faces to its neighbours and to the air.
 *
 * Upright walls stand between two rings. Others cut through cells: then each holds its true volumes, and the slanted face its true area.
 * Metres, m², m³.
 */
final readonly class Row
{
    /** Slices by which a row is cut. */
    private const SLICES = 16;

    /** Of a slice: as near to the end of a row as its radius is asked for. */
    private const INSIDE = 1e-4;

    /**
     * @param list<float> $inside m³ of each ring inside the vessel
     * @param list<float> $around m³ of wall, floor or board
     * @param list<float> $foot   m² at its bottom
     * @param list<float> $head   m² at its top
     * @param list<float> $gates  m² towards the next ring
     * @param list<float> $skin   m² towards the air at the side
     * @param list<float> $slope  m² towards the air above or below, of a face that is nearer level than upright
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
        public array $gates,
        public array $skin,
        public array $slope,
        private bool $isCut,
        private ?Taken $taken = null,
    ) {}

    /** What fills the inner rings of a mesh, and the wall in the others. */
    public static function upright(RadialMesh $mesh, float $height, Stuff $inner, ?Stuff $outer = null, ?int $pour = null): self
    {
        [$inside, $around, $areas, $gates, $skin] = [[], [], [], [], []];
        for ($i = 0; $i < $mesh->rings(); $i++) {
            $areas[] = $area = $mesh->area($i);
            $inside[] = $i < $mesh->resinRings ? $area * $height : 0.0;
            $around[] = $i < $mesh->resinRings ? 0.0 : $area * $height;
            $isLast = $i + 1 === $mesh->rings();
            $gates[] = $isLast ? 0.0 : $mesh->side($i) * $height;
            $skin[] = $isLast && $mesh->open ? $mesh->side($i) * $height : 0.0;
        }
        $slope = array_fill(0, $mesh->rings(), 0.0);

        return new self($height, $inner, $outer ?? $inner, $pour, $inside, $around, $areas, $areas, $gates, $skin, $slope, false);
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
        $end = $mesh->faces[$mesh->rings()];
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
                [$near, $far] = [$mesh->faces[$i], $mesh->faces[$i + 1]];
                $full = self::held($mesh, $i, $out);
                $held = self::held($mesh, $i, $within);
                $inside[$i] += $held * $slice;
                $around[$i] += max(0.0, $full - $held) * $slice;
                $gates[$i] += $out > $far ? $mesh->side($i) * $slice : 0.0;
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
            array_values($gates),
            array_values($skin),
            array_values($slope),
            true,
        );
    }

    /** The same with what objects take of it. */
    public function around(?Taken $taken): self
    {
        return new self(
            $this->height,
            $this->inner,
            $this->outer,
            $this->pour,
            $this->inside,
            $this->around,
            $this->foot,
            $this->head,
            $this->gates,
            $this->skin,
            $this->slope,
            $this->isCut,
            $taken,
        );
    }

    /** The same and the row above it as one. */
    public function with(self $upper): self
    {
        return new self(
            $this->height + $upper->height,
            $this->inner->beside($upper->inner, $upper->height / ($this->height + $upper->height)),
            $this->outer,
            $this->pour,
            Linear::plus($this->inside, $upper->inside),
            Linear::plus($this->around, $upper->around),
            $this->foot,
            $upper->head,
            Linear::plus($this->gates, $upper->gates),
            Linear::plus($this->skin, $upper->skin),
            Linear::plus($this->slope, $upper->slope),
            $this->isCut,
            $this->taken?->with($upper->taken) ?? $upper->taken,
        );
    }

    /** m³ of resin in a ring */
    public function resin(int $ring): float
    {
        return $this->inside[$ring] - ($this->taken->volumes[$ring] ?? 0.0);
    }

    /** J/K of a ring */
    public function capacity(int $ring): float
    {
        return $this->inside[$ring] * $this->fills($ring)->volumetric() + $this->around[$ring] * $this->outer->volumetric();
    }

    /** W/(m·K) of a ring, of what it holds by volume */
    public function conductivity(int $ring): float
    {
        $whole = $this->holds($ring);

        return $whole > 0.0
            ? ($this->inside[$ring] * $this->fills($ring)->conductivity + $this->around[$ring] * $this->outer->conductivity) / $whole
            : $this->outer->conductivity;
    }

    /** Half of what a ring is high where it holds anything, m */
    public function halfHeight(int $ring): float
    {
        $face = max($this->foot[$ring], $this->head[$ring]);

        return $this->isCut && $face > 0.0 ? min(0.5 * $this->height, 0.5 * $this->holds($ring) / $face) : 0.5 * $this->height;
    }

    /** Half of what a ring is wide where it holds anything, m */
    public function halfWidth(RadialMesh $mesh, int $ring): float
    {
        $half = 0.5 * $mesh->width($ring);
        if (!$this->isCut) {
            return $half;
        }
        $open = max(
            $this->gates[$ring] / $mesh->side($ring),
            $ring > 0 ? $this->gates[$ring - 1] / $mesh->side($ring - 1) : 0.0,
        );
        $full = $this->holds($ring) / $mesh->area($ring);

        return $open > $full ? $half * $full / $open : $half;
    }

    /** What a ring holds inside the vessel: resin, and objects in it. */
    private function fills(int $ring): Stuff
    {
        $bodies = $this->taken?->stuffs[$ring];

        return $bodies === null ? $this->inner : $this->inner->around($bodies, $this->taken->volumes[$ring] / $this->inside[$ring]);
    }

    /** m³ of all that is in a ring */
    private function holds(int $ring): float
    {
        return $this->inside[$ring] + $this->around[$ring];
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
        return $mesh->within(min($mesh->faces[$ring + 1], $distance)) - $mesh->within(min($mesh->faces[$ring], $distance));
    }
}
