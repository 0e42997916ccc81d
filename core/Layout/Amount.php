<?php

declare(strict_types=1);

namespace Pensilis\Layout;

use Pensilis\Numerics\Brent;
use Pensilis\Plan\Plan;

/** How far an amount of mix goes that is there: what is in the vessels displaces it, what drinks takes some. m³ in, metres and m² out. */
final readonly class Amount
{
    public function __construct(private Plan $plan) {}

    /** The level to which it fills every vessel that is poured alike; the rim for more than they hold. */
    public function level(float $volume): float
    {
        $rim = $this->plan->vessel->shape->height();
        $each = $volume / $this->plan->setup->pieces;

        return $each >= $this->net($rim) ? $rim : Brent::root(fn(float $level): float => $this->net($level) - $each, 0.0, $rim, 1e-9);
    }

    /** The area that it covers as a film of a thickness. */
    public static function area(float $volume, float $film): float
    {
        return $volume / $film;
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
