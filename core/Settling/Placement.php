<?php

declare(strict_types=1);

namespace Pensilis\Settling;

use Pensilis\Material\Hold;
use Pensilis\Material\Inclusion;
use Pensilis\Resin\Thickening;

/**
 * When an object may be put into a pour so that it stays where it is put: from the moment at which it drifts no further than its tolerance
 * before the pour gels, until the resin no longer wets it. What it rests on, or a thread, keeps it from the start. What is wetted first and
 * pressed into the face of a thick coat can be so until that gels (common practice).
 *
 * Hours from the start of the pour, metres downward.
 */
final readonly class Placement
{
    /** Thicker than that it does not wet what is put in, Pa·s (memory). */
    public const WETS = 30.0;

    private function __construct(public float $opens, public float $closes, public float $drift) {}

    /**
     * @param float $below  what is liquid between the object and what the pour stands on, m; negative where it reaches into that
     * @param float $above  the same between the object and the face of the pour
     * @param float $liquid kg/m³
     * @param float $tube   what it moves in, m across
     */
    public static function of(
        Inclusion $object,
        float $below,
        float $above,
        float $liquid,
        Thickening $thickening,
        float $tube,
    ): self {
        $isPressedIn = $object->hold->isLate() && $above <= $object->tolerance;
        $closes = $isPressedIn ? $thickening->gel : $thickening->reaches(self::WETS);
        $density = $object->densityIn($liquid);
        $sinks = $density > $liquid;
        // What stands proud rises only until it floats.
        $rises = $object->hold->isLate() ? $above + $object->solid->height() - Buoyancy::of($object, $liquid)->liftDepth() : $above;
        $room = $below < 0.0 ? 0.0 : max(0.0, $sinks ? $below : $rises);
        if ($object->hold === Hold::Hang || (!$sinks && $object->hold->holdsDown()) || $room <= 0.0) {
            return new self(0.0, $closes, 0.0);
        }
        $drag = Drag::of($object->solid, $tube);
        $speed = fn(float $viscosity): float => 3600.0
            * $drag->speed($density, $liquid, $viscosity);
        [$later, $left, $fast] = [$thickening->gel, 0.0, 0.0];
        foreach (array_reverse($thickening->points) as [$hour, $viscosity]) {
            $here = $speed($viscosity);
            $further = $left + self::mean($here, $fast) * ($later - $hour);
            if (min($room, abs($further)) > $object->tolerance) {
                $share = self::share(abs($here), abs($fast), ($object->tolerance - abs($left)) / ($later - $hour));

                return new self($hour + $share * ($later - $hour), $closes, ($sinks ? 1.0 : -1.0) * $object->tolerance);
            }
            [$later, $left, $fast] = [$hour, $further, $here];
        }

        return new self(0.0, $closes, ($sinks ? 1.0 : -1.0) * min($room, abs($left)));
    }

    /** Whether it stays where it is put at any moment at which it is still wetted. */
    public function isPossible(): bool
    {
        return $this->opens <= $this->closes;
    }

    /**
     * How much of a step is over when as much is left of its way as is wanted, at a speed as below.
     *
     * @param float $wanted of the way, per length of the step
     */
    private static function share(float $before, float $after, float $wanted): float
    {
        $fall = $after > 0.0 ? log($before / $after) : 0.0;

        return abs($fall) < 1e-6
            ? 1.0 - min(1.0, $wanted / $before)
            : min(1.0, max(0.0, log($before / ($after + $wanted * $fall)) / $fall));
    }

    /** Of a speed that falls by equal parts in equal times, as what thickens makes it. */
    private static function mean(float $before, float $after): float
    {
        return $after === 0.0 || abs($before / $after - 1.0) < 1e-6 ? 0.5 * ($before + $after) : ($before - $after) / log($before / $after);
    }
}
