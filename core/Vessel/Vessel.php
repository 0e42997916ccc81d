<?php

declare(strict_types=1);

namespace Pensilis\Vessel;

use Pensilis\Exception\ImpossibleValue;
use Pensilis\Geometry\Section;
use Pensilis\Geometry\VesselShape;
use Pensilis\Numerics\Brent;

/**
 * What is poured into: an inside shape, the wall and floor around it, the board below, and the level to fill to.
 *
 * Invariant: 0 < fill ≤ height of the shape. Metres, cubic metres.
 */
final readonly class Vessel
{
    /** Levels and places closer than this are the same, m (memory). */
    public const SAME = 5e-5;

    private const CUTS = 32;

    private function __construct(
        public VesselShape $shape,
        public Sheet $wall,
        public ?Sheet $base,
        public float $fill,
    ) {}

    public static function of(VesselShape $shape, Sheet $wall, ?Sheet $base, ?float $fill = null): self
    {
        $fill ??= $shape->height();
        ImpossibleValue::unlessWithin('fill-level_mm', 1e3 * $fill, 1e-3, 1e3 * $shape->height() + 1e-6);

        return new self($shape, $wall, $base, min($fill, $shape->height()));
    }

    /** Volume between two levels, nothing inside. */
    public function volumeBetween(float $from, float $to): float
    {
        return $this->shape->volumeTo($to) - $this->shape->volumeTo($from);
    }

    /** The level cut of the greatest area that resin may reach. */
    public function widest(): Section
    {
        $widest = $this->shape->sectionAt($this->fill);
        for ($n = 0; $n < self::CUTS && !$this->shape->isUpright(); $n++) {
            $cut = $this->shape->sectionAt($this->fill * $n / self::CUTS);
            $widest = $cut->area() > $widest->area() ? $cut : $widest;
        }

        return $widest;
    }

    /** The level that a volume poured into the empty vessel reaches; the rim for more than it holds. */
    public function depthFor(float $volume): float
    {
        ImpossibleValue::unlessWithin('volume_ml', 1e6 * $volume, 0.0, INF);
        $height = $this->shape->height();
        if ($volume >= $this->shape->volumeTo($height)) {
            return $height;
        }

        return Brent::root(fn(float $z): float => $this->shape->volumeTo($z) - $volume, 0.0, $height, 1e-13);
    }
}
