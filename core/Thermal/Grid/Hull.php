<?php

declare(strict_types=1);

namespace Pensilis\Thermal\Grid;

use Closure;

use function max;
use function min;
use function sqrt;

/**
 * A vessel as a round mesh sees it: its radius at every height, and that of the wall around it, which is everywhere as thick as it is
 * said to be, square to the inside. The floor of a vessel that has one is flat, with the wall's overhang. Metres, z = 0 at the floor.
 */
final readonly class Hull
{
    /** Heights on either side at which the wall is tried. */
    private const TRIES = 8;

    /**
     * @param Closure(float): float $radius of the inside
     * @param float                 $foot   of the floor
     */
    private function __construct(private Closure $radius, private float $height, private float $wall, private float $foot) {}

    /**
     * @param callable(float): float $radius at a height
     * @param float                  $wall   thickness; 0 for none
     */
    public static function of(callable $radius, float $height, float $wall): self
    {
        return new self($radius(...), $height, $wall, $radius(0.0));
    }

    public function inner(float $z): float
    {
        return $z < 0.0 ? 0.0 : ($this->radius)(min($z, $this->height));
    }

    /** With the wall; above the rim and below the floor as far as that reaches. */
    public function outer(float $z): float
    {
        $widest = $z < 0.0 && $this->foot > 0.0 ? $this->foot + $this->wall : 0.0;
        for ($n = -self::TRIES; $n <= self::TRIES; $n++) {
            $at = $z + $this->wall * $n / self::TRIES;
            if ($at >= 0.0 && $at <= $this->height) {
                $widest = max($widest, ($this->radius)($at) + $this->wall * sqrt(1.0 - ($n / self::TRIES) ** 2));
            }
        }

        return $widest;
    }
}
