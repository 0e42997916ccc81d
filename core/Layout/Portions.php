<?php

declare(strict_types=1);

namespace Pensilis\Layout;

use Pensilis\Geometry\Region\Parcels;
use Pensilis\Plan\Coat;

/**
 * How one pour is shared out among the regions of its coat: those that are given a share of the volume have it, the others share the
 * rest as their areas are, less what lies in them. The sum is the pour.
 */
final readonly class Portions
{
    /**
     * @param list<Portion> $all    the ground first, where it has any area or share
     * @param float         $filled share of the room between both levels that is mix
     */
    private function __construct(public array $all, public Parcels $parcels, private float $filled) {}

    /**
     * @param float                            $gross  m³ between both levels
     * @param list<array{float, float, float}> $solids x, y, and m³ that what lies there takes away
     */
    public static function of(Coat $coat, Parcels $parcels, float $gross, array $solids): self
    {
        $areas = $parcels->shares();
        $natural = array_map(fn(float $share): float => $share * $gross, $areas);
        foreach ($solids as [$x, $y, $volume]) {
            $natural[$parcels->at($x, $y)] -= $volume;
        }
        $natural = array_map(fn(float $volume): float => max(0.0, $volume), $natural);
        $net = max(0.0, $gross - array_sum(array_column($solids, 2)));
        if ($coat->isPartial) {
            unset($natural[-1]);
            $net = min($net, array_sum($natural));
        }
        [$given, $free] = [0.0, 0.0];
        foreach ($natural as $index => $volume) {
            $share = $index < 0 ? null : $coat->zones[$index]->share;
            $given += $share ?? 0.0;
            $free += $share === null ? $volume : 0.0;
        }
        // Regions that leave no ground between them share all of it, whatever was given.
        $whole = $free > 0.0 || $given <= 0.0 ? 1.0 : $given;
        $portions = [];
        foreach ($natural as $index => $volume) {
            $own = $index < 0 ? null : $coat->zones[$index]->share;
            $share = $own !== null ? $own / $whole : ($free > 0.0 ? (1.0 - $given) * $volume / $free : 0.0);
            if ($share > 0.0 || $index >= 0) {
                $portions[] = new Portion(
                    $index,
                    $coat->nameOf($index),
                    $coat->recipe($index),
                    $areas[$index],
                    $net > 0.0 ? $volume / $net : 0.0,
                    $share,
                    $share * $net,
                );
            }
        }

        return new self($portions, $parcels, $gross > 0.0 ? $net / $gross : 0.0);
    }

    /** The share of the plan that a region covers once all is level: what lies in it stays in it. */
    public function levelled(Portion $portion): float
    {
        return $portion->area + ($portion->share - $portion->takes) * $this->filled;
    }

    /** Share of the plan that is coated. */
    public function covered(): float
    {
        return array_sum(array_map(fn(Portion $one): float => $one->area, $this->all));
    }

    /** Plain mix that all of them take, m³. */
    public function plain(float $mixDensity): float
    {
        return array_sum(array_map(fn(Portion $one): float => $one->plain($mixDensity), $this->all));
    }
}
