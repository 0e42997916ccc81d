<?php

declare(strict_types=1);

namespace Pensilis\Settling;

use Pensilis\Material\Inclusion;
use Pensilis\Numerics\Brent;

/**
 * Whether an object floats in a resin, and how deep a pour around it must be to lift it.
 *
 * Archimedes: it lifts when ρr · V(below the surface) > ρb · Ve. For a prism that is (ρb/ρr) × height.
 * Densities kg/m³, depths m above the layer it stands on.
 */
final readonly class Buoyancy
{
    private function __construct(private Inclusion $inclusion, private float $ratio) {}

    public static function of(Inclusion $inclusion, float $resinDensity): self
    {
        return new self($inclusion, $inclusion->densityIn($resinDensity) / $resinDensity);
    }

    public function floats(): bool
    {
        return $this->ratio < 1.0;
    }

    /** The depth of pour that lifts it; infinite for what sinks, and for what tack or a dab of resin holds down. */
    public function liftDepth(): float
    {
        if (!$this->floats() || $this->inclusion->hold->holdsDown()) {
            return INF;
        }
        $solid = $this->inclusion->solid;
        $needed = $this->ratio * $this->inclusion->envelope();

        return Brent::root(fn(float $z): float => $solid->volumeBelow($z) - $needed, 0.0, $solid->height(), 1e-9);
    }
}
