<?php

declare(strict_types=1);

namespace Pensilis\Layout;

use Pensilis\Numerics\Brent;
use Pensilis\Plan\Plan;

/**
 * How far an amount of mix goes that is there: what is in the vessels displaces it, what drinks takes some. What cups and sticks keep,
 * what is held back, and what makes up for shrinking as far as it finds room below the rim, are of it too. m³ in, metres and m² out.
 */
final readonly class Amount
{
    public function __construct(private Plan $plan) {}

    /** The level to which it fills every vessel that is poured alike; the rim for more than they hold. */
    public function level(float $volume): float
    {
        $rim = $this->plan->vessel->shape->height();
        $lost = 1e-3 * $this->plan->studio->lossGrams * max(1, count($this->plan->pours)) / $this->plan->resin()->density;
        $each = max(0.0, $volume - $lost) / $this->plan->setup->pieces;

        return $each >= $this->mixed($rim) ? $rim : Brent::root(fn(float $level): float => $this->mixed($level) - $each, 0.0, $rim, 1e-9);
    }

    /** How deep it stands in every vessel on what fills it to a level; up to the rim. */
    public function depthOn(float $bottom, float $volume): float
    {
        $rim = $this->plan->vessel->shape->height();
        $wanted = $this->net($bottom) + $volume / $this->plan->setup->pieces;

        return $wanted >= $this->net($rim) ? max(0.0, $rim - $bottom)
            : Brent::root(fn(float $level): float => $this->net($level) - $wanted, $bottom, $rim, 1e-9) - $bottom;
    }

    /** The area that it covers as a film of a thickness. */
    public static function area(float $volume, float $film): float
    {
        return $volume / $film;
    }

    /** What is mixed for one vessel to fill it to a level. */
    private function mixed(float $level): float
    {
        $vessel = $this->plan->vessel;
        [$net, $room] = [$this->net($level), $vessel->volumeBetween($level, $vessel->shape->height())];

        return $net * (1.0 + $this->plan->studio->held) + min($net * $this->plan->resin()->shrinks(), $room);
    }

    /** What one vessel takes up to a level. */
    private function net(float $level): float
    {
        $takes = $this->plan->vessel->volumeBetween(0.0, $level) + $this->plan->setup->reliefVolume($this->plan->vessel);
        foreach ($this->plan->inclusions as $one) {
            $takes -= $one->displaced(0.0, $level) - $one->drunk(0.0, $level);
        }

        return $level > 0.0 ? $takes : 0.0;
    }
}
