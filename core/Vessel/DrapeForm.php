<?php

declare(strict_types=1);

namespace Pensilis\Vessel;

/** What a sheet is draped over to become a bowl: a foot, and how wide and how deep it is at its rim. Metres. */
final readonly class DrapeForm
{
    public function __construct(public float $foot, public float $width, public float $depth) {}

    /** How far across the round sheet is that a vessel casts. */
    public static function cutFrom(Vessel $vessel): float
    {
        $rim = $vessel->shape->sectionAt($vessel->fill);

        return 2.0 * min($rim->halfX, $rim->halfY);
    }

    /** The round sheet that reaches from rim to rim: across the foot and up the straight wall on either side. */
    public function sheet(): float
    {
        return $this->foot + 2.0 * hypot($this->overhang(), $this->depth);
    }

    /** How deep the bowl becomes of a sheet of so much across, at most as deep as the form. */
    public function depthOf(float $sheet): float
    {
        $wall = hypot($this->overhang(), $this->depth);

        return $wall <= 0.0 ? 0.0 : $this->depth * max(0.0, min(1.0, 0.5 * ($sheet - $this->foot) / $wall));
    }

    private function overhang(): float
    {
        return 0.5 * ($this->width - $this->foot);
    }
}
